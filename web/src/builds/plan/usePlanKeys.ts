import type { Point } from "../../api/types";
import { useKeys } from "../../common/useKeys";

interface Actions {
  nudge: (by: Point) => unknown;
  turn: (deg: number) => unknown;
  takeOut: () => unknown;
  copy: () => unknown;
  escape: () => unknown;
  enter: () => unknown;
  zoom: (factor: number) => void;
  fit: () => void;
}

const ARROWS: Record<string, Point> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

/** The plan by keyboard: arrows nudge 1 mm, with Shift 5, with Alt 0.1. Said on the help sheet (`?`). */
export function usePlanKeys(actions: Actions) {
  useKeys((event) => {
    const arrow = ARROWS[event.key];
    if (arrow && !event.ctrlKey && !event.metaKey) {
      const step = event.shiftKey ? 5 : event.altKey ? 0.1 : 1;
      actions.nudge([arrow[0] * step, arrow[1] * step]);
      return true;
    }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "d") {
      actions.copy();
      return true;
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
