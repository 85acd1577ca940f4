import { useTheme } from "@mui/material/styles";
import type { ReactNode } from "react";
import type { Snag } from "../../api/types";
import { standingKind, useCatalogue, usualWork } from "../../common/catalogue";
import { wordsWide } from "../../common/labels";
import { mm, short } from "../../common/words";

type Figure = NonNullable<Snag["figure"]>;
type Of<K extends Figure["kind"]> = Extract<Figure, { kind: K }>;

const [WIDTH, HEIGHT] = [300, 92];
/** Where things stand, px from the top; room is left for the words under it. */
const FLOOR = 68;
const TYPE = 12.5;

/** The figure of a snag, drawn: what is there beside what should be, to one scale. */
export function SnagFigure({ figure }: { figure: Figure }) {
  switch (figure.kind) {
    case "grains":
      return <Grains figure={figure} />;
    case "heights":
      return <Heights figure={figure} />;
    case "lean":
      return <Lean figure={figure} />;
    case "level":
      return <Level figure={figure} />;
    case "layer":
      return <Layer figure={figure} />;
    case "measure":
      return <Measure figure={figure} />;
    case "climb":
      return <Climb figure={figure} />;
  }
}

function Drawn({ words, children }: { words: string; children: ReactNode }) {
  return (
    <svg width="100%" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={words} style={{ maxWidth: WIDTH, display: "block" }}>
      {children}
    </svg>
  );
}

/** Colours of what is there, of what should be and of what stands beside it. */
function useInks() {
  const { palette, tints } = useTheme();
  return { ink: palette.text.primary, own: tints.trouble, right: tints.ready, wet: tints.wet, wood: "#8a6d49" };
}

function Words({
  x,
  y = HEIGHT - 8,
  children,
  anchor = "middle",
}: {
  x: number;
  y?: number;
  children: ReactNode;
  anchor?: "start" | "middle";
}) {
  const { ink } = useInks();
  return (
    <text x={x} y={y} fontSize={TYPE} textAnchor={anchor} fill={ink}>
      {children}
    </text>
  );
}

/** Grains beside a boot, all in the scale of the build. */
function Grains({ figure: { own_mm, right_mm, boot_mm } }: { figure: Of<"grains"> }) {
  const { ink, own, right } = useInks();
  const boot = usualWork(useCatalogue(), "beside_boot") as unknown as { name: string; silhouette: string };
  const scale = Math.min(62 / Math.max(own_mm[1], boot_mm[1], right_mm?.[1] ?? 0), 92 / boot_mm[0]);
  const ball = (x: number, size: number, fill: string, dashed = false) => (
    <circle
      cx={x}
      cy={FLOOR - Math.max((size * scale) / 2, 0.6)}
      r={Math.max((size * scale) / 2, 0.6)}
      fill={dashed ? "none" : fill}
      fillOpacity={0.75}
      stroke={fill}
      strokeWidth={1.6}
    />
  );
  return (
    <Drawn words={`Grains of ${short(own_mm[0])} to ${short(own_mm[1])} mm beside a boot ${mm(boot_mm[0])} long`}>
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <path
        d={boot.silhouette}
        transform={`translate(52 ${FLOOR}) scale(${boot_mm[0] * scale} ${-boot_mm[1] * scale})`}
        fill={ink}
        fillOpacity={0.8}
      />
      {ball(136, own_mm[1], own)}
      {ball(136 + (own_mm[1] + own_mm[0]) * scale * 0.5 + 3, own_mm[0], own)}
      {right_mm && ball(246, right_mm[1], right, true)}
      <Words x={52}>{boot.name}</Words>
      <Words x={142}>
        ▲ {short(own_mm[0])}–{short(own_mm[1])} mm
      </Words>
      {right_mm && (
        <Words x={246}>
          ✓ {short(right_mm[0])}–{short(right_mm[1])} mm
        </Words>
      )}
    </Drawn>
  );
}

