import TextField from "@mui/material/TextField";
import { useCallback, useEffect, useRef, useState } from "react";

interface Props {
  label: string;
  value: string;
  onChange: (colour: string) => void;
  width?: number;
}

/** How long the wheel must rest until what it shows is taken, ms: one turn of it is one change. */
const REST_MS = 500;

/** A colour from the browser's wheel. It tells of itself at each step of the wheel; only where it comes to rest is a change. */
export function ColourField({ label, value, onChange, width = 96 }: Props) {
  const [shown, setShown] = useState(value);
  const rest = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const last = useRef(shown);
  // Whoever is told is told as it stands then: what holds the colour may have changed while the wheel turned.
  const tell = useRef({ onChange, value });
  tell.current = { onChange, value };
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    setShown(value);
    last.current = value;
  }, [value]);
  const settle = useCallback(() => {
    clearTimeout(rest.current);
    if (last.current !== tell.current.value) tell.current.onChange(last.current);
  }, []);
  // React tells of each step of the wheel; that it was put away is told by the browser's own event.
  useEffect(() => {
    const input = field.current;
    input?.addEventListener("change", settle);
    return () => {
      input?.removeEventListener("change", settle);
      settle();
    };
  }, [settle]);
  return (
    <TextField
      type="color"
      label={label}
      inputRef={field}
      value={shown}
      onChange={(event) => {
        last.current = event.target.value;
        setShown(event.target.value);
        clearTimeout(rest.current);
        rest.current = setTimeout(settle, REST_MS);
      }}
      onBlur={settle}
      slotProps={{ inputLabel: { shrink: true } }}
      sx={{ width }}
    />
  );
}
