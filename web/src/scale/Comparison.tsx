import { useTheme } from "@mui/material/styles";
import type { ReactNode } from "react";
import type { ScaleThing } from "../api/types";
import { SILHOUETTES } from "../build/compose/silhouettes";
import { capital, short } from "../common/words";

const PERSON = "person";
const WIDTH = 430;
const HEIGHT = 190;
const FLOOR = HEIGHT - 34;
/** Smaller than this beside a person nothing would be seen of it: a boot takes the person's place. */
const SMALL_MM = 350;
/** A boot's length (from memory), and its height beside that. */
const BOOT_MM = 300;
const BOOT = "M0 0L0 .1L.04 .52L.36 .52L.4 .3L.82 .18Q1 .14 1 .05L1 0Z";
/** Things with a drawn silhouette of their own. */
const DRAWN: Record<string, string> = {
  person: "figure",
  horse: "animal",
  cow: "animal",
  sheep: "animal",
  pig: "animal",
  dog: "animal",
  cat: "animal",
  broadleaf_tree: "tree",
  fruit_tree: "tree",
  conifer: "tree",
  bush: "bush",
  hedge: "hedge",
  fence: "fence",
};

interface Props {
  thing: ScaleThing;
  person: ScaleThing;
  ratio: number;
  /** What the packet says it is in life, mm; drawn beside the thing. */
  packet?: { low: number; high: number; words: string };
}

const words = (mm: number) => (mm >= 1000 ? `${short(mm / 1000)} m` : `${short(mm)} mm`);
const range = ([low, , high]: (number | null)[]) =>
  low === null ? "unknown" : high === null ? `over ${words(low)}` : low === high ? words(low) : `${words(low)} – ${words(high)}`;

/** A thing of life beside a standing person (or a boot), all to one scale, with what each is in the model. */
export function Comparison({ thing, person, ratio, packet }: Props) {
  const { bench, palette } = useTheme();
  const man = person.life_mm[1] ?? 0;
  const high = thing.life_mm[2] ?? thing.life_mm[1] ?? 0;
  const largest = Math.max(high, packet?.high ?? 0);
  const small = largest < SMALL_MM;
  const upright = thing.measure === "height";
  // The tallest of them fits the height, and the longest its third of the width.
  const tallest = small
    ? Math.max(BOOT_MM * 0.52, upright ? largest : 0)
    : Math.max(man, upright || thing.measure === "grain" ? largest : 0);
  const scale = Math.min((FLOOR - 10) / tallest, (WIDTH * 0.3) / Math.max(upright ? largest * 0.4 : largest, small ? BOOT_MM : man * 0.42));
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`${thing.name} beside a ${small ? "boot" : "standing person"} at 1:${short(ratio)}`}
    >
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={palette.text.secondary} />
      {small ? (
        <Slot x={8} name="A boot" life={words(BOOT_MM)}>
          <path d={BOOT} transform={`scale(${BOOT_MM * scale} ${-BOOT_MM * scale})`} fill={palette.text.primary} fillOpacity={0.8} />
        </Slot>
      ) : (
        <Slot x={8} name={words(man)} life={words(person.model_mm[1] ?? 0)}>
          <path
            d={SILHOUETTES.figure}
            transform={`translate(${man * 0.16 * scale} 0) scale(${man * 0.38 * scale} ${-man * scale})`}
            fill={palette.text.primary}
            fillOpacity={0.8}
          />
        </Slot>
      )}
      <Slot x={WIDTH * 0.34} name={`${capital(thing.name)}: ${range(thing.life_mm)}`} life={`in the model ${range(thing.model_mm)}`}>
        <Thing thing={thing} scale={scale} colour={bench.ready} ink={palette.text.primary} />
      </Slot>
      {packet && (
        <Slot x={WIDTH * 0.7} name="" life="">
          <Packet packet={packet} measure={thing.measure} scale={scale} colour={bench.trouble} />
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

/** Its range: least filled darker, up to the most lighter; a silhouette where there is one. */
function Thing({ thing, scale, colour, ink }: { thing: ScaleThing; scale: number; colour: string; ink: string }) {
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
    const silhouette = SILHOUETTES[DRAWN[thing.key]];
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

export const personOf = (things: ScaleThing[]): ScaleThing => things.find((thing) => thing.key === PERSON) as ScaleThing;
