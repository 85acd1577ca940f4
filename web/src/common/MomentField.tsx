import TextField from "@mui/material/TextField";
import { useEffect, useState } from "react";

/** A moment of the workshop's local time; left empty where there is none. */
export function MomentField({ label, value, onChange }: { label: string; value: string | null; onChange: (value: string | null) => void }) {
  const shown = value?.slice(0, 16) ?? "";
  const [text, setText] = useState(shown);
  useEffect(() => setText(shown), [shown]);
  return (
    <TextField
      type="datetime-local"
      label={label}
      value={text}
      sx={{ width: 220 }}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => text !== shown && onChange(text || null)}
      onKeyDown={(event) => event.key === "Enter" && text !== shown && onChange(text || null)}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
