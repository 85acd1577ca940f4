import { memo, useMemo } from "react";
import type { Drawing } from "../../api/types";
import { scattered, setOut } from "./scatter";

type Zone = Drawing["zones"][number];

/** Marks for what grows, as a draughtsman would set them: a star for each tuft that there is, strokes for fibres and flock. */
export const Greenery = memo(function Greenery({ zone, apart }: { zone: Zone; apart: number }) {
  const pieces = zone.greenery.reduce((sum, grown) => sum + (grown.count ?? 0), 0);
  const closed = zone.greenery.some((grown) => grown.count === null);
  return (
    <>
      {closed && <Fibres zone={zone} apart={apart} />}
      {pieces > 0 && <Tufts zone={zone} count={pieces} size={apart * 0.3} />}
    </>
  );
});

const STROKE = { pointerEvents: "none", fill: "none", strokeOpacity: 0.75, strokeLinecap: "round" } as const;
const seedOf = (zone: Zone) => zone.pointer.length * 7 + zone.rings.length;

function Fibres({ zone, apart }: { zone: Zone; apart: number }) {
  const points = useMemo(() => scattered(zone.rings, apart, seedOf(zone)), [zone, apart]);
  const s = apart * 0.26;
  return (
    <path
      {...STROKE}
      stroke="#dfe6a6"
      strokeWidth={Math.max(apart * 0.055, 0.12)}
      d={points.map(([x, y]) => `M${x} ${y}l${s * 0.4} ${s}`).join("")}
    />
  );
}

function Tufts({ zone, count, size }: { zone: Zone; count: number; size: number }) {
  const points = useMemo(() => setOut(zone.rings, count, seedOf(zone)), [zone, count]);
  const s = size;
  return (
    <path
      {...STROKE}
      data-tufts={points.length}
      stroke="#d7dd7a"
      strokeWidth={Math.max(size * 0.2, 0.14)}
      d={points
        .map(
          ([x, y]) =>
            `M${x} ${y}l0 ${s * 1.3}M${x} ${y}l${s} ${s}M${x} ${y}l${-s} ${s}M${x} ${y}l${s * 1.1} ${-s * 0.2}M${x} ${y}l${-s * 1.1} ${-s * 0.2}`,
        )
        .join("")}
    />
  );
}
