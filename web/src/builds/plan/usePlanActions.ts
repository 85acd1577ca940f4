import { useBuildSession, useFile, useSelection } from "../useSession";
import { copyPatch, movePatch, nameOf, takeOutPatch, turnPatch } from "./parts";
import { usePlanKeys } from "./usePlanKeys";
import type { PlanPointer } from "./usePlanPointer";
import type { usePlanView } from "./view";

interface Props {
  placed: string | null;
  pointer: PlanPointer;
  view: ReturnType<typeof usePlanView>;
  /** Gives up asking where water would run; null while nobody asks. */
  stopAsking: (() => void) | null;
}

/** What the keys do to the lit part, and to what is being drawn. */
export function usePlanActions({ placed, pointer, view, stopAsking }: Props) {
  const session = useBuildSession();
  const file = useFile();
  const { pointer: selected } = useSelection();

  function takeOut() {
    if (!selected || selected === "/plinth") return;
    session.select(null);
    session.edit(`Take out ${nameOf(file, selected)}`, takeOutPatch(selected));
  }

  function copy() {
    const copied = placed && copyPatch(file, placed);
    if (!copied) return;
    session.edit(`Copy ${nameOf(file, placed)}`, copied.patch);
    session.select(copied.pointer);
  }

  function letGo() {
    if (pointer.sketch) pointer.stop();
    else if (stopAsking) stopAsking();
    else session.select(null);
  }

  usePlanKeys({
    nudge: (by) => placed && session.edit(`Nudge ${nameOf(file, placed)}`, movePatch(file, placed, by)),
    turn: (deg) => placed && session.edit(`Turn ${nameOf(file, placed)}`, turnPatch(file, placed, deg)),
    takeOut,
    copy,
    escape: letGo,
    enter: () => pointer.sketch && pointer.finish(),
    zoom: view.zoom,
    fit: view.fit,
  });
}
