import { DateTimePicker } from "@mui/x-date-pickers/DateTimePicker";
import dayjs, { type Dayjs } from "dayjs";
import { useEffect, useState } from "react";
import { byTwelve, clockFormat, DateSettings } from "./DateSettings";

interface Props {
  label: string;
  value: string | null;
  onChange: (value: string | null) => void;
  /** It can be emptied. */
  optional?: boolean;
}

const MOMENT = "YYYY-MM-DDTHH:mm";
const heldOf = (value: string | null): Dayjs | null => (value ? dayjs.utc(value.slice(0, 16)) : null);

/** A moment of the workshop's local time, typed part by part or picked from a calendar; left empty where there is none. Told once it is whole. */
export function MomentField({ label, value, onChange, optional = true }: Props) {
  const [shown, setShown] = useState<Dayjs | null>(() => heldOf(value));
  useEffect(() => setShown(heldOf(value)), [value]);
  function settle(next: Dayjs | null) {
    if (next && !next.isValid()) return;
    const told = next?.format(MOMENT) ?? null;
    if (told !== (value?.slice(0, 16) ?? null) && (told || optional)) onChange(told);
  }
  return (
    <DateSettings>
      <DateTimePicker
        label={label}
        value={shown}
        timezone="UTC"
        ampm={byTwelve()}
        format={`DD MMM YYYY, ${clockFormat()}`}
        onChange={setShown}
        onAccept={settle}
        slotProps={{
          textField: { size: "small", sx: { width: 258 }, onBlur: () => settle(shown) },
          field: { clearable: optional, onClear: () => settle(null) },
        }}
      />
    </DateSettings>
  );
}
