import { type PointerEvent, type RefObject, useEffect, useRef, useState } from "react";
import type { Build, CutLine, PatchOperation, Point } from "../../api/types";
import { putKept, readKept } from "../../common/useKept";
import { useBuild, useBuildSession, useFile, useOf, useSession } from "../useSession";
import { type Drawable, type DrawShape, type Sketch, sketched } from "./drawing";
import { type Gesture, type Preview, patchOf, previewOf, snapOf } from "./gesture";
import { snappedTo } from "./neighbours";
import { add, roundedPoint } from "./outline";
import { outlineOf } from "./parts";
import { type Change, corner, cornerTakenOut, drawnPart, IDLE, isSecondTap, isTap, pinch, pointing, pulled, pulledLines } from "./pointer";
import type { usePlanView } from "./view";

/** Pixels within which a corner that is drawn lies down on a neighbour. */
const NEAR_PX = 7;
/** What is moved by keys alone. */
const NO_POINTER = -1;

interface Props {
  ref: RefObject<HTMLElement | null>;
  view: ReturnType<typeof usePlanView>;
  /** The lit part, where it is one that is placed. */
  placed: string | null;
  lines: CutLine[];
  /** Told of the change a pull would make while it lasts, and null when it is over. */
  onTry?: (patch: PatchOperation[] | null) => void;
  /** Takes a tap for itself; then nothing is lit or pulled. */
  asking: ((at: Point) => void) | null;
  onHover: (at: Point) => void;
  /** Further parts that are lit, and whether taps add to them. */
  also: string[];
  several: boolean;
}

/** Pointers on the plan: look, light, draw, move, turn and reshape by hand. */
export function usePlanPointer({ ref, view, placed, lines, onTry, asking, onHover, also, several }: Props) {
  const session = useBuildSession();
  const file = useFile();
  const build = useBuild();
  const kept = `sketch:${build.id}:${useOf() ?? ""}`;
  const [now, dispatch] = useAtOnce(pointing, () => ({ ...IDLE, sketch: readKept<Sketch | null>("window", kept, null) }));
  const [settling, settle] = useSettling(build);
  const { gesture, sketch, keys } = now();
  // What is half drawn survives a reload.
  const points = sketch?.points;
  // biome-ignore lint/correctness/useExhaustiveDependencies: where the pointer hovers is not kept
  useEffect(() => putKept("window", kept, sketch && { ...sketch, hover: null }, null), [kept, points, sketch?.shape, sketch?.what.key]);

  const local = (event: { clientX: number; clientY: number }): Point => {
    const frame = ref.current?.getBoundingClientRect();
    return [event.clientX - (frame?.left ?? 0), event.clientY - (frame?.top ?? 0)];
  };
  const over = (event: { clientX: number; clientY: number }): Point => view.toPlan(local(event));
  const capture = (event: PointerEvent) => ref.current?.setPointerCapture(event.pointerId);

  function change(made: Change | null) {
    if (!made) return;
    session.edit(made.label, made.patch);
    if (made.select) session.select(made.select);
  }

  function press(event: PointerEvent, next: Gesture | null) {
    capture(event);
    const held = { altKey: event.altKey, shiftKey: event.shiftKey };
    dispatch({ type: "pressed", id: event.pointerId, at: local(event), keys: held, gesture: next });
  }

  /** Takes hold of a grip, which then does not reach the plan. */
  function hold(event: PointerEvent, next: Gesture) {
    if (now().sketch) return;
    event.stopPropagation();
    press(event, next);
  }

  /** Where a corner comes to lie that is set here: at its neighbours, unless Alt is held. */
  const cornerAt = (at: Point, free: boolean): Point => (free ? at : snappedTo(file, at, NEAR_PX / view.view.scale));

  function down(event: PointerEvent) {
    if (now().sketch || asking) {
      press(event, null);
      if (now().sketch?.shape === "freehand" && now().touches.size === 1)
        dispatch({ type: "stroked", over: over(event), scale: view.view.scale });
      return;
    }
    const part = partUnder(event.target as Element);
    const at = over(event);
    const adding = several || event.shiftKey;
    if (part && also.length && !adding && (part === placed || also.includes(part)) && placed) {
      const others = [placed, ...also].filter((one) => one !== part);
      return press(event, { kind: "part", pointer: part, also: others, from: at, to: at });
    }
    if (adding) return press(event, { kind: "pan" });
    // Ground that fills the whole top is looked at, not dragged; what is already lit is taken hold of.
    const loose = part && (part === placed || part.startsWith("/subjects") || part.startsWith("/features"));
    if (loose && event.button === 0 && outlineOf(file, part)?.kind !== "rest") {
      session.select(part);
      press(event, { kind: "part", pointer: part, from: at, to: at });
    } else press(event, { kind: "pan" });
  }

  function move(event: PointerEvent) {
    const at = local(event);
    const state = now();
    const before = state.touches.get(event.pointerId);
    const fingers = pinch(state, event.pointerId, at);
    const held = { altKey: event.altKey, shiftKey: event.shiftKey };
    const place = state.sketch ? cornerAt(view.toPlan(at), event.altKey) : view.toPlan(at);
    dispatch({ type: "moved", id: event.pointerId, at, over: place, keys: held });
    if (fingers) {
      view.zoom(fingers.factor, fingers.about);
      return view.pan(...(fingers.by as [number, number]));
    }
    if (state.sketch) {
      if (!before) return;
      if (state.sketch.shape === "freehand") dispatch({ type: "stroked", over: view.toPlan(at), scale: view.view.scale });
      // Pulled, the sheet goes along: only a tap sets a corner.
      else if (!isTap(state, at)) view.pan(at[0] - before[0], at[1] - before[1]);
      return;
    }
    onHover(view.toPlan(at));
    const pull = now().gesture;
    if (pull?.kind === "pan") {
      if (before && event.buttons) view.pan(at[0] - before[0], at[1] - before[1]);
    } else if (pull) onTry?.(patchOf(pull, file, snapOf(event)));
  }

  function up(event: PointerEvent) {
    const at = local(event);
    const state = now();
    const tap = isTap(state, at);
    dispatch({ type: "lifted", id: event.pointerId });
    if (state.sketch?.shape === "freehand") {
      // What encloses nothing was a slip of the hand: it is begun anew.
      const drawn = sketched(state.sketch, true);
      return drawn && state.touches.size === 1 ? finish(state.sketch) : dispatch({ type: "drawing", ...state.sketch });
    }
    if (state.sketch) return tap && state.touches.size === 1 ? setCorner(cornerAt(view.toPlan(at), event.altKey)) : undefined;
    if (asking) return tap ? asking(view.toPlan(at)) : undefined;
    if (!state.gesture) return;
    onTry?.(null);
    // Where it is let go of: there may have been no move to that place.
    const done = state.gesture.kind === "pan" ? state.gesture : { ...state.gesture, to: view.toPlan(at) };
    if (tap) return tapped(done, event);
    if (done.kind === "cut") return session.cutAt(pulledLines(lines, done));
    const left = pulled(file, done, state.keys);
    if (left?.preview) settle(left.preview);
    change(left);
  }

  function tapped(done: Gesture, event: PointerEvent) {
    if (done.kind === "pan") {
      const part = partUnder(document.elementFromPoint(event.clientX, event.clientY));
      if (!several && !event.shiftKey) return session.select(part);
      return part ? session.selectAlso(part) : undefined;
    }
    if (done.kind === "part" && done.also) return session.select(done.pointer);
    if (done.kind !== "grip") return;
    // The pointer is captured by the plan, so that no double click reaches the corner itself.
    if (isSecondTap(now(), done.grip.key, event.timeStamp)) change(cornerTakenOut(file, done));
    dispatch({ type: "corner_tapped", key: done.grip.key, at: event.timeStamp });
  }

  function setCorner(at: Point) {
    const next = corner(now(), at, view.view.scale);
    if (next?.over) finish(next.sketch);
    else dispatch({ type: "cornered", at });
  }

  /** The corner that is drawn without a pointer goes by so much, from the middle of what is seen. */
  function step(by: Point) {
    const { sketch: drawn } = now();
    const from = drawn?.hover ?? drawn?.points[drawn.points.length - 1] ?? roundedPoint(view.view.centre, 1);
    dispatch({ type: "moved", id: NO_POINTER, at: [0, 0], over: roundedPoint(add(from, by)), keys: IDLE.keys });
  }

  function finish(done = now().sketch) {
    dispatch({ type: "drawn" });
    if (done) change(drawnPart(file, done));
  }

  function cancel() {
    dispatch({ type: "cancelled" });
    onTry?.(null);
  }

  useWheel(ref, view.zoom);
  return {
    sketch,
    preview: shownPreview(gesture && previewOf(gesture, file, snapOf(keys)), settling),
    lines: pulledLines(lines, gesture),
    over,
    hold,
    finish,
    step,
    /** Sets a corner where the last step led; the first, where none did, in the middle of what is seen. */
    set: () => {
      const { hover, points = [] } = now().sketch ?? {};
      if (hover) setCorner(hover);
      else if (!points.length) setCorner(roundedPoint(view.view.centre, 1));
    },
    back: () => dispatch({ type: "corner_back" }),
    draw(what: Drawable, shape: DrawShape) {
      session.select(what.into ?? null);
      dispatch({ type: "drawing", what, shape });
      ref.current?.focus({ preventScroll: true });
    },
    stop: () => dispatch({ type: "drawn" }),
    events: { onPointerDown: down, onPointerMove: move, onPointerUp: up, onPointerCancel: cancel },
  };
}

