import type { Outline, Point } from "../../api/types";
import { add, bounds, centre, corners, distance, LEAST_MM, less, rounded, roundedPoint, TURN, turned } from "./outline";

/** The box that an outline fills in its own turn: middle, width and depth, mm, and turn, degrees. */
interface Frame {
  middle: Point;
  size: Point;
  turn: number;
}

function frameOf(outline: Outline): Frame {
  if (outline.kind === "round") return { middle: centre(outline), size: [outline.diameter_mm, outline.diameter_mm], turn: 0 };
  if (outline.kind === "oval" || outline.kind === "rectangle")
    return { middle: centre(outline), size: [outline.width_mm, outline.depth_mm], turn: outline.turn_deg ?? 0 };
  const [x0, y0, x1, y1] = corners(outline).length ? bounds([corners(outline)]) : [0, 0, 0, 0];
  return { middle: centre(outline), size: [x1 - x0, y1 - y0], turn: 0 };
}

/**
 * Where points that belong to an outline go when it becomes another: with it where it is moved, turned or made larger. Where single
 * corners of it were pulled they stay.
 */
export function carried(before: Outline, after: Outline): (point: Point) => Point {
  if ("points_mm" in before && "points_mm" in after && before.kind === after.kind) return rigid(corners(before), corners(after));
  const [from, to] = [frameOf(before), frameOf(after)];
  const stretch = (axis: 0 | 1) => (from.size[axis] > 0 && to.size[axis] > 0 ? to.size[axis] / from.size[axis] : 1);
  return (point) => {
    const [x, y] = turned(less(point, from.middle), -from.turn);
    return add(to.middle, turned([x * stretch(0), y * stretch(1)], to.turn));
  };
}

/** How corners that moved together moved, the whole of them by one turn and one way; where they did not, not at all. */
function rigid(before: Point[], after: Point[]): (point: Point) => Point {
  const stay = (point: Point) => point;
  if (before.length !== after.length || before.length < 2) return stay;
  const angle = (points: Point[]) => Math.atan2(points[1][1] - points[0][1], points[1][0] - points[0][0]) / TURN;
  const deg = angle(after) - angle(before);
  const move = (point: Point) => add(after[0], turned(less(point, before[0]), deg));
  return before.every((corner, i) => distance(move(corner), after[i]) < ALIKE_MM) ? move : stay;
}

/** Corners are written to the tenth: so far from where it would be one can lie, mm. */
const ALIKE_MM = 0.3;

/** The same place and size in another shape. */
export function inShape(outline: Outline, kind: Outline["kind"]): Outline {
  if (kind === outline.kind) return outline;
  const { middle, size, turn } = outline.kind === "rest" ? { middle: [0, 0], size: REST_BOX, turn: 0 } : frameOf(outline);
  const [width_mm, depth_mm] = size.map((side) => Math.max(rounded(side, 0.5), LEAST_MM));
  const place = { at_mm: roundedPoint(middle) };
  switch (kind) {
    case "round":
      return { kind, diameter_mm: rounded((width_mm + depth_mm) / 2, 0.5), ...place };
    case "oval":
    case "rectangle":
      return { kind, width_mm, depth_mm, ...place, ...(turn ? { turn_deg: turn } : {}) };
    case "polygon": {
      const drawn = "depth_mm" in outline ? { ...outline, kind: "rectangle" as const } : outline;
      const points = drawn.kind === "rectangle" ? corners(drawn) : boxCorners(middle, width_mm, depth_mm);
      return { kind, points_mm: points.map((point) => roundedPoint(point)) };
    }
    case "strip": {
      const end = turned([width_mm / 2, 0], turn);
      return { kind, points_mm: [less(middle, end), add(middle, end)].map((point) => roundedPoint(point)), width_mm: depth_mm };
    }
    default:
      return { kind: "rest" };
  }
}

/** Ground that took all the rest begins as large as this, mm. */
const REST_BOX: Point = [40, 30];

const boxCorners = ([x, y]: Point, width: number, depth: number): Point[] => [
  [x - width / 2, y - depth / 2],
  [x + width / 2, y - depth / 2],
  [x + width / 2, y + depth / 2],
  [x - width / 2, y + depth / 2],
];
