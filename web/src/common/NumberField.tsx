import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import { useEffect, useState } from "react";
import { readFigure } from "./figures";
import { preferred } from "./preferences";
import { G_PER_OUNCE, MM_PER_INCH, short } from "./words";

interface Props {
  label: string;
  value: number | null | undefined;
  unit?: string;
  onChange: (value: number) => void;
  /** What an emptied field means; without it, an emptied field goes back to what it was. */
  onClear?: () => void;
  min?: number;
  /** Neither more nor less than this many decimals make sense. */
  step?: number;
  width?: number | string;
  whole?: boolean;
  max?: number;
  /** Its name for those who do not see the table that it stands in. */
  spoken?: string;
  /** What an empty field says: that the value is unknown, or that the usual one holds. */
  empty?: string;
}

const PER = { in: MM_PER_INCH, oz: G_PER_OUNCE };

/** An exact value: typed, left or confirmed by Enter; inches are taken in millimetre fields. Nonsense is said, not kept. */
export function NumberField({
  label,
  value,
  unit,
  onChange,
  onClear,
  min,
  step = 0.5,
  width = 132,
  whole,
  max,
  spoken,
  empty = "unknown",
}: Props) {
  // Lengths are kept in millimetres and masses in grams, and shown as the maker wants them.
  const shownIn = unit === "mm" ? preferred("length") : unit === "g" ? preferred("mass") : unit;
  const per = shownIn === unit ? 1 : PER[shownIn as keyof typeof PER];
  const shown = value === null || value === undefined ? "" : per === 1 ? short(value) : String(Number((value / per).toFixed(3)));
  const [text, setText] = useState(shown);
  useEffect(() => setText(shown), [shown]);
  const read = text.trim() === "" || text === shown ? null : readFigure(text, unit, shownIn);
  const parsed = read ? (read.value ?? null) : (value ?? null);
  const wrong = read && (read.wrong ?? outOf(read.value, { min, max, whole, per }));

  function settle() {
    if (text === shown) return;
    if (text.trim() === "") return onClear ? onClear() : setText(shown);
    if (wrong || parsed === null) return;
    onChange(Number(parsed.toFixed(3)));
  }

  return (
    <TextField
      label={label}
      value={text}
      error={Boolean(wrong)}
      helperText={wrong ?? undefined}
      sx={{ width }}
      placeholder={value === null || value === undefined ? empty : undefined}
      onChange={(event) => setText(event.target.value)}
      onBlur={settle}
      onKeyDown={(event) => {
        if (event.key === "Enter") settle();
        if (event.key === "Escape") setText(shown);
        if ((event.key === "ArrowUp" || event.key === "ArrowDown") && parsed !== null) {
          event.preventDefault();
          const next = Math.min(Math.max(parsed + (event.key === "ArrowUp" ? step : -step), min ?? -Infinity), max ?? Infinity);
          onChange(Number(next.toFixed(3)));
        }
      }}
      slotProps={{
        inputLabel: { shrink: true },
        htmlInput: { inputMode: "decimal", "aria-label": spoken },
        input: shownIn ? { endAdornment: <InputAdornment position="end">{shownIn}</InputAdornment> } : undefined,
      }}
    />
  );
}

interface Bounds {
  min?: number;
  max?: number;
  whole?: boolean;
  /** How many of the field's unit one of those shown is. */
  per: number;
}

/** What keeps a number from being taken; null where nothing does. */
function outOf(value: number, { min, max, whole, per }: Bounds): string | null {
  if (min !== undefined && value < min) return `${short(min / per)} or more`;
  if (max !== undefined && value > max) return `${short(max / per)} or less`;
  return whole && !Number.isInteger(value) ? "A whole number" : null;
}
