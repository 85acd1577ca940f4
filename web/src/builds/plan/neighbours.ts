import type { Outline, PlinthFile, Point } from "../../api/types";
import { add, distance, less, lineOf } from "./outline";

/** Lists whose outlines others are drawn against. */
const LISTS = ["zones", "waters", "forms", "features"] as const;

/**
 * Where a corner that is drawn comes to lie: on the corner of a neighbour within reach, else on the nearest place of its side, else where
 * it is. What lies beside each other then meets without a gap.
 * @param reach mm
 */
export function snappedTo(file: PlinthFile, at: Point, reach: number): Point {
  const drawn: (Outline | undefined)[] = LISTS.flatMap((list) => (file[list] ?? []).map((part) => part.outline));
  const rings = [file.plinth.outline, ...drawn].flatMap((outline) =>
    outline?.kind === "polygon" || outline?.kind === "rectangle" ? [lineOf(outline)] : [],
  );
  const corner = nearest(at, rings.flat());
  if (corner && distance(corner, at) < reach) return corner;
  const side = nearest(
    at,
    rings.flatMap((ring) => ring.map((from, i) => onSide(at, from, ring[(i + 1) % ring.length]))),
  );
  return side && distance(side, at) < reach ? side : at;
}

const nearest = (at: Point, places: Point[]): Point | undefined =>
  places.reduce<Point | undefined>((best, place) => (!best || distance(place, at) < distance(best, at) ? place : best), undefined);

/** The place of a side that lies nearest. */
function onSide(at: Point, from: Point, to: Point): Point {
  const [dx, dy] = less(to, from);
  const long = dx * dx + dy * dy;
  if (!long) return from;
  const share = Math.min(Math.max(((at[0] - from[0]) * dx + (at[1] - from[1]) * dy) / long, 0), 1);
  return add(from, [dx * share, dy * share]);
}
