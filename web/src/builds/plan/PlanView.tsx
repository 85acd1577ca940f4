import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { useEffect, useMemo, useState } from "react";
import type { Build, CutLine, Drawing, Mark, PatchOperation, Point, Within } from "../../api/types";
import { UnderlayDialog } from "../photographs/UnderlayDialog";
import { usePhotographs } from "../photographs/usePhotographs";
import type { Rehearsed } from "../rehearsal/useRehearsal";
import { useFile, useOfBuild, useSelection } from "../useSession";
import { placeFor } from "./drawing";
import { add, bounds, turned } from "./outline";
import { PlanNote } from "./PlanNote";
import { PlanSheet } from "./PlanSheet";
import { PlanTools } from "./PlanTools";
import { nameOf, outlinedPart, outlineOf } from "./parts";
import { askToDraw, useAskedToDraw } from "./useAskedToDraw";
import { useDrainage } from "./useDrainage";
import { usePlanActions } from "./usePlanActions";
import { usePlanPointer } from "./usePlanPointer";
import { type ReliefView, spotAt, useRelief } from "./useRelief";
import { usePlanView, useSize } from "./view";

interface Props {
  /** What is drawn instead of the finished base, and of the further bodies. */
  shown?: Drawing;
  stood?: Rehearsed["bodies"];
  /** Whether the section line lies on the plan. */
  withCut?: boolean;
  /** Strokes over the plan that show a judgement. */
  marks?: Mark[];
  /** A change looked at but not made: drawn as ghosts. */
  trial?: PatchOperation[] | null;
  /** Told of the change a drag would make while it lasts, and null when it is over. */
  onTry?: (patch: PatchOperation[] | null) => void;
}

const NO_MARKS: Mark[] = [];
const NOTHING: string[] = [];

/** The plan from above on its cutting mat: look, select, draw, move, turn, reshape. */
export function PlanView({ shown, stood, withCut = true, marks = NO_MARKS, trial = null, onTry }: Props) {
  const build = {
    drawing: useOfBuild((one) => one.drawing),
    sections: useOfBuild((one) => one.sections),
    within: useOfBuild((one) => one.within),
  };
  const file = useFile();
  const { pointer: selected, also = NOTHING } = useSelection();
  const { tints } = useTheme();
  const { ref, size } = useSize<HTMLDivElement>();
  const view = usePlanView(useSteadyBox(build), size);
  const [several, setSeveral] = useState(false);
  const [reliefView, setReliefView] = useState<ReliefView>("off");
  const relief = useRelief(reliefView, null);
  const [pointed, setPointed] = useState<Point | null>(null);
  const drainage = useDrainage();
  const photographs = usePhotographs();
  const [underlaying, setUnderlaying] = useState(false);

  const placed = selected && selected !== "/plinth" ? outlinedPart(file, selected) : null;
  const pointer = usePlanPointer({
    ref,
    view,
    placed,
    lines: build.sections.map((section) => [...section.from, ...section.to] as CutLine),
    onTry,
    asking: drainage.asking ? (at) => void drainage.ask(at) : null,
    also,
    several,
    onHover: (at) => reliefView !== "off" && setPointed(at),
  });
  useDrawingFor((into) => {
    pointer.draw(placeFor(into, nameOf(file, into)), "freehand");
    ref.current?.scrollIntoView({ block: "nearest" });
  });
  usePlanActions({ placed, also, pointer, view, stopAsking: drainage.asking ? drainage.toggle : null });
  const { preview } = pointer;
  const lit = preview?.pointer === placed ? (preview?.outline ?? null) : placed ? outlineOf(file, placed) : null;
  return (
    <Box sx={{ display: "flex", flexDirection: "column", height: "100%", minHeight: 260, minWidth: 0 }}>
      <PlanTools
        sketch={pointer.sketch}
        onDraw={pointer.draw}
        onStop={pointer.stop}
        onBack={pointer.back}
        onReady={() => ref.current?.focus({ preventScroll: true })}
        onClose={() => pointer.finish()}
        onZoom={view.zoom}
        onFit={view.fit}
        relief={reliefView}
        onRelief={setReliefView}
        asking={drainage.asking}
        onAsk={drainage.toggle}
        onUnderlay={() => setUnderlaying(true)}
        several={several}
        onSeveral={() => setSeveral(!several)}
      />
      <Box
        ref={ref}
        component="section"
        aria-label="Plan"
        tabIndex={-1}
        {...pointer.events}
        sx={{
          position: "relative",
          flex: 1,
          minHeight: 0,
          outline: "none",
          bgcolor: tints.mat,
          overflow: "hidden",
          touchAction: "none",
          cursor: pointer.sketch || drainage.asking ? "crosshair" : "default",
          userSelect: "none",
        }}
      >
        <PlanSheet
          drawing={shown ?? build.drawing}
          finished={!shown}
          stood={stood}
          view={view}
          size={size}
          pointer={pointer}
          placed={placed}
          lit={lit}
          also={preview?.also ?? also.flatMap((part) => outlineOf(file, part) ?? [])}
          withCut={withCut}
          marks={marks}
          trial={trial}
          relief={relief}
          reliefView={reliefView}
          run={drainage.run}
          photographs={photographs}
        />
        <PlanNote
          relief={reliefView === "off" ? undefined : relief}
          view={reliefView}
          pointed={pointed}
          spot={relief && reliefView !== "off" && pointed ? spotAt(relief, pointed) : null}
          asking={drainage.asking}
          answer={drainage.words}
        />
      </Box>
      {underlaying && <UnderlayDialog photographs={photographs} onClose={() => setUnderlaying(false)} />}
    </Box>
  );
}

/** Begins to draw what another view asks to have drawn. */
function useDrawingFor(begin: (into: string) => void) {
  const asked = useAskedToDraw((state) => state.pointer);
  // biome-ignore lint/correctness/useExhaustiveDependencies: begun once for each time that it is asked
  useEffect(() => {
    if (!asked) return;
    askToDraw(null);
    begin(asked);
  }, [asked]);
}

/** Where the corners of a further body's box are on the plan. */
function cornersOf(one: Within, place: NonNullable<Within["place"]>): Point[] {
  const [x0, y0, x1, y1] = bounds(one.drawing.foot);
  return [
    [x0, y0],
    [x1, y0],
    [x1, y1],
    [x0, y1],
  ].map((corner) => add(turned(corner, place.turn_deg), place.at_mm));
}

/** The plinth's box, the same object until it really changes, so that an edit elsewhere does not move the view. */
function useSteadyBox({ drawing, within }: Pick<Build, "drawing" | "within">): [number, number, number, number] {
  const further = within.flatMap((one) => (one.place ? [cornersOf(one, one.place)] : []));
  const box = bounds([...drawing.foot, ...further]);
  const key = box.map((v) => Math.round(v)).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: keyed by value
  return useMemo(() => box, [key]);
}
