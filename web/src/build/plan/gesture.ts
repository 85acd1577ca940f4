import type { CutLine, Outline, PatchOperation, PlinthFile, Point } from "../../api/types";
import { add, centre, distance, type Grip, less, moved, roundedPoint, spun } from "./outline";
import { movePatch, outlineOf, reshapePatch, turnPatch } from "./parts";

/** One pull of a pointer on the plan, from down to up. Each kind says what it shows while it lasts and what it leaves. */
export type Gesture =
  | { kind: "pan" }
  | { kind: "part"; pointer: string; from: Point; to: Point }
  | { kind: "grip"; pointer: string; grip: Grip; to: Point }
  | { kind: "turn"; pointer: string; from: Point; to: Point }
  | { kind: "cut"; end: "from" | "to" | "both"; line: CutLine; from: Point; to: Point };

/** Steps that a hand snaps to: whole millimetres and degrees, or tenths with Alt held. */
export const FINE = { mm: 0.1, deg: 0.5 };
export const COARSE = { mm: 1, deg: 1 };
export type Snap = typeof FINE;

const snapped = (by: Point, snap: Snap): Point => roundedPoint(by, snap.mm);

function turnOf(gesture: { pointer: string; from: Point; to: Point }, file: PlinthFile, snap: Snap): number {
  const outline = outlineOf(file, gesture.pointer);
  if (!outline) return 0;
  const about = centre(outline);
  const angle = (p: Point) => (Math.atan2(p[1] - about[1], p[0] - about[0]) * 180) / Math.PI;
  return Math.round((angle(gesture.to) - angle(gesture.from)) / snap.deg) * snap.deg;
}

/** The outline to show while a gesture lasts; null where it changes none. */
export function previewOf(gesture: Gesture, file: PlinthFile, snap: Snap): { pointer: string; outline: Outline } | null {
  if (gesture.kind === "pan" || gesture.kind === "cut") return null;
  const outline = outlineOf(file, gesture.pointer);
  if (!outline) return null;
  switch (gesture.kind) {
    case "part":
      return { pointer: gesture.pointer, outline: moved(outline, snapped(less(gesture.to, gesture.from), snap)) };
    case "turn":
      return { pointer: gesture.pointer, outline: spun(outline, turnOf(gesture, file, snap)) };
    case "grip":
      return { pointer: gesture.pointer, outline: gesture.grip.pull(gesture.to) };
  }
}

/** The change a finished gesture makes to the file. */
export function patchOf(gesture: Gesture, file: PlinthFile, snap: Snap): PatchOperation[] {
  switch (gesture.kind) {
    case "part": {
      const by = snapped(less(gesture.to, gesture.from), snap);
      return by[0] || by[1] ? movePatch(file, gesture.pointer, by) : [];
    }
    case "turn": {
      const deg = turnOf(gesture, file, snap);
      return deg ? turnPatch(file, gesture.pointer, deg) : [];
    }
    case "grip":
      return reshapePatch(gesture.pointer, gesture.grip.pull(gesture.to));
    default:
      return [];
  }
}

/** Where a section line lies while it is pulled. */
export function cutOf(gesture: Extract<Gesture, { kind: "cut" }>): CutLine {
  const by = less(gesture.to, gesture.from);
  const [a, b] = [gesture.line.slice(0, 2), gesture.line.slice(2)];
  const from = roundedPoint(gesture.end === "to" ? a : add(a, by), 0.5);
  const to = roundedPoint(gesture.end === "from" ? b : add(b, by), 0.5);
  return distance(from, to) < 2 ? gesture.line : ([...from, ...to] as CutLine);
}
