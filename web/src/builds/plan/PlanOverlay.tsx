import { useTheme } from "@mui/material/styles";
import type { CutLine, Drawing, Outline, Point } from "../../api/types";
import { type Box, clearOf, wordsWide } from "../../common/labels";
import { bounds, centre, corners, type Grip, grips, pathOf } from "./outline";
import { isCourse } from "./parts";

/** Screen pixels: targets are as large as a finger, marks as small as a pencil's. */
const REACH = 13;
const STALK = 30;
/** The grips of what is smaller would cover it: it is taken hold of whole, and reshaped from nearer or by its exact values. */
const SMALL = 44;
/** What sections are called, in the order in which they were added. */
export const CUT_NAMES = ["A", "B", "C"];

interface Props {
  toScreen: (point: Point) => Point;
  scale: number;
  outline: Outline | null;
  /** Of what else is lit: without grips. */
  also: Outline[];
  /** Where other words lie over the plan, px. */
  taken: Box[];
  /** The part whose outline that is. */
  pointer: string | null;
  canTurn: boolean;
  canReshape: boolean;
  cuts: CutLine[];
  drawing: Drawing;
  onGrip: (grip: Grip, event: React.PointerEvent) => void;
  onTurn: (event: React.PointerEvent) => void;
  onCut: (index: number, end: "from" | "to" | "both", event: React.PointerEvent) => void;
}

/** What lies over the plan in screen pixels: the lit outline with its grips, the section line, names. */
export function PlanOverlay({
  toScreen,
  scale,
  outline,
  also,
  taken,
  pointer,
  canTurn,
  canReshape,
  cuts,
  drawing,
  onGrip,
  onTurn,
  onCut,
}: Props) {
  const { tints } = useTheme();
  const screenPath = (shape: Outline) =>
    pathOf(shape).replace(/([ML])(-?[\d.]+) (-?[\d.]+)/g, (_, command, x, y) => {
      const [sx, sy] = toScreen([Number(x), Number(y)]);
      return `${command}${sx.toFixed(1)} ${sy.toFixed(1)}`;
    });
  const small = outline !== null && sizeOf(outline) * scale < SMALL;
  return (
    <g>
      <Names drawing={drawing} toScreen={toScreen} scale={scale} taken={taken} />
      {cuts.map((cut, index) => (
        <CutLineMark
          key={CUT_NAMES[index]}
          name={CUT_NAMES[index]}
          cut={cut}
          toScreen={toScreen}
          onCut={(end, event) => onCut(index, end, event)}
        />
      ))}
      {also.map((one) => (
        <LitOutline key={pathOf(one)} outline={one} d={screenPath(one)} scale={scale} />
      ))}
      {outline && (
        <g>
          <LitOutline outline={outline} d={screenPath(outline)} scale={scale} />
          {pointer && isCourse(pointer) && (
            <path d={screenPath(outline)} fill="transparent" data-part={pointer} style={{ cursor: "move" }} />
          )}
          {canTurn && <TurnMark outline={outline} toScreen={toScreen} onTurn={onTurn} />}
          {small && pointer && <Handle at={toScreen(centre(outline))} pointer={pointer} />}
          {canReshape &&
            !small &&
            grips(outline).map((grip) => {
              const [x, y] = toScreen(grip.at);
              const between = grip.kind === "between";
              return (
                <g key={grip.key} style={{ cursor: "grab" }} onPointerDown={(event) => onGrip(grip, event)} data-grip={grip.key}>
                  <circle cx={x} cy={y} r={REACH} fill="transparent" />
                  <circle
                    cx={x}
                    cy={y}
                    r={between ? 4 : 6}
                    fill={between ? tints.mat : "#fffdf5"}
                    fillOpacity={between ? 0.7 : 1}
                    stroke={tints.accent}
                    strokeWidth={2}
                  />
                </g>
              );
            })}
        </g>
      )}
    </g>
  );
}

/** The longer side of the box that it fills, mm. */
function sizeOf(outline: Outline): number {
  const [x0, y0, x1, y1] = bounds([corners(outline)]);
  return Math.max(x1 - x0, y1 - y0);
}

/** As large as a finger, over whatever else lies there. */
function Handle({ at: [x, y], pointer }: { at: Point; pointer: string }) {
  return <circle cx={x} cy={y} r={REACH} fill="transparent" data-part={pointer} style={{ cursor: "move" }} />;
}

function LitOutline({ outline, d, scale }: { outline: Outline; d: string; scale: number }) {
  const { tints } = useTheme();
  const strip = outline.kind === "strip";
  return (
    <path
      d={d}
      fill="none"
      stroke={tints.accent}
      strokeWidth={strip ? outline.width_mm * scale : 3}
      strokeOpacity={strip ? 0.35 : 1}
      pointerEvents="none"
      data-testid="lit-outline"
    />
  );
}

