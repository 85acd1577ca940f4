import type { CutLine, Outline, PatchOperation, PlinthFile, Point } from "../../api/types";
import { closes, type Drawable, type DrawShape, ends, made, type Sketch, sketched } from "./drawing";
import { cutOf, type Gesture, type Held, type Preview, patchOf, previewOf, snapOf } from "./gesture";
import { distance, withoutCorner } from "./outline";
import { nameOf, outlineOf, outlinePatch } from "./parts";

/** Pixels a pointer may stray and still have tapped. */
const TAP_PX = 4;
/** Pixels round its first corner in which a tap closes a polygon: as large as the ring that is drawn there. */
export const CLOSE_PX = 8;
/** Pixels between two points of a line drawn by hand. */
const STROKE_PX = 2;
/** Two taps within this are a double tap. */
const DOUBLE_MS = 400;

/** Shapes that are drawn corner by corner. */
const BY_CORNERS: DrawShape[] = ["polygon", "strip"];

/** What pointers do on the plan: which are down and where, what they pull, what is being drawn. */
export interface Pointing {
  /** Where each pointer that is down was last, px. */
  touches: ReadonlyMap<number, Point>;
  /** Where the newest one came down, px. */
  start: Point;
  gesture: Gesture | null;
  keys: Held;
  sketch: Sketch | null;
  /** The corner that was tapped last, and when, ms. */
  tapped: { key: string; at: number } | null;
}

export const IDLE: Pointing = {
  touches: new Map(),
  start: [0, 0],
  gesture: null,
  keys: { altKey: false, shiftKey: false },
  sketch: null,
  tapped: null,
};

export type PointerAction =
  /** A pointer came down and pulls at something, or at nothing. */
  | { type: "pressed"; id: number; at: Point; keys: Held; gesture: Gesture | null }
  /** A pointer moved: on the screen, px, and over the plan, mm. */
  | { type: "moved"; id: number; at: Point; over: Point; keys: Held }
  | { type: "lifted"; id: number }
  | { type: "cancelled" }
  | { type: "drawing"; what: Drawable; shape: DrawShape }
  /** A corner of what is drawn was set, mm. */
  | { type: "cornered"; at: Point }
  /** The corner that was set last is taken back. */
  | { type: "corner_back" }
  /** A line drawn by hand goes on to here, mm, at so many px for each mm. */
  | { type: "stroked"; over: Point; scale: number }
  | { type: "drawn" }
  | { type: "corner_tapped"; key: string; at: number };

/** Pointers after something happened. */
export function pointing(state: Pointing, action: PointerAction): Pointing {
  switch (action.type) {
    case "pressed": {
      const touches = new Map(state.touches).set(action.id, action.at);
      // A second finger looks nearer or farther, whatever the first one held.
      const gesture: Gesture | null = touches.size > 1 ? { kind: "pan" } : action.gesture;
      return { ...state, touches, start: action.at, keys: action.keys, gesture };
    }
    case "moved": {
      if (!state.sketch && !state.gesture && !state.touches.has(action.id)) return state;
      const touches = state.touches.has(action.id) ? new Map(state.touches).set(action.id, action.at) : state.touches;
      if (state.sketch) return { ...state, touches, sketch: { ...state.sketch, hover: action.over } };
      const pulled = state.gesture && state.gesture.kind !== "pan" ? { ...state.gesture, to: action.over } : state.gesture;
      return { ...state, touches, keys: state.gesture ? action.keys : state.keys, gesture: pulled };
    }
    case "lifted": {
      const touches = new Map(state.touches);
      touches.delete(action.id);
      return { ...state, touches, gesture: null };
    }
    case "cancelled":
      return { ...state, touches: new Map(), gesture: null };
    case "drawing": {
      // Another shape of the same thing goes on from the corners that are set, where it has any use for them.
      const kept = state.sketch?.what.key === action.what.key && BY_CORNERS.includes(action.shape) ? state.sketch.points : [];
      return { ...state, gesture: null, sketch: { what: action.what, shape: action.shape, points: kept, hover: null } };
    }
    case "cornered":
      return state.sketch ? { ...state, sketch: { ...state.sketch, points: [...state.sketch.points, action.at], hover: null } } : state;
    case "corner_back":
      return state.sketch ? { ...state, sketch: { ...state.sketch, points: state.sketch.points.slice(0, -1) } } : state;
    case "stroked": {
      const { sketch } = state;
      const last = sketch?.points[sketch.points.length - 1];
      if (!sketch || (last && distance(last, action.over) * action.scale < STROKE_PX)) return state;
      return { ...state, sketch: { ...sketch, points: [...sketch.points, action.over], hover: null } };
    }
    case "drawn":
      return { ...state, sketch: null };
    case "corner_tapped":
      return { ...state, tapped: isSecondTap(state, action.key, action.at) ? null : { key: action.key, at: action.at } };
  }
}

