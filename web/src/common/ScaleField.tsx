import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { useEffect, useState } from "react";
import { useCatalogue, usualWork } from "./catalogue";
import { readFigure } from "./figures";
import { short } from "./words";

const LEAST = 0.1;
const MOST = 10_000;

/** The scale, typed as 35, 1:35 or 1/35, or taken by the name it goes by: of a railway, of figures by their height. */
export function ScaleField({ value, onChange, label = "Scale" }: { value: number; onChange: (ratio: number) => void; label?: string }) {
  const catalogue = useCatalogue();
  const usual = usualWork(catalogue, "usual_scales")?.ratios ?? [];
  const shown = `1:${short(value)}`;
  const [text, setText] = useState(shown);
  useEffect(() => setText(shown), [shown]);
  const names = [
    ...usual.map((ratio) => ({ ratio, words: `1:${short(ratio)}`, group: "usual" })),
    ...catalogue.scales.map(({ name, ratio }) => ({ ratio, words: `${name}, 1:${short(ratio)}`, group: "by name" })),
  ];
  const read = readFigure(text.trim().replace(/^1\s*[/:]\s*/, ""));
  const wrong =
    text === shown
      ? null
      : read.value === undefined
        ? "Type a scale as 1:35, or search it by name"
        : read.value < LEAST || read.value > MOST
          ? `Between 1:${LEAST} and 1:${short(MOST)}`
          : null;
  const settle = () => (wrong || read.value === undefined ? setText(shown) : onChange(read.value));
  return (
    <Autocomplete
      freeSolo
      disableClearable
      selectOnFocus
      options={names}
      groupBy={(one) => one.group}
      getOptionLabel={(one) => (typeof one === "string" ? one : one.words)}
      filterOptions={(all, { inputValue }) => {
        const wanted = inputValue === shown ? "" : inputValue.toLowerCase();
        return all.filter((one) => one.words.toLowerCase().includes(wanted));
      }}
      value={shown}
      inputValue={text}
      onInputChange={(_event, next, reason) => reason === "input" && setText(next)}
      onChange={(_event, chosen) => {
        if (typeof chosen !== "string") onChange(chosen.ratio);
        else settle();
      }}
      onBlur={settle}
      sx={{ width: 230 }}
      renderInput={(params) => <TextField {...params} label={label} error={!!wrong} helperText={wrong ?? undefined} />}
    />
  );
}
