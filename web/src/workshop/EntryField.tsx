import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Field } from "../api/types";
import { choices, useCatalogue } from "../common/catalogue";
import { capital } from "../common/words";

interface Props {
  field: Field;
  value: unknown;
  problem: string | undefined;
  onChange: (value: unknown) => void;
}

/** One value of an entry; emptied, it is left out. */
export function EntryField({ field, value, problem, onChange }: Props) {
  const catalogue = useCatalogue();
  if (field.as === "range") return <Range field={field} value={value} problem={problem} onChange={onChange} />;
  if (field.as === "choice")
    return (
      <TextField
        select
        label={field.name}
        value={value ?? ""}
        error={!!problem}
        helperText={problem}
        onChange={(event) => onChange(event.target.value)}
        sx={{ width: 220 }}
      >
        {choices(catalogue, field.kinds as string).map(([key, name]) => (
          <MenuItem key={key} value={key}>
            {capital(name)}
          </MenuItem>
        ))}
      </TextField>
    );
  if (field.as === "colour")
    return (
      <Box component="label" sx={{ display: "flex", alignItems: "center", gap: 1 }}>
        <input
          type="color"
          value={(value as string | undefined) ?? "#888888"}
          onChange={(event) => onChange(event.target.value)}
          style={{ width: 44, height: 36 }}
        />
        {field.name}
        {problem && <Typography color="error">{problem}</Typography>}
      </Box>
    );
  return <Written field={field} value={value} problem={problem} onChange={onChange} />;
}

const shown = (as: Field["as"], value: unknown): string => {
  if (value === undefined || value === null) return "";
  if (as === "tags") return (value as string[]).join(", ");
  return as === "json" ? JSON.stringify(value) : String(value);
};

/** @returns the value, undefined for none, or null where it cannot be read */
function read(as: Field["as"], text: string): unknown {
  if (text.trim() === "") return undefined;
  if (as === undefined || as === "number") return Number.isFinite(Number(text.replace(",", "."))) ? Number(text.replace(",", ".")) : null;
  if (as === "tags") return text.split(/[\s,]+/).filter(Boolean);
  if (as !== "json") return text;
  try {
    return JSON.parse(text);
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
    return null;
  }
}

const isNumber = (field: Field): boolean => field.as === undefined || field.as === "number";

/** What is typed; kept as typed until it can be read. */
function Written({ field, value, problem, onChange }: Props) {
  const [text, setText] = useState(shown(field.as, value));
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    setText(shown(field.as, value));
    setWrong(false);
  }, [field.as, value]);
  const settle = () => {
    const next = read(field.as, text);
    setWrong(next === null);
    if (next !== null && shown(field.as, next) !== shown(field.as, value)) onChange(next);
  };
  const unreadable = isNumber(field) ? "is no number" : "is no JSON";
  return (
    <TextField
      label={field.unit ? `${field.name}, ${field.unit}` : field.name}
      value={text}
      error={wrong || !!problem}
      helperText={wrong ? unreadable : problem}
      onChange={(event) => setText(event.target.value)}
      onBlur={settle}
      onKeyDown={(event) => event.key === "Enter" && settle()}
      sx={{ width: isNumber(field) ? 190 : 460, maxWidth: "100%" }}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}

const ENDS = ["low", "typical", "high"];

function Range({ field, value, problem, onChange }: Props) {
  const values = (value as number[] | undefined) ?? [];
  const put = (index: number, next: unknown) => {
    const all = ENDS.map((_, at) => (at === index ? next : values[at]));
    onChange(all.every((one) => one === undefined) ? undefined : all.map((one) => one ?? 0));
  };
  return (
    <Box role="group" aria-label={field.name}>
      <Typography variant="body2">
        {field.name}, {field.unit}
      </Typography>
      <Stack direction="row" sx={{ gap: 0.75, mt: 0.5 }}>
        {ENDS.map((end, index) => (
          <Box key={end} sx={{ width: 92, "& .MuiTextField-root": { width: "100%" } }}>
            <Written field={{ name: end }} value={values[index]} problem={undefined} onChange={(next) => put(index, next)} />
          </Box>
        ))}
      </Stack>
      {problem && (
        <Typography variant="body2" color="error">
          {problem}
        </Typography>
      )}
    </Box>
  );
}
