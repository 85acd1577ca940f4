import type { CutLine, Outline, PatchOperation, PlinthFile, Point } from "../../api/types";
import { applied } from "../sessionState";
import { add, centre, distance, type Grip, less, roundedPoint } from "./outline";
import { movePatch, outlineOf, outlinePatch, shadowOf, turnPatch } from "./parts";

/** One pull of a pointer on the plan, from down to up. Each kind says what it shows while it lasts and what it leaves. */
export type Gesture =
  | { kind: "pan" }
  | { kind: "part"; pointer: string; also?: string[]; from: Point; to: Point }
  | { kind: "grip"; pointer: string; grip: Grip; to: Point }
  | { kind: "mark"; pointer: string; index: number; to: Point }
  | { kind: "turn"; pointer: string; from: Point; to: Point }
  | { kind: "cut"; index: number; end: "from" | "to" | "both"; line: CutLine; from: Point; to: Point };

/** Steps that a hand snaps to: whole millimetres and degrees, tenths with Alt held, fives and quarter thirds with Shift. */
const FINE = { mm: 0.1, deg: 0.5 };
const USUAL = { mm: 1, deg: 1 };
const COARSE = { mm: 5, deg: 15 };
export type Snap = typeof FINE;
/** Keys held while a pointer pulls. */
export interface Held {
  altKey: boolean;
  shiftKey: boolean;
}

export const snapOf = (keys: Held): Snap => (keys.altKey ? FINE : keys.shiftKey ? COARSE : USUAL);

const snapped = (by: Point, snap: Snap): Point => roundedPoint(by, snap.mm);

function turnOf(gesture: { pointer: string; from: Point; to: Point }, file: PlinthFile, snap: Snap): number {
  const outline = outlineOf(file, gesture.pointer);
  if (!outline) return 0;
  const about = centre(outline);
  const angle = (p: Point) => (Math.atan2(p[1] - about[1], p[0] - about[0]) * 180) / Math.PI;
  return Math.round((angle(gesture.to) - angle(gesture.from)) / snap.deg) * snap.deg;
}

/** A part as it will be when it is let go of: its outline, and a subject's whole shadow. */
export interface Preview {
  pointer: string;
  outline: Outline;
  shadow: Outline | null;
  /** Of what goes with it. */
  also: Outline[];
  /** The whole file as it will be. */
  file: PlinthFile;
}

/** What to show while a gesture lasts; null where it changes no part. */
export function previewOf(gesture: Gesture, file: PlinthFile, snap: Snap): Preview | null {
  if (gesture.kind === "pan" || gesture.kind === "cut") return null;
  const { pointer } = gesture;
  const then = applied(file, [{ patch: patchOf(gesture, file, snap) }]);
  const outline = outlineOf(then, pointer);
  const also = gesture.kind === "part" ? (gesture.also ?? []).flatMap((part) => outlineOf(then, part) ?? []) : [];
  return outline && { pointer, outline, shadow: shadowOf(then, pointer), also, file: then };
}

/** The change a finished gesture makes to the file. */
export function patchOf(gesture: Gesture, file: PlinthFile, snap: Snap): PatchOperation[] {
  switch (gesture.kind) {
    case "part": {
      const by = snapped(less(gesture.to, gesture.from), snap);
      return by[0] || by[1] ? [gesture.pointer, ...(gesture.also ?? [])].flatMap((part) => movePatch(file, part, by)) : [];
    }
    case "turn": {
      const deg = turnOf(gesture, file, snap);
      return deg ? turnPatch(file, gesture.pointer, deg) : [];
    }
    case "mark":
      return [{ op: "add", path: `${gesture.pointer}/fall/${gesture.index}/at_mm`, value: roundedPoint(gesture.to, snap.mm) }];
    case "grip":
      return outlinePatch(file, gesture.pointer, gesture.grip.pull(gesture.to));
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
