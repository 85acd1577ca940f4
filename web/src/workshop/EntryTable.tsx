import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Field } from "../api/types";
import { NumberField } from "../common/NumberField";
import { plain } from "../common/words";

interface Props {
  field: Field;
  value: unknown;
  problem: string | undefined;
  onChange: (value: unknown) => void;
}

type Row = (number | undefined)[];

/** Numbers in rows by name: {impress: [0, 40]}, or by what they are and then by name: {by_mass: {powder: 2}, density: {powder: 0.7}}. */
function rowsOf({ ends = [], of_ends }: Field, value: unknown): Map<string, Row> {
  if (!of_ends) return new Map(Object.entries((value as Record<string, number[]> | undefined) ?? {}));
  const members = ends.map((end) => (value as Record<string, Record<string, number>> | undefined)?.[end] ?? {});
  const names = [...new Set(members.flatMap((member) => Object.keys(member)))];
  return new Map(names.map((name) => [name, members.map((member) => member[name])]));
}

function written({ ends = [], of_ends }: Field, rows: Map<string, Row>): unknown {
  if (!rows.size) return undefined;
  if (!of_ends) return Object.fromEntries([...rows].map(([name, row]) => [name, ends.map((_, i) => row[i] ?? 0)]));
  const members = ends.map((end, i) => [
    end,
    Object.fromEntries([...rows].filter(([, row]) => row[i] !== undefined).map(([name, row]) => [name, row[i]])),
  ]);
  return Object.fromEntries(members.filter(([, member]) => Object.keys(member).length));
}

/** Rows of numbers, each with a name; one more is begun by writing its name. */
export function EntryTable({ field, value, problem, onChange }: Props) {
  const rows = rowsOf(field, value);
  const [name, setName] = useState("");
  const ends = field.of_ends ?? field.ends ?? [];
  const put = (next: Map<string, Row>) => onChange(written(field, next));
  function add() {
    const key = name.trim().toLowerCase().replaceAll(" ", "_");
    if (!key || rows.has(key)) return;
    put(new Map(rows).set(key, field.of_ends ? [1] : [0, 1]));
    setName("");
  }
  return (
    <Box role="group" aria-label={field.name} sx={{ width: "100%" }}>
      <Typography variant="body2" sx={{ mb: 0.75 }}>
        {field.name}
      </Typography>
      {[...rows].map(([key, row]) => (
        <Stack
          key={key}
          direction="row"
          role="group"
          aria-label={plain(key)}
          sx={{ gap: 1, mb: 1, alignItems: "center", flexWrap: "wrap" }}
        >
          <Typography sx={{ width: 130 }}>{plain(key)}</Typography>
          {ends.map((end, i) => (
            <NumberField
              key={end}
              label={end}
              unit={field.unit}
              min={0}
              width={130}
              value={row[i]}
              empty="unknown"
              onChange={(next) => put(new Map(rows).set(key, Object.assign([...row], { [i]: next })))}
            />
          ))}
          <Button
            size="small"
            aria-label={`Take out ${plain(key)}`}
            onClick={() => put(new Map([...rows].filter(([other]) => other !== key)))}
          >
            Take out
          </Button>
        </Stack>
      ))}
      <Stack direction="row" sx={{ gap: 1, alignItems: "center" }}>
        <TextField
          size="small"
          label={`${field.row}, by name`}
          value={name}
          onChange={(event) => setName(event.target.value)}
          onKeyDown={(event) => event.key === "Enter" && add()}
        />
        <Button size="small" variant="outlined" onClick={add} disabled={!name.trim()}>
          Add
        </Button>
      </Stack>
      {problem && (
        <Typography variant="body2" color="error">
          {problem}
        </Typography>
      )}
    </Box>
  );
}
