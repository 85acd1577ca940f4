import { type KeyboardEvent, type PointerEvent, type RefObject, useRef, useState } from "react";
import { useBuildSession, useSelection } from "../../useSession";
import { useDragging } from "../useDragging";
import { type Mark, neighbour } from "./marks";

/** A hand that moves less than this presses, px. */
const PRESSED = 6;

/**
 * Picks steps and moves them: pressed to pick, dragged onto another to be done before it, with what stands against it told before the
 * drop. By keyboard: arrows go from step to step, Enter picks, Alt with an arrow asks for the place before or after, Enter takes it.
 */
export function useStepHands(marks: Mark[], drawing: RefObject<SVGSVGElement | null>) {
  const session = useBuildSession();
  const picked = useSelection().step;
  const dragging = useDragging();
  const [reached, setReached] = useState<string | null>(null);
  const pressed = useRef<{ mark: Mark; x: number; y: number; moved: boolean } | null>(null);

  const markAt = (target: EventTarget | null) => {
    const key = (target as Element | null)?.closest?.("[data-key]")?.getAttribute("data-key");
    return marks.find((mark) => mark.key === key);
  };
  const pick = ({ step }: Mark) => (picked === step.id ? session.select(null, null) : session.select(step.where[0] ?? null, step.id));
  const go = (mark: Mark | undefined) => {
    if (!mark) return;
    setReached(mark.key);
    drawing.current?.querySelector<SVGGElement>(`[data-key="${CSS.escape(mark.key)}"]`)?.focus();
  };

  function keyed(event: KeyboardEvent) {
    const mark = markAt(event.target);
    if (!mark) return;
    const done = () => event.preventDefault();
    if (event.altKey && (event.key === "ArrowLeft" || event.key === "ArrowRight")) {
      done();
      const other = nextOther(marks, mark, event.key);
      if (other) void (event.key === "ArrowLeft" ? dragging.ask(mark.step.id, other.step.id) : dragging.ask(other.step.id, mark.step.id));
    } else if (event.key.startsWith("Arrow") && !event.altKey) {
      done();
      event.stopPropagation();
      dragging.end();
      go(neighbour(marks, mark, event.key));
    } else if (event.key === "Enter" || event.key === " ") {
      done();
      if (dragging.over) dragging.drop();
      else pick(mark);
    } else if (event.key === "Escape" && dragging.over) {
      done();
      event.stopPropagation();
      dragging.end();
    }
  }

  return {
    picked,
    dragging,
    reached: marks.some((mark) => mark.key === reached) ? reached : (marks[0]?.key ?? null),
    events: {
      onKeyDown: keyed,
      onFocus: (event: { target: EventTarget }) => {
        const mark = markAt(event.target);
        if (mark) setReached(mark.key);
      },
      onPointerDown(event: PointerEvent) {
        const mark = markAt(event.target);
        if (!mark || event.button !== 0) return;
        pressed.current = { mark, x: event.clientX, y: event.clientY, moved: false };
        drawing.current?.setPointerCapture(event.pointerId);
        event.stopPropagation();
      },
      onPointerMove(event: PointerEvent) {
        const now = pressed.current;
        if (!now) return;
        event.stopPropagation();
        if (!now.moved && Math.hypot(event.clientX - now.x, event.clientY - now.y) < PRESSED) return;
        now.moved = true;
        const over = markAt(document.elementFromPoint(event.clientX, event.clientY));
        dragging.hold(now.mark.step.id);
        if (over && over.step.id !== now.mark.step.id) void dragging.ask(now.mark.step.id, over.step.id);
      },
      onPointerUp() {
        const now = pressed.current;
        pressed.current = null;
        if (!now) return;
        if (now.moved) dragging.drop();
        else {
          setReached(now.mark.key);
          pick(now.mark);
        }
      },
      onPointerCancel() {
        pressed.current = null;
        dragging.end();
      },
    },
  };
}

/** The step before or after one in time that is not itself in another row. */
function nextOther(marks: Mark[], from: Mark, key: string): Mark | undefined {
  let at: Mark | undefined = neighbour(marks, from, key);
  while (at && at.step.id === from.step.id) at = neighbour(marks, at, key);
  return at;
}
