import Chip from "@mui/material/Chip";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { materialOf } from "../../common/catalogue";
import { MaterialField } from "../../common/MaterialField";
import { plain } from "../../common/words";
import type { FieldProps } from "./fieldEdit";

/** Materials one after another, first to last. */
export function MaterialsField({ field, catalogue, own, put, clear }: FieldProps) {
  const held = (own as string[] | undefined) ?? [];
  const without = (index: number) => {
    const next = held.filter((_, at) => at !== index);
    if (next.length) put(next);
    else clear();
  };
  return (
    <Stack direction="row" role="group" aria-label={field.name} sx={{ gap: 0.5, flexWrap: "wrap", alignItems: "center" }}>
      {held.length > 0 && (
        <Typography variant="body2" color="text.secondary">
          {field.name}
        </Typography>
      )}
      {held.map((key, index) => (
        <Chip
          // biome-ignore lint/suspicious/noArrayIndexKey: the same coat can come twice
          key={`${key}-${index}`}
          label={`${index + 1}. ${materialOf(catalogue, key)?.name ?? plain(key)}`}
          onDelete={() => without(index)}
        />
      ))}
      <MaterialField
        key={held.length}
        label={held.length ? "and then" : field.name}
        trait={field.trait as string}
        value={null}
        onChange={(key) => put([...held, key])}
      />
    </Stack>
  );
}
