import type { ReactElement } from "react";
import type { Catalogue } from "../../api/types";
import { kindOf } from "../../common/catalogue";

/** Hatches as a draughtsman draws a cut: each tells its family of material without its colour. */
const UNKNOWN = "unknown";
const LINE = "#1b1510";

const HATCHES: Record<string, ReactElement> = {
  plinth: <path d="M0 3H12M0 9H12" stroke={LINE} strokeOpacity={0.45} strokeWidth={0.8} />,
  bulk: (
    <g fill={LINE} fillOpacity={0.5}>
      <circle cx={2} cy={3} r={0.9} />
      <circle cx={8} cy={8} r={0.9} />
      <circle cx={9} cy={2} r={0.6} />
      <circle cx={4} cy={10} r={0.6} />
    </g>
  ),
  paste: <path d="M0 12L12 0M-3 3L3 -3M9 15L15 9" stroke={LINE} strokeOpacity={0.55} strokeWidth={1} />,
  grain: (
    <g fill="none" stroke={LINE} strokeOpacity={0.6} strokeWidth={0.8}>
      <circle cx={3} cy={4} r={2} />
      <circle cx={9} cy={9} r={2.2} />
    </g>
  ),
  coat: <path d="M0 6H12" stroke={LINE} strokeOpacity={0.7} strokeWidth={1.4} />,
  greenery: <path d="M2 12L3 5M6 12L6 3M10 12L9 6" stroke={LINE} strokeOpacity={0.5} strokeWidth={1} />,
  glue: <path d="M0 6Q3 2 6 6T12 6" fill="none" stroke={LINE} strokeOpacity={0.5} />,
  pigment: (
    <g fill={LINE} fillOpacity={0.6}>
      <circle cx={2} cy={2} r={0.5} />
      <circle cx={6} cy={6} r={0.5} />
      <circle cx={10} cy={3} r={0.5} />
      <circle cx={4} cy={10} r={0.5} />
    </g>
  ),
  water: <path d="M0 4Q3 2 6 4T12 4M0 10Q3 8 6 10T12 10" fill="none" stroke="#eaf5fb" strokeOpacity={0.8} strokeWidth={0.9} />,
  // Of what stands and is met by the cut, whatever it is made of.
  cut: <path d="M0 12L12 0M-3 3L3 -3M9 15L15 9" stroke={LINE} strokeOpacity={0.75} strokeWidth={0.9} />,
  [UNKNOWN]: <path d="M0 0L12 12M12 0L0 12" stroke={LINE} strokeOpacity={0.4} strokeWidth={0.8} />,
};

/** How a family of materials is hatched. */
export function hatchOf(catalogue: Catalogue, family: string | null | undefined): string {
  const hatch = kindOf(catalogue, "families", family)?.hatch;
  return hatch && HATCHES[hatch] ? hatch : UNKNOWN;
}

/** The pattern definitions, once for a drawing. `id` keeps two drawings on a page apart. */
export function Hatches({ id }: { id: string }) {
  return (
    <defs>
      {Object.entries(HATCHES).map(([family, lines]) => (
        <pattern key={family} id={`${id}-${family}`} width={12} height={12} patternUnits="userSpaceOnUse">
          {lines}
        </pattern>
      ))}
    </defs>
  );
}
