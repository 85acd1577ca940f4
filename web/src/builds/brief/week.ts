import { preferred } from "../../common/preferences";

export const DAYS = [
  ["mon", "Monday"],
  ["tue", "Tuesday"],
  ["wed", "Wednesday"],
  ["thu", "Thursday"],
  ["fri", "Friday"],
  ["sat", "Saturday"],
  ["sun", "Sunday"],
] as const;
export type Day = (typeof DAYS)[number][0];

/** A stretch of a day on which the maker is at the bench, each week: "19:30" to "22:00". */
export interface Evening {
  day: Day;
  from: string;
  to: string;
}

/** From the day on which the maker's week begins. */
export function days() {
  const first = DAYS.findIndex(([day]) => day === preferred("first_day"));
  return [...DAYS.slice(first), ...DAYS.slice(0, first)];
}

/** Painting goes by so many minutes. */
export const STEP_MIN = 15;
const DAY_MIN = 24 * 60;
/** The last minute that a clock can tell. */
const LAST = "23:59";

export const minutes = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
export function clock(min: number): string {
  if (min >= DAY_MIN) return LAST;
  return `${String(Math.floor(min / 60)).padStart(2, "0")}:${String(Math.round(min % 60)).padStart(2, "0")}`;
}

/** A place on the strip, 0 … 1 of a day, as minutes to the next quarter. */
export const minuteAt = (share: number): number => Math.round((Math.min(Math.max(share, 0), 1) * DAY_MIN) / STEP_MIN) * STEP_MIN;

export const shareOf = (time: string): number => (time === LAST ? 1 : minutes(time) / DAY_MIN);

/** The stretch between two places of a strip, whichever was first; at least one step long. */
export function painted(day: Day, a: number, b: number): Evening {
  const [from, to] = a <= b ? [a, b] : [b, a];
  return { day, from: clock(Math.min(from, DAY_MIN - STEP_MIN)), to: clock(Math.max(to, from + STEP_MIN)) };
}

/** One more stretch: what it meets on its day becomes one with it. In the order of the week. */
export function joined(rows: Evening[], row: Evening): Evening[] {
  const meets = (one: Evening) => one.day === row.day && minutes(one.from) <= minutes(row.to) && minutes(one.to) >= minutes(row.from);
  const met = [...rows.filter(meets), row];
  const whole = {
    day: row.day,
    from: clock(Math.min(...met.map((one) => minutes(one.from)))),
    to: clock(Math.max(...met.map((one) => minutes(one.to)))),
  };
  const at = (one: Evening) => DAYS.findIndex(([day]) => day === one.day) * DAY_MIN + minutes(one.from);
  return [...rows.filter((one) => !meets(one)), whole].sort((a, b) => at(a) - at(b));
}

/** Where the browser keeps the week that was painted last: the next new build begins with it. */
const LAST_WEEK = "green-plinth-week";

export function lastWeek(): Evening[] | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(LAST_WEEK) ?? "null");
    return Array.isArray(kept) ? (kept as Evening[]) : null;
  } catch {
    return null;
  }
}

export function keepWeek(rows: Evening[]) {
  try {
    localStorage.setItem(LAST_WEEK, JSON.stringify(rows));
  } catch {
    // Where the browser keeps nothing, the next build begins as usual.
  }
}
