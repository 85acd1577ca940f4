import { useTheme } from "@mui/material/styles";
import type { ReactNode } from "react";
import type { Catalogue, ScaleThing } from "../api/types";
import { kindsOf, standingKind, useCatalogue } from "../common/catalogue";
import { capital, short } from "../common/words";

const WIDTH = 430;
const HEIGHT = 190;
const FLOOR = HEIGHT - 34;
interface Props {
  thing: ScaleThing;
  /** All of them: what it is drawn beside is among them. */
  things: ScaleThing[];
  ratio: number;
  /** What the packet says it is in life, mm; drawn beside the thing. */
  packet?: { low: number; high: number; words: string };
}

const words = (mm: number) => (mm >= 1000 ? `${short(mm / 1000)} m` : `${short(mm)} mm`);
const range = ([low, , high]: (number | null)[]) =>
  low === null ? "unknown" : high === null ? `over ${words(low)}` : low === high ? words(low) : `${words(low)} – ${words(high)}`;

/** What something is drawn beside: its height and length in life, mm, and how it looks. */
interface Yardstick {
  name: string;
  high: number;
  long: number;
  silhouette: string;
  /** In the model, mm; null for what is told in life. */
  model: number | null;
}

/** How much of its height a standing silhouette is wide. */
const SLENDER = 0.38;

/** The first yardstick that the thing is large enough for. */
function yardstickFor(catalogue: Catalogue, size_mm: number, things: ScaleThing[]): Yardstick {
  const all = kindsOf(catalogue, "yardsticks");
  const { name, thing, length_mm, high, silhouette } = all.find((one) => size_mm >= (one.over_mm ?? 0)) ?? all[all.length - 1];
  const own = things.find((one) => one.key === thing);
  if (!own)
    return { name: name ?? "", high: (length_mm ?? 0) * (high ?? 1), long: length_mm ?? 0, silhouette: silhouette ?? "", model: null };
  const tall = own.life_mm[1] ?? 0;
  const drawn = silhouetteOf(catalogue, own.key) ?? "";
  return { name: name ?? own.name, high: tall, long: tall * SLENDER, silhouette: drawn, model: own.model_mm[1] ?? 0 };
}

/** Of the kind that a thing of life is drawn as. */
function silhouetteOf(catalogue: Catalogue, thing: string): string | undefined {
  const kind = catalogue.things.find((one) => one.key === thing)?.drawn_as;
  return kind ? standingKind(catalogue, kind)?.silhouette : undefined;
}

/** A thing of life beside something whose size everybody knows, all to one scale, with what each is in the model. */
export function Comparison({ thing, things, ratio, packet }: Props) {
  const { tints, palette } = useTheme();
  const catalogue = useCatalogue();
  const high = thing.life_mm[2] ?? thing.life_mm[1] ?? 0;
  const largest = Math.max(high, packet?.high ?? 0);
  const beside = yardstickFor(catalogue, largest, things);
  const standing = beside.model !== null;
  const upright = thing.measure === "height";
  // The tallest of them fits the height, and the longest its third of the width.
  const tallest = Math.max(beside.high, upright || (standing && thing.measure === "grain") ? largest : 0);
  const scale = Math.min((FLOOR - 10) / tallest, (WIDTH * 0.3) / Math.max(upright ? largest * 0.4 : largest, beside.long));
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`${thing.name} beside a ${beside.name.replace(/^a /i, "")} at 1:${short(ratio)}`}
    >
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={palette.text.secondary} />
      <Slot x={8} name={standing ? words(beside.high) : beside.name} life={words(standing ? (beside.model as number) : beside.long)}>
        <path
          d={beside.silhouette}
          transform={
            standing
              ? `translate(${beside.long * 0.42 * scale} 0) scale(${beside.long * scale} ${-beside.high * scale})`
              : `scale(${beside.long * scale} ${-beside.long * scale})`
          }
          fill={palette.text.primary}
          fillOpacity={0.8}
        />
      </Slot>
      <Slot x={WIDTH * 0.34} name={`${capital(thing.name)}: ${range(thing.life_mm)}`} life={`in the model ${range(thing.model_mm)}`}>
        <Thing
          thing={thing}
          silhouette={silhouetteOf(catalogue, thing.key)}
          scale={scale}
          colour={tints.ready}
          ink={palette.text.primary}
        />
      </Slot>
      {packet && (
        <Slot x={WIDTH * 0.7} name="" life="">
          <Packet packet={packet} measure={thing.measure} scale={scale} colour={tints.trouble} />
        </Slot>
      )}
    </svg>
  );
}

