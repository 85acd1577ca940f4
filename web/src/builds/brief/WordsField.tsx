import TextField from "@mui/material/TextField";
import { useKept } from "../../common/useKept";

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  width: number | string;
  /** Characters. */
  most: number;
  lines?: number;
  /** Emptied, it goes back to what it was: so does every one of a single line, unless it is said not to be. */
  needed?: boolean;
}

/** Words, kept when the field is left. What must have some goes back to what it was when it is emptied. */
export function WordsField({ label, value, onChange, width, most, lines = 1, needed = lines === 1 }: Props) {
  // What is typed and not left yet survives a reload; once the value is another, that stands.
  const [draft, setDraft] = useKept<{ of: string; text: string } | null>("window", `words:${location.pathname}:${label}`, null);
  const text = draft?.of === value ? draft.text : value;
  const setText = (words: string) => setDraft(words === value ? null : { of: value, text: words });
  function settle() {
    const words = text.trim();
    if (words === value) return;
    if (words || !needed) onChange(words);
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