/** Somebody beside one of the right height. */
function Heights({ figure: { own_mm, right_mm, of } }: { figure: Of<"heights"> }) {
  const { ink, own, right } = useInks();
  const silhouette = standingKind(useCatalogue(), of)?.silhouette;
  const usual = (right_mm[0] + right_mm[1]) / 2;
  const scale = 62 / Math.max(own_mm, right_mm[1]);
  const stand = (x: number, high: number, fill: string) =>
    silhouette ? (
      <path
        d={silhouette}
        transform={`translate(${x} ${FLOOR}) scale(${high * scale} ${-high * scale})`}
        fill={fill}
        fillOpacity={0.75}
        stroke={ink}
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
    ) : (
      <rect x={x - 12} y={FLOOR - high * scale} width={24} height={high * scale} fill={fill} fillOpacity={0.75} stroke={ink} />
    );
  return (
    <Drawn words={`${mm(own_mm)} tall beside ${short(right_mm[0])} to ${short(right_mm[1])} mm`}>
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      {stand(90, own_mm, own)}
      {stand(205, usual, right)}
      {right_mm.map((high) => (
        <line key={high} x1={160} x2={250} y1={FLOOR - high * scale} y2={FLOOR - high * scale} stroke={right} strokeDasharray="4 3" />
      ))}
      <Words x={90}>▲ {mm(own_mm)}</Words>
      <Words x={205}>
        ✓ {short(right_mm[0])}–{short(right_mm[1])} mm
      </Words>
    </Drawn>
  );
}

/** The base leant until its centre of mass stands over its edge. */
function Lean({ figure: { arm_mm, high_mm, deg, steady_deg } }: { figure: Of<"lean"> }) {
  const { ink, own, right, wood } = useInks();
  const scale = Math.min(52 / Math.hypot(arm_mm, high_mm), 60 / arm_mm);
  const [arm, high] = [arm_mm * scale, high_mm * scale];
  const edge = 110;
  return (
    <Drawn words={`Leant ${short(deg)}° its centre of mass, ${mm(high_mm)} up, stands over its edge; ${short(steady_deg)}° are steady`}>
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <line x1={edge} x2={edge} y1={FLOOR} y2={4} stroke={own} strokeDasharray="4 3" />
      <g transform={`translate(${edge} ${FLOOR}) rotate(${deg})`}>
        <rect x={-2 * arm} y={-8} width={2 * arm} height={8} fill={wood} stroke={ink} />
        <line x1={-arm} x2={-arm} y1={-8} y2={-high} stroke={ink} />
        <circle cx={-arm} cy={-high} r={5} fill={own} stroke={ink} />
      </g>
      <Words x={172} y={30} anchor="start">
        ▲ over at {short(deg)}°
      </Words>
      <Words x={172} y={50} anchor="start">
        ✓ {short(steady_deg)}° and more
      </Words>
      <circle cx={162} cy={46} r={4} fill={right} />
    </Drawn>
  );
}

/** Water against what it stands at. */
function Level({ figure: { level_mm, edge_mm, right_mm } }: { figure: Of<"level"> }) {
  const { ink, own, right, wood } = useInks();
  const low = Math.min(level_mm, edge_mm, right_mm ?? level_mm, 0);
  const high = Math.max(level_mm, edge_mm, right_mm ?? level_mm) || 1;
  const y = (z: number) => FLOOR - 6 - ((z - low) / (high - low || 1)) * (FLOOR - 22);
  const over = level_mm > edge_mm;
  return (
    <Drawn words={`Water at ${mm(level_mm)}, ground or edge at ${mm(edge_mm)}${right_mm === null ? "" : `, right at ${mm(right_mm)}`}`}>
      {over ? (
        <>
          <rect x={20} y={y(level_mm)} width={150} height={FLOOR - y(level_mm)} fill={own} fillOpacity={0.35} />
          <path d={`M8 ${FLOOR}V${y(high) - 6}H20V${FLOOR}Z M130 ${FLOOR}V${y(edge_mm)}H150V${FLOOR}Z`} fill={wood} stroke={ink} />
        </>
      ) : (
        <rect x={20} y={y(edge_mm)} width={130} height={FLOOR - y(edge_mm)} fill={wood} stroke={ink} />
      )}
      <line x1={8} x2={170} y1={y(level_mm)} y2={y(level_mm)} stroke={own} strokeWidth={2.5} />
      {right_mm !== null && (
        <line x1={8} x2={170} y1={y(right_mm)} y2={y(right_mm)} stroke={right} strokeWidth={2.5} strokeDasharray="5 3" />
      )}
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <Words x={182} y={22} anchor="start">
        ▲ water {mm(level_mm)}
      </Words>
      <Words x={182} y={40} anchor="start">
        {over ? "edge" : "ground"} {mm(edge_mm)}
      </Words>
      {right_mm !== null && (
        <Words x={182} y={58} anchor="start">
          ✓ {mm(right_mm)}
        </Words>
      )}
    </Drawn>
  );
}