function Slot({ x, name, life, children }: { x: number; name: string; life: string; children: ReactNode }) {
  const { palette } = useTheme();
  return (
    <g transform={`translate(${x} ${FLOOR})`}>
      {children}
      <text y={15} fontSize={12.5} fill={palette.text.primary}>
        {name}
      </text>
      <text y={29} fontSize={12.5} fill={palette.text.secondary}>
        {life}
      </text>
    </g>
  );
}

const LEAST_PX = 1.5;

interface ThingProps {
  thing: ScaleThing;
  silhouette: string | undefined;
  scale: number;
  colour: string;
  ink: string;
}

/** Its range: least filled darker, up to the most lighter; a silhouette where there is one. */
function Thing({ thing, silhouette, scale, colour, ink }: ThingProps) {
  const low = (thing.life_mm[0] ?? 0) * scale;
  const usual = (thing.life_mm[1] ?? 0) * scale;
  const high = (thing.life_mm[2] ?? thing.life_mm[1] ?? 0) * scale;
  if (thing.measure === "grain")
    return (
      <>
        {[low, usual, high].map((size, i, all) => {
          const r = Math.max(size, LEAST_PX) / 2;
          const before = all.slice(0, i).reduce((sum, one) => sum + Math.max(one, LEAST_PX) + 5, 0);
          return <circle key={`${size}${before}`} cx={before + r} cy={-r} r={r} fill={colour} fillOpacity={0.75} />;
        })}
      </>
    );
  if (thing.measure === "height") {
    const wide = Math.max(high * 0.12, 12);
    return (
      <>
        <rect x={0} y={-high} width={wide} height={high - low} fill={colour} fillOpacity={0.35} />
        <rect x={0} y={-low} width={wide} height={low} fill={colour} fillOpacity={0.75} />
        <line x1={-3} x2={wide + 3} y1={-usual} y2={-usual} stroke={ink} strokeWidth={2} />
        {silhouette && (
          <path
            d={silhouette}
            transform={`translate(${wide + 8 + usual * 0.4} 0) scale(${usual * 0.8} ${-usual})`}
            fill={colour}
            stroke={ink}
            strokeWidth={1}
            vectorEffect="non-scaling-stroke"
          />
        )}
      </>
    );
  }
  return (
    <>
      <rect x={0} y={-12} width={Math.max(low, LEAST_PX)} height={12} fill={colour} fillOpacity={0.8} />
      <rect x={low} y={-12} width={Math.max(high - low, 0)} height={12} fill={colour} fillOpacity={0.35} />
    </>
  );
}

/** What the packet's sizes are in life. */
function Packet({
  packet,
  measure,
  scale,
  colour,
}: {
  packet: { low: number; high: number; words: string };
  measure: string;
  scale: number;
  colour: string;
}) {
  const size = Math.max(packet.high * scale, LEAST_PX);
  const dashed = { fill: "none", stroke: colour, strokeWidth: 2, strokeDasharray: "5 3" };
  return (
    <>
      {measure === "grain" ? (
        <circle cx={size / 2} cy={-size / 2} r={size / 2} {...dashed} />
      ) : measure === "height" ? (
        <rect x={0} y={-size} width={14} height={size} {...dashed} />
      ) : (
        <rect x={0} y={-12} width={size} height={12} {...dashed} />
      )}
      <text y={-size - 6 < -FLOOR + 12 || measure === "length" || measure === "width" ? -20 : -size - 6} fontSize={12.5} fill={colour}>
        {packet.words}
      </text>
    </>
  );
}
