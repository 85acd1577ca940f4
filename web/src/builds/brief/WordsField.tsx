import TextField from "@mui/material/TextField";
import { useEffect, useState } from "react";

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  width: number | string;
  /** Characters. */
  most: number;
  lines?: number;
}

/** Words, kept when the field is left. What must have some goes back to what it was when it is emptied. */
export function WordsField({ label, value, onChange, width, most, lines = 1 }: Props) {
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  function settle() {
    const words = text.trim();
    if (words === value) return;
    if (words || lines > 1) onChange(words);
    else setText(value);
  }
  return (
    <TextField
      label={label}
      value={text}
      multiline={lines > 1}
      minRows={lines}
      sx={{ width }}
      onChange={(event) => setText(event.target.value)}
      onBlur={settle}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: most } }}
    />
  );
}
