import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Field } from "../api/types";
import { choices, useCatalogue } from "../common/catalogue";
import { readFigure } from "../common/figures";
import { preferred } from "../common/preferences";
import { capital, currency, plain } from "../common/words";
import { EntryTable } from "./EntryTable";

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
  if (field.as === "table") return <EntryTable field={field} value={value} problem={problem} onChange={onChange} />;
  if (field.as === "material" || field.as === "technique")
    return <Named field={field} value={value} problem={problem} onChange={onChange} />;
  if (field.as === "money") return <Money field={field} value={value} problem={problem} onChange={onChange} />;
  return <Written field={field} value={value} problem={problem} onChange={onChange} />;
}

/** A material or a technique, found by its name. */
function Named({ field, value, problem, onChange }: Props) {
  const { materials, techniques } = useCatalogue();
  const named = field.as === "material" ? materials.map(({ key, name }) => [key, name]) : techniques.map(({ key }) => [key, plain(key)]);
  const names = new Map(named as [string, string][]);
  return (
    <Autocomplete
      size="small"
      sx={{ width: 260 }}
      options={[...names.keys()]}
      value={(value as string | undefined) ?? null}
      getOptionLabel={(key) => names.get(key) ?? plain(key)}
      onChange={(_, key) => onChange(key ?? undefined)}
      renderInput={(params) => <TextField {...params} label={field.name} error={!!problem} helperText={problem} />}
    />
  );
}

/** In the maker's own money; kept in its smallest coins. */
function Money({ field, value, problem, onChange }: Props) {
  const coins = 10 ** currency(preferred("currency")).decimals;
  return (
    <Written
      field={{ ...field, as: "number", unit: preferred("currency") }}
      value={value === undefined ? undefined : (value as number) / coins}
      problem={problem}
      onChange={(next) => onChange(next === undefined ? undefined : Math.round((next as number) * coins))}
    />
  );
}

const shown = (as: Field["as"], value: unknown): string => {
  if (value === undefined || value === null) return "";
  if (as === "tags" || as === "figures") return (value as unknown[]).join(as === "tags" ? ", " : "; ");
  return as === "lines" ? (value as string[]).join("\n") : String(value);
};

/** What was typed, as the entry has it, undefined for none; or what is wrong with it. */
function read({ as, unit = "" }: Field, text: string): { value?: unknown; wrong?: string } {
  if (text.trim() === "") return {};
  if (as === undefined || as === "number" || as === "money") return readFigure(text, unit);
  if (as === "tags") return { value: text.split(/[\s,]+/).filter(Boolean) };
  if (as === "lines") return { value: text.split("\n").filter((line) => line.trim()) };
  if (as !== "figures") return { value: text };
  const figures = text
    .split(/[;\s]+/)
    .filter(Boolean)
    .map((figure) => readFigure(figure, unit));
  const wrong = figures.find((figure) => figure.wrong)?.wrong;
  return wrong ? { wrong } : { value: figures.map((figure) => figure.value) };
}

const isNumber = (field: Field): boolean => field.as === undefined || field.as === "number";

/** What is typed; kept as typed until it can be read. */
function Written({ field, value, problem, onChange }: Props) {
  const [text, setText] = useState(shown(field.as, value));
  const [wrong, setWrong] = useState<string>();
  useEffect(() => {
    setText(shown(field.as, value));
    setWrong(undefined);
  }, [field.as, value]);
  const settle = () => {
    const next = read(field, text);
    setWrong(next.wrong);
    if (!next.wrong && shown(field.as, next.value) !== shown(field.as, value)) onChange(next.value);
  };
  return (
    <TextField
      label={field.unit ? `${field.name}, ${field.unit}` : field.name}
      value={text}
      error={!!wrong || !!problem}
      helperText={wrong ?? problem}
      onChange={(event) => setText(event.target.value)}
      onBlur={settle}
      onKeyDown={(event) => event.key === "Enter" && field.as !== "lines" && settle()}
      multiline={field.as === "lines"}
      sx={{ width: isNumber(field) ? 190 : field.as === "figures" ? 220 : 460, maxWidth: "100%" }}
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
