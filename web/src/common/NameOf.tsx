import TextField from "@mui/material/TextField";

/** A name that is typed. */
export function NameOf({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  return (
    <TextField
      key={name}
      size="small"
      label="Name"
      defaultValue={name}
      onBlur={(event) => event.target.value.trim() && event.target.value !== name && onChange(event.target.value.trim())}
      onKeyDown={(event) => event.key === "Enter" && (event.target as HTMLInputElement).blur()}
      slotProps={{ htmlInput: { maxLength: 80 } }}
      sx={{ width: 180 }}
    />
  );
}
