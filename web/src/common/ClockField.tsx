import { TimeField } from "@mui/x-date-pickers/TimeField";
import dayjs, { type Dayjs } from "dayjs";
import { useEffect, useState } from "react";
import { byTwelve, clockFormat, DateSettings } from "./DateSettings";

interface Props {
  label: string;
  /** "19:30", by a clock of 24 hours. */
  value: string;
  onChange: (value: string) => void;
  width?: number;
}

const heldOf = (value: string): Dayjs => dayjs.utc(`2027-01-04T${value}`);

/** A time of day, typed part by part as the maker's clock tells it; told once it is left or confirmed. */
export function ClockField({ label, value, onChange, width = 130 }: Props) {
  const [shown, setShown] = useState<Dayjs | null>(() => heldOf(value));
  useEffect(() => setShown(heldOf(value)), [value]);
  function settle() {
    if (!shown?.isValid()) return setShown(heldOf(value));
    const told = shown.format("HH:mm");
    if (told !== value) onChange(told);
  }
  return (
    <DateSettings>
      <TimeField
        label={label}
        value={shown}
        timezone="UTC"
        ampm={byTwelve()}
        format={clockFormat()}
        size="small"
        sx={{ width }}
        onChange={setShown}
        onBlur={settle}
        onKeyDown={(event) => event.key === "Enter" && settle()}
      />
    </DateSettings>
  );
}
