import type { Outline, Point } from "../../api/types";
import { curveThrough } from "./curve";

/** Drawing, moving, turning and reshaping outlines, in mm with y up. What an outline means is the server's affair. */
const CORNERS = 96;
export const TURN = Math.PI / 180;
/** No side is made shorter than this, mm. */
export const LEAST_MM = 1;

export const add = (a: Point, b: Point): Point => [a[0] + b[0], a[1] + b[1]];
export const less = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1]];
export const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
export const rounded = (value: number, step = 0.1): number => Number((Math.round(value / step) * step).toFixed(3));
export const roundedPoint = (point: Point, step = 0.1): Point => point.map((value) => rounded(value, step));
export const turned = ([x, y]: Point, deg: number, about: Point = [0, 0]): Point => {
  const cos = Math.cos(deg * TURN);
  const sin = Math.sin(deg * TURN);
  const [dx, dy] = [x - about[0], y - about[1]];
  return [about[0] + dx * cos - dy * sin, about[1] + dx * sin + dy * cos];
};

/** Corners on the plan, after its own turn and place; a strip's are its centre line. */
export function corners(outline: Outline): Point[] {
  switch (outline.kind) {
    case "round":
      return ellipse(outline.diameter_mm / 2, outline.diameter_mm / 2).map((p) => add(p, outline.at_mm ?? [0, 0]));
    case "oval":
      return ellipse(outline.width_mm / 2, outline.depth_mm / 2).map((p) => placed(p, outline));
    case "rectangle": {
      const [w, d] = [outline.width_mm / 2, outline.depth_mm / 2];
      return [
        [w, d],
        [-w, d],
        [-w, -d],
        [w, -d],
      ].map((p) => placed(p, outline));
    }
    case "polygon":
      return outline.points_mm.map((p) => placed(p, outline));
    case "strip":
      return outline.points_mm;
    default:
      return [];
  }
}

/** Whether it is curved through its corners. */
export const isCurved = (outline: Outline): boolean => "curved" in outline && outline.curved === true;

/** The line that is drawn of it: through its corners, straight or curved. */
export const lineOf = (outline: Outline): Point[] =>
  isCurved(outline) ? curveThrough(corners(outline), outline.kind === "polygon") : corners(outline);

/** A drawn shape with other corners, as curved as before. */
export function withCorners(outline: Extract<Outline, { points_mm: Point[] }>, points_mm: Point[]): Outline {
  if (outline.kind === "strip") return { ...outline, points_mm };
  return { kind: "polygon", points_mm, ...(outline.curved ? { curved: true } : {}) };
}

function placed(point: Point, outline: { at_mm?: Point; turn_deg?: number }): Point {
  return add(turned(point, outline.turn_deg ?? 0), outline.at_mm ?? [0, 0]);
}

function ellipse(a: number, b: number): Point[] {
  return Array.from({ length: CORNERS }, (_, i) => [a * Math.cos((i * 2 * Math.PI) / CORNERS), b * Math.sin((i * 2 * Math.PI) / CORNERS)]);
}

