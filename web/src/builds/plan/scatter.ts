import type { Point } from "../../api/types";
import { bounds } from "./outline";

/** Marks at most, so that a wide meadow stays quick to draw. */
const MOST = 400;

/** Places inside rings that look scattered and are the same at every drawing. `near`: mm between two of them, about; more where the whole
 * would be too many. */
export function scattered(rings: Point[][], near: number, seed: number): Point[] {
  if (!rings.length || !rings[0].length) return [];
  const [x0, y0, x1, y1] = bounds(rings);
  const apart = Math.max(near, Math.sqrt(((x1 - x0) * (y1 - y0)) / MOST));
  const out: Point[] = [];
  const random = numbers(seed);
  for (let x = x0; x < x1; x += apart) {
    for (let y = y0; y < y1; y += apart) {
      const point: Point = [x + random() * apart, y + random() * apart];
      if (inside(point, rings)) out.push(point);
    }
  }
  return out;
}

/** Of so many places tried for each, the one that stands farthest from the others is taken. */
const TRIED = 9;

/** So many places inside rings, spread as a hand would set pieces out, and the same at every drawing. */
export function setOut(rings: Point[][], count: number, seed: number): Point[] {
  if (!rings.length || !rings[0].length) return [];
  const [x0, y0, x1, y1] = bounds(rings);
  const random = numbers(seed);
  const out: Point[] = [];
  // A thin shape in a large box is met seldom: it is not tried for ever.
  for (let left = Math.min(count, MOST) * TRIED * 40; left > 0 && out.length < Math.min(count, MOST); ) {
    let best: Point | null = null;
    let farthest = -1;
    for (let tried = 0; tried < TRIED && left > 0; left -= 1) {
      const point: Point = [x0 + random() * (x1 - x0), y0 + random() * (y1 - y0)];
      if (!inside(point, rings)) continue;
      tried += 1;
      const near = Math.min(Number.POSITIVE_INFINITY, ...out.map((other) => Math.hypot(other[0] - point[0], other[1] - point[1])));
      if (near > farthest) [best, farthest] = [point, near];
    }
    if (best) out.push(best);
  }
  return out;
}

/** Numbers from 0 to 1 that look random and are the same for a seed. */
function numbers(seed: number): () => number {
  let state = seed + 1;
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
}

/** Whether a point lies in the rings; a ring within a ring is a hole. */
export function inside([x, y]: Point, rings: Point[][]): boolean {
  let odd = false;
  for (const ring of rings) {
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i, i += 1) {
      const [xi, yi] = ring[i];
      const [xj, yj] = ring[j];
      if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) odd = !odd;
    }
  }
  return odd;
}
