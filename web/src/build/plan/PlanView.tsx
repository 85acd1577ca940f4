import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { useEffect, useMemo, useRef, useState } from "react";
import type { CutLine, Drawing, Mark, PatchOperation, Point } from "../../api/types";
import { useBuild, useBuildSession, useFile, useSelection, useSession } from "../useSession";
import { ContourLines } from "./ContourLines";
import { DrainageLayer } from "./DrainageLayer";
import { closes, type DrawKind, type DrawShape, ends, made, type Sketch, sketched } from "./drawing";
import { cutOf, type Gesture, type Preview, patchOf, previewOf, snapOf } from "./gesture";
import { MarksLayer } from "./MarksLayer";
import { Mat, Rulers } from "./Mat";
import { bounds, type Grip, withoutCorner } from "./outline";
import { PlanNote } from "./PlanNote";
import { PlanOverlay } from "./PlanOverlay";
import { PlanPreview } from "./PlanPreview";
import { PlanShapes } from "./PlanShapes";
import { PlanTools } from "./PlanTools";
import { copyPatch, movePatch, nameOf, outlineOf, placedPart, reshapePatch, takeOutPatch, turnPatch } from "./parts";
import { ReliefLayer } from "./ReliefLayer";
import { SnagMarks } from "./SnagMarks";
import { useDrainage } from "./useDrainage";
import { usePlanKeys } from "./usePlanKeys";
import { type ReliefView, spotAt, useRelief } from "./useRelief";
import { usePlanView, useSize } from "./view";