function TurnMark({ outline, toScreen, onTurn }: { outline: Outline; toScreen: Props["toScreen"]; onTurn: Props["onTurn"] }) {
  const { tints } = useTheme();
  const [x, top] = toScreen([centre(outline)[0], bounds([corners(outline)])[3]]);
  return (
    <g style={{ cursor: "grab" }} onPointerDown={onTurn} data-grip="turn">
      <line x1={x} x2={x} y1={top} y2={top - STALK} stroke={tints.accent} strokeWidth={2} />
      <circle cx={x} cy={top - STALK} r={REACH} fill="transparent" />
      <circle cx={x} cy={top - STALK} r={7} fill={tints.accent} stroke="#fffdf5" strokeWidth={2} />
      <title>Turn</title>
    </g>
  );
}

interface CutProps {
  name: string;
  cut: CutLine;
  toScreen: Props["toScreen"];
  onCut: (end: "from" | "to" | "both", event: React.PointerEvent) => void;
}

function CutLineMark({ name: letter, cut, toScreen, onCut }: CutProps) {
  const { tints } = useTheme();
  const [a, b] = [toScreen([cut[0], cut[1]]), toScreen([cut[2], cut[3]])];
  // The first section's grips are plain: most builds have only one.
  const grip = letter === CUT_NAMES[0] ? "cut" : `cut-${letter}`;
  const long = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const out = [((b[0] - a[0]) / long) * 20, ((b[1] - a[1]) / long) * 20];
  const ends: ["from" | "to", Point, string][] = [
    ["from", [a[0] - out[0], a[1] - out[1]], letter],
    ["to", [b[0] + out[0], b[1] + out[1]], `${letter}′`],
  ];
  return (
    <g>
      <line
        x1={ends[0][1][0]}
        y1={ends[0][1][1]}
        x2={ends[1][1][0]}
        y2={ends[1][1][1]}
        stroke={tints.accent}
        strokeWidth={1.8}
        strokeDasharray="14 4 3 4"
        pointerEvents="none"
      />
      <line
        x1={a[0]}
        y1={a[1]}
        x2={b[0]}
        y2={b[1]}
        stroke="transparent"
        strokeWidth={12}
        style={{ cursor: "move" }}
        onPointerDown={(event) => onCut("both", event)}
        data-grip={grip}
      />
      {ends.map(([end, [x, y], name]) => (
        <g key={end} style={{ cursor: "grab" }} onPointerDown={(event) => onCut(end, event)} data-grip={`${grip}-${end}`}>
          <circle cx={x} cy={y} r={REACH} fill={tints.matDeep} stroke={tints.accent} strokeWidth={2} />
          <text x={x} y={y + 5} textAnchor="middle" fontSize={14} fontWeight={700} fill={tints.accent}>
            {name}
          </text>
        </g>
      ))}
    </g>
  );
}

const NAME = 13;
interface Called {
  key: string;
  words: string;
  /** The middle of its foot, px. */
  x: number;
  y: number;
  slanted?: boolean;
}

const boxOf = ({ words, x, y }: Called): Box => {
  const half = wordsWide(words, NAME) / 2;
  return [x - half, y - NAME, x + half, y + 4];
};

/** Names of what stands on the base, where there is room for them. */
function Names({ drawing, toScreen, scale, taken }: Pick<Props, "drawing" | "toScreen" | "scale" | "taken">) {
  const subjects = drawing.subjects.flatMap((subject): Called[] => {
    const [x0, y0, x1] = bounds(subject.rings);
    const [x, y] = toScreen([(x0 + x1) / 2, y0]);
    return (x1 - x0) * scale > 18 ? [{ key: subject.pointer, words: subject.name, x, y: y + 15 }] : [];
  });
  const waters = drawing.waters.flatMap((water): Called[] => {
    const [x0, , x1] = bounds(water.drawn);
    const [x, y] = toScreen(water.named_at_mm as Point);
    return (x1 - x0) * scale > 90 ? [{ key: water.pointer, words: water.name, x, y: y + 4, slanted: true }] : [];
  });
  // The principal one is told before the others, where there is not room for all.
  const focal = drawing.subjects.find((subject) => subject.focal)?.pointer;
  const called = [...subjects, ...waters].sort((a, b) => Number(b.key === focal) - Number(a.key === focal));
  return (
    <g
      pointerEvents="none"
      fontSize={NAME}
      fontWeight={600}
      textAnchor="middle"
      fill="#fffdf5"
      stroke="#1b231f"
      strokeWidth={3}
      paintOrder="stroke"
      strokeLinejoin="round"
    >
      {clearOf(called, boxOf, taken).map(({ key, x, y, words, slanted }) => (
        <text key={key} x={x} y={y} fontStyle={slanted ? "italic" : undefined}>
          {words}
        </text>
      ))}
    </g>
  );
}
