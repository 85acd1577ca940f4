import { useCallback, useState } from "react";
import type { Drainage, Drawing, Mark, Outline, PatchOperation, Photographs, Relief } from "../../api/types";
import { UnderlayLayer } from "../photographs/UnderlayLayer";
import type { Rehearsed } from "../rehearsal/useRehearsal";
import { SnagPopover } from "../snags/SnagPopover";
import { useBuild, useBuildSession, useFile } from "../useSession";
import { FurtherBodies } from "../within/FurtherBodies";
import { ContourLines } from "./ContourLines";
import { DrainageLayer } from "./DrainageLayer";
import { sketched } from "./drawing";
import { FallMarks } from "./FallMarks";
import { MarksLayer, markBoxes } from "./MarksLayer";
import { Mat, Rulers } from "./Mat";
import { PlanOverlay } from "./PlanOverlay";
import { PlanPreview } from "./PlanPreview";
import { PlanShapes } from "./PlanShapes";
import { ReliefLayer } from "./ReliefLayer";
import { SketchMarks } from "./SketchMarks";
import { SnagMarks } from "./SnagMarks";
import type { PlanPointer } from "./usePlanPointer";
import type { ReliefView } from "./useRelief";
import { matrixOf, type usePlanView } from "./view";

interface Props {
  drawing: Drawing;
  /** Whether it is the finished base: only of that snags are marked. */
  finished: boolean;
  /** Further bodies, where the base is not finished. */
  stood?: Rehearsed["bodies"];
  view: ReturnType<typeof usePlanView>;
  size: { width: number; height: number };
  pointer: PlanPointer;
  placed: string | null;
  /** The lit part's outline, under the hand as it will be. */
  lit: Outline | null;
  /** Outlines of what else is lit. */
  also: Outline[];
  withCut: boolean;
  marks: Mark[];
  trial: PatchOperation[] | null;
  relief: Relief | undefined;
  reliefView: ReliefView;
  run: Drainage | null;
  photographs: Photographs | null;
}

/** The sheet that is drawn on: mat, base, what is not yet so, grips, relief, marks, rulers; what comes later lies above. */
export function PlanSheet(props: Props) {
  const { drawing, finished, stood, view, size, pointer, placed, lit, also, withCut, marks, trial, relief, reliefView, run, photographs } =
    props;
  const session = useBuildSession();
  const build = useBuild();
  const file = useFile();
  const { toScreen } = view;
  const { scale } = view.view;
  const { sketch, preview } = pointer;
  const [opened, setOpened] = useState<{ pointer: string; left: number; top: number } | null>(null);
  const closed = useCallback(() => setOpened(null), []);
  return (
    <svg width={size.width} height={size.height} role="img" aria-label={`Plan of ${file.title}`} style={{ display: "block" }}>
      <Mat view={view.view} size={size} toScreen={toScreen} />
      <g transform={matrixOf(view.view, size)}>
        {photographs && <UnderlayLayer photographs={photographs} />}
        {/* What lies beneath is seen through the base. */}
        <g opacity={photographs?.underlays.length ? 0.5 : undefined}>
          <PlanShapes drawing={drawing} hidden={preview?.pointer} />
          {(finished || stood) && <FurtherBodies within={build.within} stood={stood} over={pointer.over} scale={scale} />}
        </g>
        <PlanPreview file={file} preview={preview} trial={trial} sketched={sketch && sketched(sketch)} hair={1 / scale} />
      </g>
      {sketch && <SketchMarks sketch={sketch} toScreen={toScreen} />}
      <PlanOverlay
        toScreen={toScreen}
        scale={scale}
        outline={lit}
        also={also}
        taken={markBoxes(marks, toScreen)}
        pointer={placed}
        canTurn={placed !== null && lit !== null && lit.kind !== "round" && lit.kind !== "rest"}
        canReshape={placed !== null && !placed.startsWith("/subjects")}
        cuts={withCut ? pointer.lines : []}
        drawing={drawing}
        onGrip={(grip, event) => placed && pointer.hold(event, { kind: "grip", pointer: placed, grip, to: grip.at })}
        onTurn={(event) => {
          const at = pointer.over(event);
          if (placed) pointer.hold(event, { kind: "turn", pointer: placed, from: at, to: at });
        }}
        onCut={(index, end, event) => {
          const at = pointer.over(event);
          pointer.hold(event, { kind: "cut", index, end, line: pointer.lines[index], from: at, to: at });
        }}
      />
      {placed && (
        <FallMarks
          file={preview?.file ?? file}
          pointer={placed}
          toScreen={toScreen}
          onMark={(index, at, event) => pointer.hold(event, { kind: "mark", pointer: placed, index, to: at })}
        />
      )}
      {relief && (reliefView === "shade" || reliefView === "slopes") && (
        <ReliefLayer relief={relief} view={reliefView} toScreen={toScreen} scale={scale} />
      )}
      {relief && reliefView === "contours" && <ContourLines relief={relief} toScreen={toScreen} scale={scale} />}
      {run && <DrainageLayer run={run} toScreen={toScreen} />}
      <MarksLayer marks={marks} toScreen={toScreen} />
      {/* While something is drawn, taps set corners and nothing else. */}
      {finished && !sketch && (
        <SnagMarks
          snags={build.evaluation.snags}
          drawing={build.drawing}
          lit={placed}
          toScreen={toScreen}
          onOpen={(mark) => {
            session.select(mark.pointer);
            setOpened(mark);
          }}
        />
      )}
      <Rulers view={view.view} size={size} toScreen={toScreen} />
      <SnagPopover at={opened} onClose={closed} />
    </svg>
  );
}
