import type { Schedule } from "../../api/types";
import { minutesOf } from "../../common/words";

/** px: of a row, of the axis, and of the names at the left, which are narrower where the drawing is. */
export const ROW = 17;
export const AXIS = 26;
export const LABEL = 150;
export const NARROW = 600;
export const NARROW_LABEL = 92;

/** A stretch of time, minutes from and to. */
export type Window = [number, number];

/** Looked at no closer than this, minutes. */
const LEAST_MIN = 120;

/** All of a schedule with a little room at both ends. */
export function wholeOf(schedule: Schedule): Window {
  const first = Math.min(minutesOf(schedule.start), ...schedule.steps.map((row) => minutesOf(row.start)));
  const last = Math.max(minutesOf(schedule.ready_at), schedule.finish_by ? minutesOf(schedule.finish_by) : 0);
  const pad = Math.max((last - first) * 0.03, 60);
  return [first - pad / 2, last + pad];
}

/** Closer by a factor about a moment; null where all of it is seen. */
export function stretched([from, to]: Window, whole: Window, factor: number, about = (from + to) / 2): Window | null {
  const all = whole[1] - whole[0];
  const long = Math.min(Math.max((to - from) / factor, LEAST_MIN), all);
  if (long >= all) return null;
  return kept(about - ((about - from) / (to - from)) * long, long, whole);
}

/** Earlier or later by so many minutes, as far as there is something. */
export const shifted = ([from, to]: Window, whole: Window, by: number): Window => kept(from + by, to - from, whole);

function kept(from: number, long: number, whole: Window): Window {
  const start = Math.min(Math.max(from, whole[0]), whole[1] - long);
  return [start, start + long];
}
