import type { Schedule } from "../../../api/types";
import { minutesOf } from "../../../common/words";
import type { Window } from "../../drying/timeScale";

/** Where a moment stands across a drawing, px; minutes are those of the wall clock. */
export interface DrawnClock {
  x: (minutes: number) => number;
  /** Sittings as they are drawn, px. */
  columns: { from: number; to: number }[];
}

/** The least that a sitting is wide, and the most that a wait between two is, px. */
const LEAST_SITTING = 10;
const MOST_WAIT = 22;
/** Waits take at most this share of the width. */
const WAITS = 0.28;

const spans = (schedule: Schedule): Window[] => schedule.sittings.map(({ from, to }) => [minutesOf(from), minutesOf(to)]);

/** Time as it passes. */
export function trueTime(schedule: Schedule, [from, to]: Window, left: number, right: number): DrawnClock {
  const x = (minutes: number) => left + ((minutes - from) / (to - from)) * (right - left);
  return { x, columns: spans(schedule).map(([begin, end]) => ({ from: x(begin), to: x(end) })) };
}

/** A column for each sitting, as wide as it is long; the waits between them, however long, are narrow. */
export function bySitting(schedule: Schedule, left: number, right: number): DrawnClock {
  const sittings = spans(schedule);
  const waits = sittings.length + 1;
  const wait = Math.min(MOST_WAIT, ((right - left) * WAITS) / waits);
  const work = sittings.reduce((sum, [from, to]) => sum + (to - from), 0);
  const room = Math.max(right - left - wait * waits - LEAST_SITTING * sittings.length, 0);
  // Knots between which time passes evenly: where each sitting begins and ends.
  const knots: [number, number][] = [];
  let at = left;
  for (const [from, to] of sittings) {
    at += wait;
    knots.push([from, at]);
    at += LEAST_SITTING + (work > 0 ? ((to - from) / work) * room : 0);
    knots.push([to, at]);
  }
  const first = Math.min(minutesOf(schedule.start), ...schedule.steps.map((step) => minutesOf(step.start)));
  const last = Math.max(minutesOf(schedule.ready_at), ...schedule.steps.map((step) => minutesOf(step.ready)));
  const all: [number, number][] = [[Math.min(first, (sittings[0]?.[0] ?? first) - 1), left], ...knots, [last + 1, right]];
  const x = (minutes: number) => {
    const next = all.findIndex(([minute]) => minute >= minutes);
    if (next === -1) return right;
    if (next === 0) return left;
    const [[m0, x0], [m1, x1]] = [all[next - 1], all[next]];
    return m1 === m0 ? x1 : x0 + ((minutes - m0) / (m1 - m0)) * (x1 - x0);
  };
  return { x, columns: sittings.map(([from, to]) => ({ from: x(from), to: x(to) })) };
}
