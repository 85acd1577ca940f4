import type { Point } from "../../api/types";
import { useKeys } from "../../common/useKeys";

interface Actions {
  /** What is being drawn takes keys of its own; null while nothing is. */
  drawing: { step: (by: Point) => void; set: () => void; back: () => void } | null;
  nudge: (by: Point) => unknown;
  turn: (deg: number) => unknown;
  takeOut: () => unknown;
  copy: () => unknown;
  /** Takes along what is lit, and brings it in. */
  cut: () => boolean;
  paste: () => boolean;
  escape: () => unknown;
  enter: () => unknown;
  zoom: (factor: number) => void;
  fit: () => void;
}

const ARROWS: Record<string, Point> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

/** Space sets a corner, Backspace and Ctrl Z take the last one back. */
function drawn(event: KeyboardEvent, drawing: NonNullable<Actions["drawing"]>): boolean {
  const undo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z";
  if (event.key === " ") drawing.set();
  else if (event.key === "Backspace" || undo) drawing.back();
  else return false;
  return true;
}

/** The plan by keyboard: arrows nudge 1 mm, with Shift 5, with Alt 0.1. Said on the help sheet (`?`). */
export function usePlanKeys(actions: Actions) {
  useKeys((event) => {
    const arrow = ARROWS[event.key];
    if (arrow && !event.ctrlKey && !event.metaKey) {
      const step = event.shiftKey ? 5 : event.altKey ? 0.1 : 1;
      const by = [arrow[0] * step, arrow[1] * step];
      if (actions.drawing) actions.drawing.step(by);
      else actions.nudge(by);
      return true;
    }
    if (actions.drawing && drawn(event, actions.drawing)) return true;
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "d") {
      actions.copy();
      return true;
    }
    if ((event.ctrlKey || event.metaKey) && !event.shiftKey && !getSelection()?.toString()) {
      if (event.key.toLowerCase() === "c") return actions.cut();
      if (event.key.toLowerCase() === "v") return actions.paste();
    }
    if (event.ctrlKey || event.metaKey || event.altKey) return false;
    switch (event.key) {
      case "[":
        actions.turn(5);
        return true;
      case "]":
        actions.turn(-5);
        return true;
      case "Delete":
      case "Backspace":
        actions.takeOut();
        return true;
      case "Escape":
        actions.escape();
        return true;
      case "Enter":
        actions.enter();
        return false;
      case "+":
      case "=":
        actions.zoom(1.3);
        return true;
      case "-":
        actions.zoom(1 / 1.3);
        return true;
      case "0":
        actions.fit();
        return true;
      default:
        return false;
    }
  });
}
