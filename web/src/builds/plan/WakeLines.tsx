import { memo } from "react";
import type { Drawing } from "../../api/types";

const WIDTHS = { arm: 1.8, transverse: 1.1, diverging: 0.8 };

/** Lines to mark where the wakes of hulls under way lie; those of the stern dashed. */
export const WakeLines = memo(function WakeLines({ wakes, fine }: { wakes: Drawing["wakes"]; fine: number }) {
  return (
    <g fill="none" stroke="#f2f7f8" strokeLinecap="round" pointerEvents="none">
      {wakes.map((line) => (
        <polyline
          key={`${line.system}${line.points.join()}`}
          data-wake={line.kind}
          points={line.points.map((point) => point.join()).join(" ")}
          strokeWidth={fine * WIDTHS[line.kind]}
          strokeDasharray={line.system === "stern" ? `${fine * 6} ${fine * 4}` : undefined}
        />
      ))}
    </g>
  );
});
