import { type PointerEvent, type RefObject, useEffect, useRef, useState } from "react";
import type { Build, CutLine, PatchOperation, Point } from "../../api/types";
import { useBuild, useBuildSession, useFile, useSession } from "../useSession";
import type { Drawable, DrawShape } from "./drawing";
import { type Gesture, type Preview, patchOf, previewOf, snapOf } from "./gesture";
import { outlineOf } from "./parts";
import { type Change, corner, cornerTakenOut, drawnPart, IDLE, isSecondTap, isTap, pinch, pointing, pulled, pulledLines } from "./pointer";
import type { usePlanView } from "./view";

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
}

/** Pointers on the plan: look, light, draw, move, turn and reshape by hand. */
export function usePlanPointer({ ref, view, placed, lines, onTry, asking, onHover }: Props) {
  const session = useBuildSession();
  const file = useFile();
  const build = useBuild();
  const [now, dispatch] = useAtOnce(pointing, IDLE);
  const [settling, settle] = useSettling(build);
  const { gesture, sketch, keys } = now();

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

  function down(event: PointerEvent) {
    if (now().sketch || asking) return press(event, null);
    const part = partUnder(event.target as Element);
    const at = over(event);
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
    dispatch({ type: "moved", id: event.pointerId, at, over: view.toPlan(at), keys: held });
    if (fingers) {
      view.zoom(fingers.factor, fingers.about);
      return view.pan(...(fingers.by as [number, number]));
    }
    if (state.sketch) return;
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
    if (state.sketch) return tap ? setCorner(view.toPlan(at)) : undefined;
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
    if (done.kind === "pan") return session.select(partUnder(document.elementFromPoint(event.clientX, event.clientY)));
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
    draw(what: Drawable, shape: DrawShape) {
      session.select(null);
      dispatch({ type: "drawing", what, shape });
    },
    stop: () => dispatch({ type: "drawn" }),
    events: { onPointerDown: down, onPointerMove: move, onPointerUp: up, onPointerCancel: cancel },
  };
}

/** A reducer whose newest state handlers have at once: pointers move more often than the page is drawn. */
function useAtOnce<S, A>(reduce: (state: S, action: A) => S, first: S): [() => S, (action: A) => void] {
  const newest = useRef(first);
  const [, draw] = useState(first);
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