export function centre(outline: Outline): Point {
  if (outline.kind === "round" || outline.kind === "oval" || outline.kind === "rectangle") return outline.at_mm ?? [0, 0];
  const points = corners(outline);
  if (!points.length) return [0, 0];
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

export function moved(outline: Outline, by: Point): Outline {
  switch (outline.kind) {
    case "rest":
      return outline;
    case "strip":
      return { ...outline, points_mm: outline.points_mm.map((p) => roundedPoint(add(p, by))) };
    case "polygon":
      return withCorners(
        outline,
        corners(outline).map((p) => roundedPoint(add(p, by))),
      );
    default:
      return { ...outline, at_mm: roundedPoint(add(outline.at_mm ?? [0, 0], by)) };
  }
}

/** Counter-clockwise about its own centre, or about another point. */
export function spun(outline: Outline, deg: number, about: Point = centre(outline)): Outline {
  switch (outline.kind) {
    case "oval":
    case "rectangle":
      return { ...outline, turn_deg: rounded(((((outline.turn_deg ?? 0) + deg) % 360) + 360) % 360, 0.5) };
    case "polygon":
      return withCorners(
        outline,
        corners(outline).map((p) => roundedPoint(turned(p, deg, about), 0.05)),
      );
    case "strip":
      return { ...outline, points_mm: outline.points_mm.map((p) => roundedPoint(turned(p, deg, about), 0.05)) };
    default:
      return outline;
  }
}

/** A grip that reshapes: where it stands, and the outline after it is pulled to a point. */
export interface Grip {
  key: string;
  at: Point;
  kind: "size" | "corner" | "between";
  pull: (to: Point) => Outline;
}

export function grips(outline: Outline): Grip[] {
  switch (outline.kind) {
    case "round": {
      const middle = centre(outline);
      return [
        {
          key: "size",
          kind: "size",
          at: add(middle, [outline.diameter_mm / 2, 0]),
          pull: (to) => ({ ...outline, diameter_mm: Math.max(rounded(distance(to, middle) * 2, 0.5), LEAST_MM) }),
        },
      ];
    }
    case "oval":
    case "rectangle": {
      const turn = outline.turn_deg ?? 0;
      const middle = centre(outline);
      const local = (to: Point) => turned(less(to, middle), -turn);
      return [
        {
          key: "width",
          kind: "size",
          at: add(middle, turned([outline.width_mm / 2, 0], turn)),
          pull: (to) => ({ ...outline, width_mm: Math.max(rounded(Math.abs(local(to)[0]) * 2, 0.5), LEAST_MM) }),
        },
        {
          key: "depth",
          kind: "size",
          at: add(middle, turned([0, outline.depth_mm / 2], turn)),
          pull: (to) => ({ ...outline, depth_mm: Math.max(rounded(Math.abs(local(to)[1]) * 2, 0.5), LEAST_MM) }),
        },
      ];
    }
    case "polygon":
    case "strip": {
      const points = corners(outline);
      const closed = outline.kind === "polygon";
      const withPoints = (points_mm: Point[]): Outline => withCorners(outline, points_mm);
      const own: Grip[] = points.map((at, i) => ({
        key: `corner-${i}`,
        kind: "corner",
        at,
        pull: (to) => withPoints(points.map((p, j) => (j === i ? roundedPoint(to, 0.5) : roundedPoint(p)))),
      }));
      const between: Grip[] = points.slice(0, closed ? undefined : -1).map((p, i) => {
        const next = points[(i + 1) % points.length];
        return {
          key: `between-${i}`,
          kind: "between",
          at: [(p[0] + next[0]) / 2, (p[1] + next[1]) / 2],
          pull: (to) => withPoints([...points.slice(0, i + 1), roundedPoint(to, 0.5), ...points.slice(i + 1)].map((q) => roundedPoint(q))),
        };
      });
      return [...own, ...between];
    }
    default:
      return [];
  }
}

/** The outline without one corner; null where too few would be left. */
export function withoutCorner(outline: Outline, index: number): Outline | null {
  if (outline.kind !== "polygon" && outline.kind !== "strip") return null;
  const points = corners(outline).filter((_, i) => i !== index);
  if (points.length < (outline.kind === "polygon" ? 3 : 2)) return null;
  return withCorners(outline, points);
}

/** SVG path data in mm, y up; a strip's is its centre line, to be drawn as wide as it is. */
export function pathOf(outline: Outline): string {
  const points = lineOf(outline);
  return ringPath(points) + (outline.kind === "strip" || !points.length ? "" : "Z");
}

/** A ring that did not change is the same object after an edit: numbers are not written out again. */
const written = new WeakMap<Point[], string>();

export function ringPath(points: Point[]): string {
  const known = written.get(points);
  if (known !== undefined) return known;
  const path = points.map(([x, y], i) => `${i ? "L" : "M"}${x.toFixed(2)} ${y.toFixed(2)}`).join("");
  written.set(points, path);
  return path;
}

export const ringsPath = (rings: Point[][]): string => rings.map((ring) => `${ringPath(ring)}Z`).join("");

export function bounds(rings: Point[][]): [number, number, number, number] {
  const points = rings.flat();
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}
