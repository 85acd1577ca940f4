import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { nameOf } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";
import { FieldRows } from "./FieldRows";
import type { FieldProps } from "./fieldEdit";
import { named, type Part } from "./partFields";

/** A list within a part, an entry a row, drawn by a record of its own. */
export function ListField({ field, pointer, catalogue, own, put, clear }: FieldProps) {
  const session = useBuildSession();
  const file = useFile();
  const record = catalogue.parts.find((part) => part.key === field.rows);
  if (!record) return null;
  const entries = (own as Part[] | undefined) ?? [];
  const at = `${pointer}/${field.at ?? field.key}`;
  const name = nameOf(file, pointer);
  const drop = (index: number) =>
    entries.length === 1 ? clear() : session.edit(`Take a ${record.one} out of ${name}`, [{ op: "remove", path: `${at}/${index}` }]);
  return (
    <Box role="group" aria-label={field.name}>
      {entries.length > 0 && <Typography sx={{ fontWeight: 600 }}>{field.name}</Typography>}
      {entries.map((entry, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: entries are told by their place
        <Stack key={index} direction="row" sx={{ gap: 1, flexWrap: "wrap", alignItems: "flex-start", mt: 0.75 }}>
          <FieldRows fields={named(catalogue, record.fields)} part={entry} pointer={`${at}/${index}`} called={name} />
          <Button size="small" color="error" onClick={() => drop(index)} aria-label={`Take ${record.one} ${index + 1} out`}>
            Take out
          </Button>
        </Stack>
      ))}
      <Button size="small" onClick={() => put([...entries, record.start ?? {}], `Add a ${record.one} to`)}>
        {entries.length ? `Another ${record.one}` : `${field.name}: none said`}
      </Button>
    </Box>
  );
}