/** Pixels a pointer may stray and still have tapped. */
const TAP_PX = 4;
const CLOSE_PX = 14;
/** Two taps within this are a double tap. */
const DOUBLE_MS = 400;

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
  const session = useBuildSession();
  const build = useBuild();
  const file = useFile();
  const { pointer: selected } = useSelection();
  const refused = useSession((state) => state.refused);
  const { bench } = useTheme();
  const { ref, size } = useSize<HTMLDivElement>();
  const box = useMemo(() => bounds(build.drawing.foot), [build.drawing]);
  const boxKey = box.map((v) => Math.round(v)).join();
  // The plinth's box, the same object until it really changes, so that an edit elsewhere does not move the view.
  // biome-ignore lint/correctness/useExhaustiveDependencies: keyed by value
  const steadyBox = useMemo(() => box, [boxKey]);
  const { view, toScreen, toPlan, zoom, pan, fit } = usePlanView(steadyBox, size);

  const [gesture, setGesture] = useState<Gesture | null>(null);
  const [keys, setKeys] = useState({ altKey: false, shiftKey: false });
  const [sketch, setSketch] = useState<Sketch | null>(null);
  /** What was let go of and is not yet in the server's drawing. */
  const [settling, setSettling] = useState<(Preview & { version: number }) | null>(null);
  const [reliefView, setReliefView] = useState<ReliefView>("off");
  const relief = useRelief(reliefView, null);
  const [pointed, setPointed] = useState<Point | null>(null);
  const drainage = useDrainage();
  const touches = useRef(new Map<number, Point>());
  const start = useRef<Point>([0, 0]);
  const lastTap = useRef<{ key: string | null; at: number }>({ key: null, at: 0 });

  const placed = selected && selected !== "/plinth" ? placedPart(selected) : null;
  const snap = snapOf(keys);
  const pulled = gesture ? previewOf(gesture, file, snap) : null;
  const preview = pulled ?? (settling && settling.version === build.version && !refused ? settling : null);
  const lit = preview?.pointer === placed ? (preview?.outline ?? null) : placed ? outlineOf(file, placed) : null;
  const lines = build.sections.map((section, index) =>
    gesture?.kind === "cut" && gesture.index === index ? cutOf(gesture) : ([...section.from, ...section.to] as CutLine),
  );

  const local = (event: { clientX: number; clientY: number }): Point => {
    const frame = ref.current?.getBoundingClientRect();
    return [event.clientX - (frame?.left ?? 0), event.clientY - (frame?.top ?? 0)];
  };

  function begin(event: React.PointerEvent, next: Gesture) {
    if (sketch) return;
    event.stopPropagation();
    (ref.current as HTMLElement).setPointerCapture(event.pointerId);
    start.current = local(event);
    setKeys(event);
    setGesture(next);
  }

  function down(event: React.PointerEvent) {
    touches.current.set(event.pointerId, local(event));
    (ref.current as HTMLElement).setPointerCapture(event.pointerId);
    start.current = local(event);
    if (drainage.asking && touches.current.size === 1) return setGesture(null);
    if (sketch || touches.current.size > 1) return setGesture(touches.current.size > 1 ? { kind: "pan" } : null);
    const part = (event.target as Element).closest("[data-part]")?.getAttribute("data-part") ?? null;
    const at = toPlan(local(event));
    // Ground that fills the whole top is looked at, not dragged; what is already lit is taken hold of.
    const holds = part && event.button === 0 && (part === placed || part.startsWith("/subjects") || part.startsWith("/features"));
    setKeys(event);
    if (holds && outlineOf(file, part)?.kind !== "rest") {
      session.select(part);
      setGesture({ kind: "part", pointer: part, from: at, to: at });
    } else setGesture({ kind: "pan" });
  }

  function move(event: React.PointerEvent) {
    const at = local(event);
    const before = touches.current.get(event.pointerId);
    if (touches.current.size === 2 && before) return pinch(event.pointerId, before, at);
    if (before) touches.current.set(event.pointerId, at);
    if (sketch) return setSketch({ ...sketch, hover: toPlan(at) });
    if (reliefView !== "off") setPointed(toPlan(at));
    if (!gesture) return;
    setKeys(event);
    if (gesture.kind === "pan") {
      if (before && event.buttons) pan(at[0] - before[0], at[1] - before[1]);
    } else {
      const next = { ...gesture, to: toPlan(at) };
      setGesture(next);
      onTry?.(patchOf(next, file, snapOf(event)));
    }
  }

  /** Two fingers: what lies under them stays under them. */
  function pinch(id: number, before: Point, at: Point) {
    const other = [...touches.current].find(([key]) => key !== id)?.[1] ?? at;
    const gap = (p: Point) => Math.hypot(p[0] - other[0], p[1] - other[1]) || 1;
    zoom(gap(at) / gap(before), [(at[0] + other[0]) / 2, (at[1] + other[1]) / 2]);
    pan((at[0] - before[0]) / 2, (at[1] - before[1]) / 2);
    touches.current.set(id, at);
  }

  function up(event: React.PointerEvent) {
    touches.current.delete(event.pointerId);
    const at = local(event);
    // The newest place of the pointer: the drawing may not have caught up with its last move.
    const done = gesture && gesture.kind !== "pan" ? { ...gesture, to: toPlan(at) } : gesture;
    const tapped = Math.hypot(at[0] - start.current[0], at[1] - start.current[1]) <= TAP_PX;
    if (sketch) return tapped ? corner(toPlan(at)) : undefined;
    if (drainage.asking) return tapped ? void drainage.ask(toPlan(at)) : undefined;
    if (!done) return;
    setGesture(null);
    onTry?.(null);
    if (done.kind === "cut")
      return tapped ? undefined : session.cutAt(lines.map((line, index) => (index === done.index ? cutOf(done) : line)));
    if (tapped && done.kind === "grip") return cornerTapped(done, event.timeStamp);
    if (tapped) {
      const hit = document.elementFromPoint(event.clientX, event.clientY)?.closest("[data-part]");
      return done.kind === "pan" ? session.select(hit?.getAttribute("data-part") ?? null) : undefined;
    }
    const patch = patchOf(done, file, snap);
    if (!patch.length || done.kind === "pan") return;
    const left = previewOf(done, file, snap);
    if (left) setSettling({ ...left, version: build.version });
    session.edit(`${{ part: "Move", turn: "Turn", grip: "Reshape" }[done.kind]} ${nameOf(file, done.pointer)}`, patch);
  }

  /** Two taps on the same corner take it out. The pointer is captured by the plan, so that no double click reaches the corner itself. */
  function cornerTapped({ pointer, grip }: Extract<Gesture, { kind: "grip" }>, now: number) {
    const twice = lastTap.current.key === grip.key && now - lastTap.current.at < DOUBLE_MS;
    lastTap.current = { key: twice ? null : grip.key, at: now };
    const outline = outlineOf(file, pointer);
    const fewer = twice && grip.kind === "corner" && outline && withoutCorner(outline, Number(grip.key.split("-")[1]));
    if (fewer) session.edit(`Take a corner out of ${nameOf(file, pointer)}`, reshapePatch(pointer, fewer));
  }

  function corner(at: Point) {
    if (!sketch) return;
    if (closes(sketch, at, CLOSE_PX / view.scale)) return finish(sketch);
    const next = { ...sketch, points: [...sketch.points, at], hover: null };
    if (ends(next)) finish(next);
    else setSketch(next);
  }

  function finish(done: Sketch) {
    const outline = sketched(done, true);
    setSketch(null);
    if (!outline) return;
    const { pointer, patch } = made(file, done.kind, outline);
    session.edit(`Draw ${done.kind}`, patch);
    session.select(pointer);
  }

  function draw(kind: DrawKind, shape: DrawShape) {
    session.select(null);
    setSketch({ kind, shape, points: [], hover: null });
  }

  function takeOut(pointer: string) {
    session.select(null);
    session.edit(`Take out ${nameOf(file, pointer)}`, takeOutPatch(pointer));
  }

  function copy(pointer: string) {
    const copied = copyPatch(file, pointer);
    if (!copied) return;
    session.edit(`Copy ${nameOf(file, pointer)}`, copied.patch);
    session.select(copied.pointer);
  }

  usePlanKeys({
    nudge: (by) => placed && session.edit(`Nudge ${nameOf(file, placed)}`, movePatch(file, placed, by)),
    turn: (deg) => placed && session.edit(`Turn ${nameOf(file, placed)}`, turnPatch(file, placed, deg)),
    takeOut: () => selected && selected !== "/plinth" && takeOut(selected),
    copy: () => placed && copy(placed),
    escape: () => (sketch ? setSketch(null) : drainage.asking ? drainage.toggle() : session.select(null)),
    enter: () => sketch && finish({ ...sketch, hover: null }),
    zoom,
    fit,
  });

  // React's wheel listener is passive: it could not keep the page from scrolling.
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

  const outline = sketch && sketched(sketch);
  const spot = relief && reliefView !== "off" && pointed ? spotAt(relief, pointed) : null;
  const matrix = `translate(${size.width / 2 - view.centre[0] * view.scale} ${size.height / 2 + view.centre[1] * view.scale}) scale(${view.scale} ${-view.scale})`;
  return (
    <Box
      ref={ref}
      component="section"
      aria-label="Plan"
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={() => {
        touches.current.clear();
        setGesture(null);
        onTry?.(null);
      }}
      sx={{
        position: "relative",
        height: "100%",
        minHeight: 260,
        bgcolor: bench.mat,
        overflow: "hidden",
        touchAction: "none",
        cursor: sketch || drainage.asking ? "crosshair" : "default",
        userSelect: "none",
      }}
    >
      <svg width={size.width} height={size.height} role="img" aria-label={`Plan of ${file.title}`} style={{ display: "block" }}>
        <Mat view={view} size={size} toScreen={toScreen} />
        <g transform={matrix}>
          <PlanShapes drawing={shown ?? build.drawing} hidden={preview?.pointer} />
          <PlanPreview file={file} preview={preview} trial={trial} sketched={outline || null} hair={1 / view.scale} />
        </g>
        {sketch?.points.map((point) => (
          <circle
            key={point.join()}
            cx={toScreen(point)[0]}
            cy={toScreen(point)[1]}
            r={5}
            fill="#fffdf5"
            stroke={bench.accent}
            strokeWidth={2}
          />
        ))}
        <PlanOverlay
          toScreen={toScreen}
          scale={view.scale}
          outline={lit}
          canTurn={placed !== null && lit !== null && lit.kind !== "round" && lit.kind !== "rest"}
          canReshape={placed !== null && !placed.startsWith("/subjects")}
          cuts={withCut ? lines : []}
          drawing={shown ?? build.drawing}
          onGrip={(grip: Grip, event) => placed && begin(event, { kind: "grip", pointer: placed, grip, to: grip.at })}
          onTurn={(event) =>
            placed && begin(event, { kind: "turn", pointer: placed, from: toPlan(local(event)), to: toPlan(local(event)) })
          }
          onCut={(index, end, event) =>
            begin(event, { kind: "cut", index, end, line: lines[index], from: toPlan(local(event)), to: toPlan(local(event)) })
          }
        />
        {relief && (reliefView === "shade" || reliefView === "slopes") && (
          <ReliefLayer relief={relief} view={reliefView} toScreen={toScreen} scale={view.scale} />
        )}
        {relief && reliefView === "contours" && <ContourLines relief={relief} toScreen={toScreen} scale={view.scale} />}
        {drainage.run && <DrainageLayer run={drainage.run} toScreen={toScreen} />}
        <MarksLayer marks={marks} toScreen={toScreen} />
        {!shown && (
          <SnagMarks
            snags={build.evaluation.snags}
            drawing={build.drawing}
            lit={placed}
            toScreen={toScreen}
            onSelect={(pointer) => session.select(pointer)}
          />
        )}
        <Rulers view={view} size={size} toScreen={toScreen} />
      </svg>
      <PlanNote
        relief={reliefView === "off" ? undefined : relief}
        view={reliefView}
        pointed={pointed}
        spot={spot}
        asking={drainage.asking}
        answer={drainage.words}
      />
      <Box onPointerDown={(event) => event.stopPropagation()} onPointerUp={(event) => event.stopPropagation()}>
        <PlanTools
          sketch={sketch}
          onDraw={draw}
          onStop={() => setSketch(null)}
          onZoom={zoom}
          onFit={fit}
          relief={reliefView}
          onRelief={setReliefView}
          asking={drainage.asking}
          onAsk={drainage.toggle}
        />
      </Box>
    </Box>
  );
}
