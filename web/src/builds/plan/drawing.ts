import simplify from "simplify-js";
import type { Catalogue, Outline, PatchOperation, PlinthFile, Point } from "../../api/types";
import { has, kindsOf } from "../../common/catalogue";
import { bounds, corners, distance, rounded, roundedPoint } from "./outline";
import { appendPatch, freshId, type PartList } from "./parts";

/** What has no width of its own in life begins this wide, mm. */
const STRIP_MM = 20;

/** What can be drawn on the plan, and what a finished outline of it begins as. */
export interface Drawable {
  key: string;
  name: string;
  /** What it is offered under. */
  group: string;
  list: PartList;
  start: Record<string, unknown>;
  /** It runs from one line to another: from the left end of what is drawn to the right one. */
  along: boolean;
  /** It is nothing but a strip: its sides slope to the ground beside it. */
  strip: boolean;
  /** The shape that such things mostly are. */
  shape?: DrawShape;
  /** How wide a strip of it begins, mm. */
  wide: number;
  /** The part that the outline becomes the place of, by its JSON pointer; otherwise it becomes a part of its own. */
  into?: string;
}

/** Where a course lies, drawn by hand. */
export const placeFor = (into: string, name: string): Drawable => ({
  key: into,
  name: `where ${name} lies`,
  group: "",
  list: "waters",
  start: {},
  along: false,
  strip: false,
  wide: STRIP_MM,
  into,
});

/** @param scale of the build: what is as wide as in life begins so */
export function drawables(catalogue: Catalogue, scale: number): Drawable[] {
  return catalogue.parts
    .filter((part) => part.drawn)
    .flatMap((part): Drawable[] => {
      const list = part.key as PartList;
      const group = part.kinds ? `${part.one}s` : "ground and water";
      const own = {
        key: part.stem ?? part.key,
        name: part.one,
        group,
        list,
        start: part.start ?? {},
        along: false,
        strip: false,
        wide: STRIP_MM,
      };
      if (!part.kinds) return [own];
      return kindsOf(catalogue, part.kinds).map((kind) => ({
        ...own,
        key: kind.key,
        name: kind.name ?? kind.key,
        start: { ...own.start, kind: kind.key, ...kind.start },
        along: has(kind, "runs_along"),
        strip: has(kind, "along_a_line"),
        shape: kind.sketched_as as DrawShape | undefined,
        wide: kind.wide_m ? Math.max(rounded((kind.wide_m * 1000) / scale, 0.5), 0.5) : STRIP_MM,
      }));
    });
}

export const SHAPES = {
  polygon: "corner by corner",
  freehand: "by hand",
  round: "round",
  oval: "oval",
  rectangle: "rectangle",
  strip: "strip",
} as const;
export type DrawShape = keyof typeof SHAPES;

export interface Sketch {
  what: Drawable;
  shape: DrawShape;
  points: Point[];
  hover: Point | null;
}

const LEAST_MM = 2;
/** How far a line drawn by hand may lie from the corners that are kept of it, mm: it is curved through them. */
const TRUE_MM = 0.6;

/** The outline of a sketch as it stands; null while it encloses nothing. */
export function sketched({ what, shape, points, hover }: Sketch, closing = false): Outline | null {
  const all = (hover && !closing ? [...points, hover] : points).map((p) => roundedPoint(p, 0.5));
  switch (shape) {
    case "polygon":
      return all.length >= 3 ? { kind: "polygon", points_mm: all } : null;
    case "freehand":
      return byHand(points);
    case "strip":
      return all.length >= 2 ? { kind: "strip", points_mm: all, width_mm: what.wide } : null;
    case "round": {
      const across = all.length < 2 ? 0 : 2 * distance(all[0], all[all.length - 1]);
      return across < LEAST_MM ? null : { kind: "round", diameter_mm: Math.round(across * 2) / 2, at_mm: all[0] };
    }
    default: {
      if (all.length < 2) return null;
      const [x0, y0, x1, y1] = bounds([[all[0], all[all.length - 1]]]);
      if (x1 - x0 < LEAST_MM || y1 - y0 < LEAST_MM) return null;
      return { kind: shape, width_mm: x1 - x0, depth_mm: y1 - y0, at_mm: roundedPoint([(x0 + x1) / 2, (y0 + y1) / 2], 0.25) };
    }
  }
}

/** A line drawn in one stroke, closed and curved through as few corners as keep it true. */
function byHand(points: Point[]): Outline | null {
  const kept = simplify(
    points.map(([x, y]) => ({ x, y })),
    TRUE_MM,
    true,
  ).map(({ x, y }) => roundedPoint([x, y]));
  const open = kept.length > 3 && distance(kept[0], kept[kept.length - 1]) < LEAST_MM ? kept.slice(0, -1) : kept;
  if (open.length < 3) return null;
  const [x0, y0, x1, y1] = bounds([open]);
  return x1 - x0 < LEAST_MM || y1 - y0 < LEAST_MM ? null : { kind: "polygon", points_mm: open, curved: true };
}

/** Shapes that two points make. */
const TWO_POINTS: DrawShape[] = ["oval", "rectangle", "round"];

/** Two points make a round, an oval or a rectangle; a polygon or a strip goes on until it is closed. */
export const ends = (sketch: Sketch): boolean => TWO_POINTS.includes(sketch.shape) && sketch.points.length >= 2;

/** Whether a point closes a polygon: on its first corner. */
export const closes = (sketch: Sketch, at: Point, reach: number): boolean =>
  sketch.shape === "polygon" && sketch.points.length >= 3 && distance(at, sketch.points[0]) < reach;

/** The patch that makes the part, and the pointer it will have. */
export function made(file: PlinthFile, what: Drawable, outline: Outline): { pointer: string; patch: PatchOperation[] } {
  const id = freshId(file, what.key);
  const part = { id, name: `${what.name} ${id.split("-").pop()}`, outline, ...what.start, ...(what.along ? lengthwise(outline) : {}) };
  return { pointer: `/${what.list}/${(file[what.list] ?? []).length}`, patch: appendPatch(file, what.list, part) };
}

/** From the left end of an outline to its right one, at half its depth. */
function lengthwise(outline: Outline): { from_mm: Point; to_mm: Point } {
  const [x0, y0, x1, y1] = bounds([corners(outline)]);
  const middle = "at_mm" in outline && outline.at_mm ? outline.at_mm[1] : "points_mm" in outline ? 0 : (y0 + y1) / 2;
  return { from_mm: [x0, middle], to_mm: [x1, middle] };
}
