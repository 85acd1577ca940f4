import type { Point } from "../../api/types";
import { bounds } from "./outline";

/** Marks at most, so that a wide meadow stays quick to draw. */
const MOST = 400;

/** Places inside rings that look scattered and are the same at every drawing. `apart`: mm between two of them, about. */
export function scattered(rings: Point[][], apart: number, seed: number): Point[] {
  if (!rings.length || !rings[0].length) return [];
  const [x0, y0, x1, y1] = bounds(rings);
  const out: Point[] = [];
  let state = seed + 1;
  const random = () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
  for (let x = x0; x < x1 && out.length < MOST; x += apart) {
    for (let y = y0; y < y1 && out.length < MOST; y += apart) {
      const point: Point = [x + random() * apart, y + random() * apart];
      if (inside(point, rings)) out.push(point);
    }
  }
  return out;
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
