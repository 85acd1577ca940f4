import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";

interface Props<T extends string> {
  label: string;
  value: T | "";
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
  width?: number | string;
}

/** One of a few. */
export function Choice<T extends string>({ label, value, options, onChange, width = 190 }: Props<T>) {
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value as T)}
      sx={{ width }}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      {options.map(([key, name]) => (
        <MenuItem key={key} value={key}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
