import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { useMemo, useState } from "react";
import type { CutLine, Drawing, Mark, PatchOperation, Point } from "../../api/types";
import { UnderlayDialog } from "../photographs/UnderlayDialog";
import { usePhotographs } from "../photographs/usePhotographs";
import { useFile, useOfBuild, useSelection } from "../useSession";
import { bounds } from "./outline";
import { PlanNote } from "./PlanNote";
import { PlanSheet } from "./PlanSheet";
import { PlanTools } from "./PlanTools";
import { outlineOf, placedPart } from "./parts";
import { useDrainage } from "./useDrainage";
import { usePlanActions } from "./usePlanActions";
import { usePlanPointer } from "./usePlanPointer";
import { type ReliefView, spotAt, useRelief } from "./useRelief";
import { usePlanView, useSize } from "./view";

interface Props {
  /** What is drawn instead of the finished base. */
  shown?: Drawing;
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

/** The plan from above on its cutting mat: look, select, draw, move, turn, reshape. */
export function PlanView({ shown, withCut = true, marks = NO_MARKS, trial = null, onTry }: Props) {
  const build = { drawing: useOfBuild((one) => one.drawing), sections: useOfBuild((one) => one.sections) };
  const file = useFile();
  const { pointer: selected } = useSelection();
  const { tints } = useTheme();
  const { ref, size } = useSize<HTMLDivElement>();
  const view = usePlanView(useSteadyBox(build.drawing), size);
  const [reliefView, setReliefView] = useState<ReliefView>("off");
  const relief = useRelief(reliefView, null);
  const [pointed, setPointed] = useState<Point | null>(null);
  const drainage = useDrainage();
  const photographs = usePhotographs();
  const [underlaying, setUnderlaying] = useState(false);

  const placed = selected && selected !== "/plinth" ? placedPart(selected) : null;
  const pointer = usePlanPointer({
    ref,
    view,
    placed,
    lines: build.sections.map((section) => [...section.from, ...section.to] as CutLine),
    onTry,
    asking: drainage.asking ? (at) => void drainage.ask(at) : null,
    onHover: (at) => reliefView !== "off" && setPointed(at),
  });
  usePlanActions({ placed, pointer, view, stopAsking: drainage.asking ? drainage.toggle : null });
  const { preview } = pointer;
  const lit = preview?.pointer === placed ? (preview?.outline ?? null) : placed ? outlineOf(file, placed) : null;
  return (
    <Box
      ref={ref}
      component="section"
      aria-label="Plan"
      {...pointer.events}
      sx={{
        position: "relative",
        height: "100%",
        minHeight: 260,
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
        view={view}
        size={size}
        pointer={pointer}
        placed={placed}
        lit={lit}
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
      <Box onPointerDown={(event) => event.stopPropagation()} onPointerUp={(event) => event.stopPropagation()}>
        <PlanTools
          sketch={pointer.sketch}
          onDraw={pointer.draw}
          onStop={pointer.stop}
          onZoom={view.zoom}
          onFit={view.fit}
          relief={reliefView}
          onRelief={setReliefView}
          asking={drainage.asking}
          onAsk={drainage.toggle}
          onUnderlay={() => setUnderlaying(true)}
        />
        {underlaying && <UnderlayDialog photographs={photographs} onClose={() => setUnderlaying(false)} />}
      </Box>
    </Box>
  );
}

/** The plinth's box, the same object until it really changes, so that an edit elsewhere does not move the view. */
function useSteadyBox(drawing: Drawing): [number, number, number, number] {
  const box = bounds(drawing.foot);
  const key = box.map((v) => Math.round(v)).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: keyed by value
  return useMemo(() => box, [key]);
}
