import { AdapterDayjs } from "@mui/x-date-pickers/AdapterDayjs";
import { LocalizationProvider } from "@mui/x-date-pickers/LocalizationProvider";
import dayjs from "dayjs";
import updateLocale from "dayjs/plugin/updateLocale";
import utc from "dayjs/plugin/utc";
import type { ReactNode } from "react";
import { preferred } from "./preferences";

// A workshop's moments are told by its own clock. They are taken as UTC, so that no clock of the browser's changes them.
dayjs.extend(utc);
dayjs.extend(updateLocale);

const DAYS = ["sun", "mon", "tue", "wed", "thu", "fri", "sat"];

/** Round fields of dates and times: the week as the maker begins it. */
export function DateSettings({ children }: { children: ReactNode }) {
  dayjs.updateLocale("en", { weekStart: DAYS.indexOf(preferred("first_day")) });
  return (
    <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale="en">
      {children}
    </LocalizationProvider>
  );
}

/** Whether the clock has twelve hours. */
export const byTwelve = (): boolean => preferred("clock") === "12";
export const clockFormat = (): string => (byTwelve() ? "hh:mm a" : "HH:mm");
