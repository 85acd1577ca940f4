import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { PlinthFile, Within } from "../../api/types";
import { NameOf } from "../../common/NameOf";
import { NumberField } from "../../common/NumberField";
import { capital } from "../../common/words";
import { useBuildSession, useFile } from "../useSession";
import { FormationPlaces } from "./FormationPlaces";
import { VARIED, type Variant } from "./variantFile";

/** How many bases of it there are, what is other on them, and where they stand in rank and file. */
export function VariantFields({ within }: { within: Within }) {
  const file = useFile();
  const session = useBuildSession();
  const at = within.pointer;
  const variant = file.variants?.find((one) => one.id === within.id);
  if (!variant) return null;
  const others = (file.variants ?? []).reduce((sum, one) => sum + (one.id === variant.id ? 0 : one.count), 0);
  const most = (file.copies ?? 1) - others;
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", mt: 0.75 }}>
      <NameOf
        name={variant.name ?? variant.id}
        onChange={(value) => session.edit("Rename a variant", [{ op: "add", path: `${at}/name`, value }])}
      />
      <NumberField
        label="Bases"
        min={1}
        whole
        step={1}
        width={92}
        value={variant.count}
        onChange={(value) => session.edit("How many differ", [{ op: "add", path: `${at}/count`, value: Math.min(value, most) }])}
      />
      <FormationPlaces variant={variant} pointer={at} />
      <Typography variant="body2" sx={{ flex: 1, minWidth: 180 }}>
        {other(file, variant)}
      </Typography>
      <Button
        size="small"
        color="error"
        onClick={() => {
          session.enter(null);
          session.edit("Let them be as the others", [{ op: "remove", path: at }]);
        }}
      >
        As the others again
      </Button>
    </Box>
  );
}

/** What is other on it, in words. */
function other(file: PlinthFile, variant: Variant): string {
  const parts = VARIED.flatMap((list) => (file[list] ?? []) as { id?: string; name?: string }[]);
  const name = (id: string) => (parts.find((part) => part.id === id)?.name ?? id).replaceAll("_", " ");
  const told = [
    ...Object.keys(variant.changed ?? {}).map((id) => `${name(id)} is other`),
    ...(variant.without ?? []).map((id) => `no ${name(id)}`),
    ...Object.values(variant.with ?? {}).flatMap((list) =>
      (list as { id: string; name?: string }[]).map((part) => `with ${part.name ?? part.id}`),
    ),
  ];
  return told.length
    ? `${capital(told.join(", "))}.`
    : "As the others until something is changed here: whatever you move, add or take out is other on these alone.";
}
