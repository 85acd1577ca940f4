import { create } from "zustand";

const MINUTE = 60_000;

/** How far this device's clock is behind the server's, ms: moments are told by the server's, so that two devices agree. */
interface Clock {
  behind: number;
  /** Whether the server has told its clock since the page was opened. */
  known: boolean;
  /** As the server told it, and when it was asked and answered by this device's clock, ms.
   * @returns by how much moments are others now, ms */
  heard: (instant: string, asked: number, answered: number) => number;
}

/** A difference smaller than this is what the way there and back takes, ms. */
const NOISE = 250;

export const useClock = create<Clock>((set, get) => ({
  behind: 0,
  known: false,
  heard: (instant, asked, answered) => {
    set({ known: true });
    const behind = Date.parse(instant) - (asked + answered) / 2;
    const by = Math.abs(behind - get().behind);
    if (by <= NOISE + (answered - asked) / 2) return 0;
    set({ behind });
    return by;
  },
}));

/** Now, as the server has it, ms since 1970. */
export const instantNow = (): number => Date.now() + useClock.getState().behind;

const two = (value: number): string => String(Math.floor(Math.abs(value))).padStart(2, "0");
const shifted = (instant: number): { local: string; offset: number } => {
  const offset = -new Date(instant).getTimezoneOffset();
  return { local: new Date(instant + offset * MINUTE).toISOString().slice(0, 23), offset };
};

/** What the clock on the wall shows, as moments are written: 2027-03-01T19:30. */
export const wallMoment = (instant: number): string => shifted(instant).local.slice(0, 16);

/** An instant with its offset, as events have it: 2027-03-01T19:30:05.250+01:00. */
export function eventMoment(instant: number): string {
  const { local, offset } = shifted(instant);
  return `${local}${offset < 0 ? "-" : "+"}${two(offset / 60)}:${two(offset % 60)}`;
}

/** A moment on the wall as an event has it. */
export const atWall = (moment: string): string => eventMoment(new Date(moment).getTime());

/** Seconds as a timer shows them: 4:05, or 1:04:05. */
export function timerWords(seconds: number): string {
  const whole = Math.max(Math.floor(seconds), 0);
  const hours = Math.floor(whole / 3600);
  const rest = `${two((whole % 3600) / 60)}:${two(whole % 60)}`;
  return hours ? `${hours}:${rest}` : `${Math.floor(whole / 60)}:${two(whole % 60)}`;
}
