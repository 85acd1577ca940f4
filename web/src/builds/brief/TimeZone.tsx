import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";

interface Props {
  value: string | null;
  onChange: (value: string | null) => void;
}

const ZONES: string[] = Intl.supportedValuesOf("timeZone");

/** Where the workshop is, for the nights on which the clock is changed. */
export function TimeZone({ value, onChange }: Props) {
  return (
    <Autocomplete
      options={ZONES}
      value={value}
      onChange={(_, next) => onChange(next)}
      sx={{ width: 250 }}
      renderInput={(params) => (
        <TextField
          {...params}
          label="Clock of"
          placeholder="no change of the clock"
          slotProps={{ ...params.slotProps, inputLabel: { ...params.slotProps?.inputLabel, shrink: true } }}
        />
      )}
    />
  );
}