export const isTap = (state: Pointing, at: Point): boolean => Math.hypot(at[0] - state.start[0], at[1] - state.start[1]) <= TAP_PX;

export const isSecondTap = ({ tapped }: Pointing, key: string, at: number): boolean => tapped?.key === key && at - tapped.at < DOUBLE_MS;

/** How two fingers that move change the view: what lies under them stays under them. Null for any other number of them. */
export function pinch(state: Pointing, id: number, at: Point): { factor: number; about: Point; by: Point } | null {
  const before = state.touches.get(id);
  if (state.touches.size !== 2 || !before) return null;
  const other = [...state.touches].find(([key]) => key !== id)?.[1] ?? at;
  const gap = (p: Point) => Math.hypot(p[0] - other[0], p[1] - other[1]) || 1;
  return {
    factor: gap(at) / gap(before),
    about: [(at[0] + other[0]) / 2, (at[1] + other[1]) / 2],
    by: [(at[0] - before[0]) / 2, (at[1] - before[1]) / 2],
  };
}

/** What a tap means while something is drawn: one more corner, or the end of it. */
export function corner(state: Pointing, at: Point, scale: number): { sketch: Sketch; over: boolean } | null {
  const { sketch } = state;
  if (!sketch) return null;
  if (closes(sketch, at, CLOSE_PX / scale)) return { sketch, over: true };
  const next = { ...sketch, points: [...sketch.points, at], hover: null };
  return { sketch: next, over: ends(next) };
}

/** A change of the file, with what it is called and what is lit after it. */
export interface Change {
  label: string;
  patch: PatchOperation[];
  select?: string;
}

/** The part that a finished sketch makes; null where it encloses nothing. */
export function drawnPart(file: PlinthFile, sketch: Sketch): Change | null {
  const outline = sketched(sketch, true);
  if (!outline) return null;
  const { into } = sketch.what;
  const label = `Draw ${sketch.what.name}`;
  if (into) return { label, patch: [{ op: "add", path: `${into}/outline`, value: outline }], select: into };
  const { pointer, patch } = made(file, sketch.what, outline);
  return { label, patch, select: pointer };
}

/** The outline without the corner that was tapped twice. */
export function cornerTakenOut(file: PlinthFile, { pointer, grip }: Extract<Gesture, { kind: "grip" }>): Change | null {
  const outline = outlineOf(file, pointer);
  const fewer: Outline | null = grip.kind === "corner" && outline ? withoutCorner(outline, Number(grip.key.split("-")[1])) : null;
  return fewer && { label: `Take a corner out of ${nameOf(file, pointer)}`, patch: outlinePatch(file, pointer, fewer) };
}

const PULLED = { part: "Move", turn: "Turn", grip: "Reshape", mark: "Move a mark of" } as const;

/** What a pull that is let go of leaves: the change, and the part as it is shown until the server has drawn it. */
export function pulled(file: PlinthFile, gesture: Gesture, keys: Held): (Change & { preview: Preview | null }) | null {
  if (gesture.kind === "pan" || gesture.kind === "cut") return null;
  const patch = patchOf(gesture, file, snapOf(keys));
  if (!patch.length) return null;
  return {
    label: `${PULLED[gesture.kind]} ${gesture.kind === "part" && gesture.also?.length ? `${gesture.also.length + 1} parts` : nameOf(file, gesture.pointer)}`,
    patch,
    preview: previewOf(gesture, file, snapOf(keys)),
  };
}

/** Section lines with the one that is pulled. */
export const pulledLines = (lines: CutLine[], gesture: Gesture | null): CutLine[] =>
  gesture?.kind === "cut" ? lines.map((line, index) => (index === gesture.index ? cutOf(gesture) : line)) : lines;
