import { copied, pasted } from "../courses/clipboard";
import { useBuildSession, useFile, useSelection } from "../useSession";
import { movePatch, nameOf, placedPart, takeOutPatch } from "./parts";
import { copyAllPatch, takeOutAllPatch, turnAllPatch } from "./several";
import { usePlanKeys } from "./usePlanKeys";
import type { PlanPointer } from "./usePlanPointer";
import type { usePlanView } from "./view";

interface Props {
  placed: string | null;
  /** Further parts that are lit. */
  also: string[];
  pointer: PlanPointer;
  view: ReturnType<typeof usePlanView>;
  /** Gives up asking where water would run; null while nobody asks. */
  stopAsking: (() => void) | null;
}

/** What the keys do to the lit part, and to what is being drawn. */
export function usePlanActions({ placed, also, pointer, view, stopAsking }: Props) {
  const session = useBuildSession();
  const file = useFile();
  const { pointer: selected } = useSelection();

  const lit = placed ? [placed, ...also.map(placedPart)] : [];
  const called = () => (lit.length > 1 ? `${lit.length} parts` : nameOf(file, lit[0]));

  function takeOut() {
    if (!selected || selected === "/plinth") return;
    session.select(null);
    if (also.length) session.edit(`Take out ${lit.length} parts`, takeOutAllPatch(lit));
    else session.edit(`Take out ${nameOf(file, selected)}`, takeOutPatch(selected));
  }

  function light([first, ...others]: string[]) {
    session.select(first);
    for (const other of others) session.selectAlso(other);
  }

  function copy() {
    const { pointers, patch } = copyAllPatch(file, lit);
    if (!pointers.length) return;
    session.edit(`Copy ${called()}`, patch);
    light(pointers);
  }

  function paste(): boolean {
    const change = pasted(file, selected);
    if (!change) return false;
    session.edit(change.label, change.patch);
    light(change.lit);
    return true;
  }

  function letGo() {
    if (pointer.sketch) pointer.stop();
    else if (stopAsking) stopAsking();
    else session.select(null);
  }

  usePlanKeys({
    drawing: pointer.sketch && { step: pointer.step, set: pointer.set, back: pointer.back },
    nudge: (by) =>
      lit.length &&
      session.edit(
        `Nudge ${called()}`,
        lit.flatMap((part) => movePatch(file, part, by)),
      ),
    turn: (deg) => lit.length && session.edit(`Turn ${called()}`, turnAllPatch(file, lit, deg)),
    takeOut,
    copy,
    cut: () => selected !== null && copied(file, also.length ? lit : [selected]),
    paste,
    escape: letGo,
    enter: () => pointer.sketch && pointer.finish(),
    zoom: view.zoom,
    fit: view.fit,
  });
}
