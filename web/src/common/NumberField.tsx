import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import { useEffect, useState } from "react";
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
  /** Its name for those who do not see the table that it stands in. */
  spoken?: string;
  /** What an empty field says: that the value is unknown, or that the usual one holds. */
  empty?: string;
}

const PER = { in: MM_PER_INCH, oz: G_PER_OUNCE };

/** "12", "12,5", "1/2 in", "2.5in" (millimetre fields only) → a number in the field's unit; null for nonsense. A bare number is one of the
 * unit that is shown. */
export function typed(text: string, unit?: string, shownIn = unit): number | null {
  const match = text
    .trim()
    .replace(",", ".")
    .match(/^(-?\d*\.?\d+)(?:\s*\/\s*(\d+))?\s*(in|"|mm|cm|g|oz)?$/i);
  if (!match) return null;
  const value = Number(match[1]) / Number(match[2] ?? 1);
  if (!Number.isFinite(value)) return null;
  const given = match[3]?.toLowerCase();
  if (!given) return shownIn === unit ? value : value * PER[shownIn as keyof typeof PER];
  if (given === unit) return value;
  if (unit === "g") return given === "oz" ? value * G_PER_OUNCE : null;
  if (unit !== "mm" || given === "g" || given === "oz") return null;
  return given === "cm" ? value * 10 : given === "mm" ? value : value * MM_PER_INCH;
}

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
  spoken,
  empty = "unknown",
}: Props) {
  // Lengths are kept in millimetres and masses in grams, and shown as the maker wants them.
  const shownIn = unit === "mm" ? preferred("length") : unit === "g" ? preferred("mass") : unit;
  const per = shownIn === unit ? 1 : PER[shownIn as keyof typeof PER];
  const shown = value === null || value === undefined ? "" : per === 1 ? short(value) : String(Number((value / per).toFixed(3)));
  const [text, setText] = useState(shown);
  useEffect(() => setText(shown), [shown]);
  const parsed = text.trim() === "" ? null : typed(text, unit, shownIn);
  const wrong =
    text.trim() === ""
      ? null
      : parsed === null
        ? `Type a number${shownIn ? ` of ${shownIn}` : ""}`
        : min !== undefined && parsed < min
          ? `${short(min / per)} or more`
          : whole && !Number.isInteger(parsed)
            ? "A whole number"
            : null;

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
      error={wrong !== null}
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
          const next = Math.max(parsed + (event.key === "ArrowUp" ? step : -step), min ?? -Infinity);
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
