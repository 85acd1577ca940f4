import { useTheme } from "@mui/material/styles";
import { memo } from "react";
import type { Point, SightItem, SightView } from "../../api/types";
import { standingKind, useCatalogue } from "../../common/catalogue";
import { ringPath } from "../plan/outline";
import { within } from "../useSession";

const INK = "#211b14";

function shaded(colour: string, factor: number): string {
  const parts = colour.match(/[0-9a-f]{2}/gi) ?? ["80", "80", "80"];
  return `rgb(${parts.map((pair) => Math.min(255, Math.round(Number.parseInt(pair, 16) * factor))).join(" ")})`;
}

const closed = (ring: Point[]): string => `${ringPath(ring)}Z`;

interface Props {
  view: SightView;
  selected: string | null;
  onSelect: (pointer: string) => void;
}

/** The base as the eye has it, painted from the back to the front, with a millimetre scale beside it. */
export function SightDrawing({ view, selected, onSelect }: Props) {
  const { tints } = useTheme();
  const [left, low, right, high] = view.bounds_mm;
  const margin = (right - left) * 0.05 + 3;
  // The picture is fitted to whichever side is the tighter: a hair is a pixel of it.
  const hair = Math.max((right - left) / 700, (high - low) / 260);
  return (
    <svg
      viewBox={`${left - margin - hair * 66} ${-high - margin} ${right - left + 2 * margin + hair * 66} ${high - low + 2 * margin}`}
      preserveAspectRatio="xMidYMax meet"
      width="100%"
      height="100%"
      role="img"
      aria-label={`The base seen from ${view.direction_deg}° and ${view.elevation_deg}° up`}
    >
      <g transform="scale(1 -1)" strokeLinejoin="round">
        {view.items.map((item, i) =>
          item.kind === "ground" ? (
            // biome-ignore lint/suspicious/noArrayIndexKey: patches have no names and never change places
            <Ground key={`ground${i}`} item={item} hair={hair} />
          ) : (
            <Standing
              key={item.pointer}
              item={item}
              hair={hair}
              lit={within(item.pointer ?? "", selected) ? tints.accent : null}
              onSelect={onSelect}
            />
          ),
        )}
        {view.sides.map(({ colour, clear, ring }, i) => (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: bands have no names and never change places
            key={`side${i}`}
            d={closed(ring as Point[])}
            fill={colour}
            fillOpacity={clear ? 0.8 : 1}
            stroke={INK}
            strokeOpacity={0.35}
            strokeWidth={0.6 * hair}
          />
        ))}
      </g>
      <Measure left={left} low={low} high={high} hair={hair} />
    </svg>
  );
}

const Ground = memo(({ item, hair }: { item: SightItem; hair: number }) => {
  const colour = item.colour ?? "#9a8b70";
  return <path d={closed(item.ring ?? [])} fill={colour} stroke={colour} strokeWidth={hair} />;
});

interface StandingProps {
  item: SightItem;
  hair: number;
  lit: string | null;
  onSelect: (pointer: string) => void;
}

/** What is dark behind a door or a window. */
const OPEN = "#2a2f2c";
/** More faces turned to the eye than anything with corners has. */
const BENT = 14;

const Standing = memo(({ item, hair, lit, onSelect }: StandingProps) => {
  const kind = standingKind(useCatalogue(), item.kind, item.pointer);
  const colour = item.colour ?? kind?.colour ?? INK;
  const [u, v] = item.at ?? [0, 0];
  const stroke = lit ?? INK;
  const silhouette = kind?.[item.silhouette ?? "silhouette"];
  const faces = item.faces ?? [];
  const line = (lit ? 2.4 : 0.9) * hair;
  // What is round comes in many narrow faces: it is drawn round it, not between them.
  const bent = faces.length > BENT;
  return (
    <g data-sight={item.pointer} style={{ cursor: "pointer" }} onClick={() => item.pointer && onSelect(item.pointer)}>
      <title>{item.name}</title>
      {silhouette && !item.faces?.length ? (
        <path
          d={silhouette}
          transform={`translate(${u} ${v}) scale(${Math.max(item.width_mm ?? 1, 0.3) * (item.mirrored ? -1 : 1)} ${Math.max(item.height_mm ?? 1, 0.3)})`}
          fill={colour}
          stroke={stroke}
          strokeWidth={lit ? 2.5 : 1}
          vectorEffect="non-scaling-stroke"
        />
      ) : (
        <>
          {bent && <path d={faces.map((face) => closed(face.ring)).join("")} fill={stroke} stroke={stroke} strokeWidth={2 * line} />}
          {faces.map((face, i) => {
            const fill = face.opening ? OPEN : shaded(colour, face.shade);
            return (
              <path
                // biome-ignore lint/suspicious/noArrayIndexKey: faces have no names
                key={i}
                d={closed(face.ring)}
                fill={fill}
                stroke={bent || face.opening ? fill : stroke}
                strokeWidth={bent || face.opening ? 0.3 * hair : line}
              />
            );
          })}
        </>
      )}
    </g>
  );
});

const STEPS_MM = [1, 2, 5, 10, 20, 50, 100];

/** An upright ruler beside the picture, in mm of the model, from the plinth's top face up. */
function Measure({ left, low, high, hair }: { left: number; low: number; high: number; hair: number }) {
  const { palette } = useTheme();
  const step = STEPS_MM.find((mm) => (high - low) / mm <= 7) ?? 200;
  const x = left - hair * 16;
  const ticks = Array.from({ length: Math.max(Math.floor(high / step) + 1, 1) }, (_, i) => i * step);
  return (
    <g stroke={palette.text.primary} fill={palette.text.primary} strokeWidth={hair * 1.4}>
      <line x1={x} x2={x} y1={0} y2={-high} />
      {ticks.map((mm) => (
        <g key={mm}>
          <line x1={x - hair * 6} x2={x} y1={-mm} y2={-mm} />
          <text x={x - hair * 9} y={-mm + hair * 7} fontSize={hair * 22} textAnchor="end" stroke="none">
            {mm}
            {mm === ticks[ticks.length - 1] && " mm"}
          </text>
        </g>
      ))}
    </g>
  );
}