/** A reducer whose newest state handlers have at once: pointers move more often than the page is drawn. */
function useAtOnce<S, A>(reduce: (state: S, action: A) => S, begin: () => S): [() => S, (action: A) => void] {
  const [first, draw] = useState(begin);
  const newest = useRef(first);
  const dispatch = (action: A) => {
    newest.current = reduce(newest.current, action);
    draw(newest.current);
  };
  return [() => newest.current, dispatch];
}

const partUnder = (element: Element | null): string | null => element?.closest("[data-part]")?.getAttribute("data-part") ?? null;

const shownPreview = (pull: Preview | null, settling: Preview | null): Preview | null => pull ?? settling;

/** What was let go of, until it is in the server's drawing or was refused. */
function useSettling(build: Build): [Preview | null, (preview: Preview) => void] {
  const refused = useSession((state) => state.refused);
  const [left, setLeft] = useState<(Preview & { version: number }) | null>(null);
  const settle = (preview: Preview) => setLeft({ ...preview, version: build.version });
  return [left && left.version === build.version && !refused ? left : null, settle];
}

/** React's wheel listener is passive: it could not keep the page from scrolling. */
function useWheel(ref: RefObject<HTMLElement | null>, zoom: (factor: number, about?: Point) => void) {
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const frame = element.getBoundingClientRect();
      zoom(Math.exp(-event.deltaY / 400), [event.clientX - frame.left, event.clientY - frame.top]);
    };
    element.addEventListener("wheel", wheel, { passive: false });
    return () => element.removeEventListener("wheel", wheel);
  }, [zoom, ref]);
}

export type PlanPointer = ReturnType<typeof usePlanPointer>;
