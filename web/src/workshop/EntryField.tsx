import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { capital, plain } from "../common/words";
import type { Field } from "./fields";

interface Props {
  field: Field;
  value: unknown;
  problem: string | undefined;
  onChange: (value: unknown) => void;
}

/** One value of an entry; emptied, it is left out. */
export function EntryField({ field, value, problem, onChange }: Props) {
  if (field.kind === "range") return <Range field={field} value={value} problem={problem} onChange={onChange} />;
  if (field.kind === "choice")
    return (
      <TextField
        select
        label={field.label}
        value={value ?? ""}
        error={!!problem}
        helperText={problem}
        onChange={(event) => onChange(event.target.value)}
        sx={{ width: 220 }}
      >
        {(field.options ?? []).map((option) => (
          <MenuItem key={option} value={option}>
            {capital(plain(option))}
          </MenuItem>
        ))}
      </TextField>
    );
  if (field.kind === "colour")
    return (
      <Box component="label" sx={{ display: "flex", alignItems: "center", gap: 1 }}>
        <input
          type="color"
          value={(value as string | undefined) ?? "#888888"}
          onChange={(event) => onChange(event.target.value)}
          style={{ width: 44, height: 36 }}
        />
        {field.label}
        {problem && <Typography color="error">{problem}</Typography>}
      </Box>
    );
  return <Written field={field} value={value} problem={problem} onChange={onChange} />;
}

const shown = (kind: Field["kind"], value: unknown): string => {
  if (value === undefined || value === null) return "";
  if (kind === "tags") return (value as string[]).join(", ");
  return kind === "json" ? JSON.stringify(value) : String(value);
};

/** @returns the value, undefined for none, or null where it cannot be read */
function read(kind: Field["kind"], text: string): unknown {
  if (text.trim() === "") return undefined;
  if (kind === "number") return Number.isFinite(Number(text.replace(",", "."))) ? Number(text.replace(",", ".")) : null;
  if (kind === "tags") return text.split(/[\s,]+/).filter(Boolean);
  if (kind !== "json") return text;
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/** What is typed; kept as typed until it can be read. */
function Written({ field, value, problem, onChange }: Props) {
  const [text, setText] = useState(shown(field.kind, value));
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    setText(shown(field.kind, value));
    setWrong(false);
  }, [field.kind, value]);
  const settle = () => {
    const next = read(field.kind, text);
    setWrong(next === null);
    if (next !== null && shown(field.kind, next) !== shown(field.kind, value)) onChange(next);
  };
  const unreadable = field.kind === "number" ? "is no number" : "is no JSON";
  return (
    <TextField
      label={field.unit ? `${field.label}, ${field.unit}` : field.label}
      value={text}
      error={wrong || !!problem}
      helperText={wrong ? unreadable : problem}
      onChange={(event) => setText(event.target.value)}
      onBlur={settle}
      onKeyDown={(event) => event.key === "Enter" && settle()}
      sx={{ width: field.kind === "number" ? 190 : 460, maxWidth: "100%" }}
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
    <Box role="group" aria-label={field.label}>
      <Typography variant="body2">
        {field.label}, {field.unit}
      </Typography>
      <Stack direction="row" sx={{ gap: 0.75, mt: 0.5 }}>
        {ENDS.map((end, index) => (
          <Box key={end} sx={{ width: 92, "& .MuiTextField-root": { width: "100%" } }}>
            <Written
              field={{ name: end, label: end, kind: "number" }}
              value={values[index]}
              problem={undefined}
              onChange={(next) => put(index, next)}
            />
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
