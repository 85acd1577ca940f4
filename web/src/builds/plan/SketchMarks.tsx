import { useTheme } from "@mui/material/styles";
import { getStroke } from "perfect-freehand";
import type { Point } from "../../api/types";
import type { Sketch } from "./drawing";
import { ringPath } from "./outline";
import { CLOSE_PX } from "./pointer";

/** How thick a line drawn by hand looks, px. */
const STROKE = { size: 5, thinning: 0.4, smoothing: 0.6, streamline: 0.4 };

/** What is being drawn, over the plan in screen pixels: corners, the ring that closes it, the stroke of a hand, the next corner. */
export function SketchMarks({ sketch, toScreen }: { sketch: Sketch; toScreen: (point: Point) => Point }) {
  const { tints } = useTheme();
  if (sketch.shape === "freehand") {
    const edge = getStroke(sketch.points.map(toScreen), STROKE);
    return edge.length ? <path d={`${ringPath(edge)}Z`} fill={tints.accent} pointerEvents="none" /> : null;
  }
  const points = sketch.points.map(toScreen);
  const hover = sketch.hover && toScreen(sketch.hover);
  const closing = sketch.hover !== null && sketch.points.length > 2 && hover !== null && reaches(points[0], hover);
  return (
    <g pointerEvents="none">
      {sketch.shape === "polygon" && points.length > 2 && (
        <circle
          cx={points[0][0]}
          cy={points[0][1]}
          r={CLOSE_PX}
          fill={closing ? tints.accent : "none"}
          stroke={tints.accent}
          strokeWidth={2.5}
        />
      )}
      {points.map(([x, y], index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: corners are told by their place
        <circle key={index} cx={x} cy={y} r={4.5} fill="#fffdf5" stroke={tints.accent} strokeWidth={2} />
      ))}
      {hover && (
        <path
          d={`M${hover[0] - 9} ${hover[1]}h18M${hover[0]} ${hover[1] - 9}v18`}
          stroke="#fffdf5"
          strokeWidth={1.5}
          data-testid="next-corner"
        />
      )}
    </g>
  );
}

const reaches = (from: Point, to: Point): boolean => Math.hypot(to[0] - from[0], to[1] - from[1]) < CLOSE_PX;
