import type { Outline, PatchOperation, PlinthFile, Point } from "../../api/types";
import { bounds, distance, roundedPoint } from "./outline";
import { appendPatch, freshId } from "./parts";

/** What can be drawn on the plan, and the part that a finished outline becomes. */
export const KINDS = {
  zone: "ground zone",
  lift: "raised sheet",
  cut: "cut",
  mound: "mound",
  ramp: "ramp",
  skim: "skimmed slope",
  water: "water",
} as const;
export type DrawKind = keyof typeof KINDS;

export const SHAPES = { polygon: "corner by corner", oval: "oval", rectangle: "rectangle", strip: "strip" } as const;
export type DrawShape = keyof typeof SHAPES;

export interface Sketch {
  kind: DrawKind;
  shape: DrawShape;
  points: Point[];
  hover: Point | null;
}

/** A strip begins this wide, mm; a gripless start that the inspector then changes. */
const STRIP_MM = 20;
const LEAST_MM = 2;

/** The outline of a sketch as it stands; null while it encloses nothing. */
export function sketched({ shape, points, hover }: Sketch, closing = false): Outline | null {
  const all = (hover && !closing ? [...points, hover] : points).map((p) => roundedPoint(p, 0.5));
  if (shape === "polygon") return all.length >= 3 ? { kind: "polygon", points_mm: all } : null;
  if (shape === "strip") return all.length >= 2 ? { kind: "strip", points_mm: all, width_mm: STRIP_MM } : null;
  if (all.length < 2) return null;
  const [x0, y0, x1, y1] = bounds([[all[0], all[all.length - 1]]]);
  if (x1 - x0 < LEAST_MM || y1 - y0 < LEAST_MM) return null;
  return { kind: shape, width_mm: x1 - x0, depth_mm: y1 - y0, at_mm: roundedPoint([(x0 + x1) / 2, (y0 + y1) / 2], 0.25) };
}

/** Two opposite corners make an oval or a rectangle; a polygon or a strip goes on until it is closed. */
export const ends = (sketch: Sketch): boolean => (sketch.shape === "oval" || sketch.shape === "rectangle") && sketch.points.length >= 2;

/** Whether a point closes a polygon: on its first corner. */
export const closes = (sketch: Sketch, at: Point, reach: number): boolean =>
  sketch.shape === "polygon" && sketch.points.length >= 3 && distance(at, sketch.points[0]) < reach;

/** The patch that makes the part, and the pointer it will have. */
export function made(file: PlinthFile, kind: DrawKind, outline: Outline): { pointer: string; patch: PatchOperation[] } {
  const list = kind === "zone" ? "zones" : kind === "water" ? "waters" : "forms";
  const id = freshId(file, kind);
  const part = { id, name: `${KINDS[kind]} ${id.split("-").pop()}`, outline, ...startOf(kind, outline) };
  return { pointer: `/${list}/${(file[list] ?? []).length}`, patch: appendPatch(file, list, part) };
}

/** What a new part begins as. A water has no level until the maker or a fix gives one: unknown, not zero. */
function startOf(kind: DrawKind, outline: Outline): Record<string, unknown> {
  switch (kind) {
    case "zone":
      return { ground: "earth", courses: [] };
    case "lift":
      return { kind, material: "cork_sheet", sheet_mm: 3, sheets: 1, edge: { kind: "sheer" } };
    case "cut":
      return { kind, depth_mm: 3, edge: { kind: "sheer" } };
    case "mound":
      return { kind, material: "air_dry_clay", crown_mm: 6, profile: "dome" };
    case "skim":
      return { kind, material: "wall_filler", slope_deg: 35 };
    case "water":
      return { medium: "acrylic_water" };
    case "ramp": {
      const points =
        outline.kind === "polygon" || outline.kind === "strip"
          ? outline.points_mm
          : [
              [-10, 0],
              [10, 0],
            ];
      const middle = "at_mm" in outline && outline.at_mm ? outline.at_mm : [0, 0];
      const half = "width_mm" in outline ? outline.width_mm / 2 : 10;
      const [x0, , x1] =
        outline.kind === "polygon" || outline.kind === "strip" ? bounds([points]) : [middle[0] - half, 0, middle[0] + half, 0];
      return { kind, material: "xps_foam", from_mm: [x0, middle[1]], to_mm: [x1, middle[1]], from_z_mm: 0, to_z_mm: 6 };
    }
  }
}
