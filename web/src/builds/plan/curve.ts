import type { Point } from "../../api/types";

/** Chords for each span, as the core sets them out. */
const CHORDS = 8;
const LEAST_MM = 1e-6;

const gap = (a: Point, b: Point): number => Math.hypot(b[0] - a[0], b[1] - a[1]);
const between = (a: Point, b: Point, share: number): Point => [a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share];

/** Between which knots each level of the pyramid goes that a span is worked out by. */
const LEVELS = [
  [
    [0, 1],
    [1, 2],
    [2, 3],
  ],
  [
    [0, 2],
    [1, 3],
  ],
  [[1, 2]],
];

/** A smooth line through points, mm, drawn while a pointer pulls at it: what it means is told by the core, which sets it out in the same
 * way (Plan::Curve). */
export function curveThrough(given: Point[], closed: boolean): Point[] {
  const points = given.filter((point, i) => !i || gap(given[i - 1], point) > LEAST_MM);
  if (closed && points.length > 1 && gap(points[0], points[points.length - 1]) <= LEAST_MM) points.pop();
  if (points.length < 3) return given;
  const spans = closed ? points.length : points.length - 1;
  const line = Array.from({ length: spans }, (_, i) => span([-1, 0, 1, 2].map((by) => neighbour(points, i + by, closed)))).flat();
  return closed ? line : [...line, points[points.length - 1]];
}

/** Beyond the ends of an open line it goes on as it came. */
function neighbour(points: Point[], index: number, closed: boolean): Point {
  const size = points.length;
  if (closed) return points[(index + size) % size];
  if (index >= 0 && index < size) return points[index];
  const [end, before] = index < 0 ? [points[0], points[1]] : [points[size - 1], points[size - 2]];
  return [2 * end[0] - before[0], 2 * end[1] - before[1]];
}

/** From the second of four points to just before the third. */
function span(four: Point[]): Point[] {
  const knots = [0];
  for (let i = 1; i < four.length; i += 1) knots.push(knots[i - 1] + Math.sqrt(gap(four[i - 1], four[i])));
  return Array.from({ length: CHORDS }, (_, step) => {
    const at = knots[1] + ((knots[2] - knots[1]) * step) / CHORDS;
    const level = (points: Point[], pairs: number[][]) =>
      pairs.map(([from, to], i) => between(points[i], points[i + 1], (at - knots[from]) / (knots[to] - knots[from])));
    return LEVELS.reduce(level, four)[0];
  });
}
