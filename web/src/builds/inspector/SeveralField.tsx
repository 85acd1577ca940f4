import Chip from "@mui/material/Chip";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { choices } from "../../common/catalogue";
import type { FieldProps } from "./fieldEdit";

/** Any number of a few: each is on or off. */
export function SeveralField({ field, catalogue, own, put, clear }: FieldProps) {
  const held = (own as string[] | undefined) ?? [];
  function toggle(key: string) {
    const next = held.includes(key) ? held.filter((one) => one !== key) : [...held, key];
    if (next.length) put(next);
    else clear();
  }
  return (
    <Stack direction="row" role="group" aria-label={field.name} sx={{ gap: 0.5, flexWrap: "wrap", alignItems: "center" }}>
      <Typography variant="body2" color="text.secondary">
        {field.name}
      </Typography>
      {choices(catalogue, field.kinds as string).map(([key, name]) => (
        <Chip
          key={key}
          label={name}
          clickable
          color={held.includes(key) ? "primary" : undefined}
          variant={held.includes(key) ? "filled" : "outlined"}
          aria-pressed={held.includes(key)}
          onClick={() => toggle(key)}
        />
      ))}
    </Stack>
  );
}
