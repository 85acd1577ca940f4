import { memo, useMemo } from "react";
import type { Drawing } from "../../api/types";
import { scattered } from "./scatter";

/** Marks for what grows, as a draughtsman would set them: strokes for fibres, stars for tufts, dots for flock. */
export const Greenery = memo(function Greenery({ zone, apart }: { zone: Drawing["zones"][number]; apart: number }) {
  const tufts = zone.greenery.includes("tufts");
  const points = useMemo(
    () => scattered(zone.rings, tufts ? apart * 2 : apart, zone.pointer.length * 7 + zone.rings.length),
    [zone, tufts, apart],
  );
  const s = apart * 0.26;
  return (
    <path
      pointerEvents="none"
      fill="none"
      stroke={tufts ? "#d7dd7a" : "#dfe6a6"}
      strokeOpacity={0.75}
      strokeWidth={Math.max(apart * 0.055, 0.12)}
      strokeLinecap="round"
      d={points
        .map(([x, y]) =>
          tufts
            ? `M${x} ${y}l0 ${s * 1.3}M${x} ${y}l${s} ${s}M${x} ${y}l${-s} ${s}M${x} ${y}l${s * 1.1} ${-s * 0.2}M${x} ${y}l${-s * 1.1} ${-s * 0.2}`
            : `M${x} ${y}l${s * 0.4} ${s}`,
        )
        .join("")}
    />
  );
});