/** A layer beside the thickest that would do. */
function Layer({ figure: { own_mm, most_mm } }: { figure: Of<"layer"> }) {
  const { ink, own, right } = useInks();
  const scale = 56 / Math.max(own_mm, most_mm);
  return (
    <Drawn words={`${mm(own_mm)} thick where ${mm(most_mm)} is the most`}>
      <rect x={40} y={FLOOR - own_mm * scale} width={90} height={own_mm * scale} fill={own} fillOpacity={0.6} stroke={ink} />
      <rect x={170} y={FLOOR - most_mm * scale} width={90} height={most_mm * scale} fill={right} fillOpacity={0.6} stroke={ink} />
      <line x1={40} x2={260} y1={FLOOR - most_mm * scale} y2={FLOOR - most_mm * scale} stroke={ink} strokeDasharray="4 3" />
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <Words x={85}>▲ {mm(own_mm)}</Words>
      <Words x={215}>✓ up to {mm(most_mm)}</Words>
    </Drawn>
  );
}

/** How much of the scale's end is free beyond what is told. */
const BEYOND = 1.15;
/** The scale, px. */
const [LEFT, RIGHT] = [14, 286];

/** One measure on a scale from nothing, what would do as a stretch of it. */
function Measure({ figure: { own: value, unit, least, most } }: { figure: Of<"measure"> }) {
  const { ink, own, right } = useInks();
  const end = Math.max(value, least ?? 0, most ?? 0) * BEYOND || 1;
  const x = (at: number) => LEFT + (Math.min(at, end) / end) * (RIGHT - LEFT);
  const [from, to] = [x(least ?? 0), most === null ? RIGHT : x(most)];
  const told = (at: number) => `${short(at)} ${unit}`;
  const wanted = least === null ? `up to ${told(most ?? 0)}` : most === null ? `${told(least)} and more` : `${short(least)}–${told(most)}`;
  const inwards = (at: number, words: string) =>
    Math.min(Math.max(at, LEFT + wordsWide(words, TYPE) / 2), RIGHT - wordsWide(words, TYPE) / 2);
  return (
    <Drawn words={`${told(value)} where ${wanted} would do`}>
      <line x1={LEFT} x2={RIGHT} y1={48} y2={48} stroke={ink} />
      <line x1={LEFT} x2={LEFT} y1={43} y2={53} stroke={ink} />
      <rect x={from} y={40} width={Math.max(to - from, 3)} height={16} fill={right} fillOpacity={0.45} stroke={right} />
      <path d={`M${x(value)} 40l-6 -11h12z`} fill={own} stroke={ink} strokeWidth={0.8} />
      <line x1={x(value)} x2={x(value)} y1={40} y2={56} stroke={own} strokeWidth={2.5} />
      <Words x={inwards(x(value), `▲ ${told(value)}`)} y={22}>
        ▲ {told(value)}
      </Words>
      <Words x={inwards((from + to) / 2, `✓ ${wanted}`)} y={76}>
        ✓ {wanted}
      </Words>
    </Drawn>
  );
}

/** A way that climbs, over the steepest that would do. */
function Climb({ figure: { own_pct, most_pct } }: { figure: Of<"climb"> }) {
  const { ink, own, right } = useInks();
  const long = 150;
  const scale = Math.min(1, 52 / ((own_pct / 100) * long));
  const top = (pct: number) => FLOOR - (pct / 100) * long * scale;
  const way = long * scale;
  return (
    <Drawn words={`It climbs ${short(own_pct)} % where ${short(most_pct)} % would do`}>
      <path d={`M20 ${FLOOR}L${20 + way} ${top(own_pct)}V${FLOOR}Z`} fill={own} fillOpacity={0.5} stroke={ink} />
      <path d={`M20 ${FLOOR}L${20 + way} ${top(most_pct)}V${FLOOR}Z`} fill={right} fillOpacity={0.8} stroke={ink} />
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <Words x={182} y={30} anchor="start">
        ▲ {short(own_pct)} %
      </Words>
      <Words x={182} y={52} anchor="start">
        ✓ up to {short(most_pct)} %
      </Words>
    </Drawn>
  );
}
