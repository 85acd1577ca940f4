import type { Drainage, Point } from "../../api/types";
import { mm, short } from "../../common/words";

const WET = "#bfe2f4";

/** The way water takes from a point: the hollows it fills, and where it leaves the base. */
export function DrainageLayer({ run, toScreen }: { run: Drainage; toScreen: (point: Point) => Point }) {
  const points = run.points.map(toScreen);
  const end = points[points.length - 1];
  return (
    <g pointerEvents="none" data-testid="drainage">
      <path
        d={points.map(([x, y], i) => `${i ? "L" : "M"}${x.toFixed(1)} ${y.toFixed(1)}`).join("")}
        fill="none"
        stroke={WET}
        strokeWidth={4}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <circle cx={points[0][0]} cy={points[0][1]} r={6} fill={WET} stroke="#11303f" strokeWidth={2} />
      <path
        d={run.ends === "edge" ? `M${end[0] - 8} ${end[1] - 8}l16 16m0 -16l-16 16` : `M${end[0] - 9} ${end[1]}h18`}
        stroke={run.ends === "edge" ? "#ff7a5c" : WET}
        strokeWidth={4}
        strokeLinecap="round"
      />
      {run.hollows.map((hollow) => {
        const [x, y] = toScreen(hollow.at);
        return (
          <text
            key={hollow.at.join()}
            x={x}
            y={y - 10}
            textAnchor="middle"
            fontSize={13}
            fontWeight={700}
            fill="#fffdf5"
            stroke="#11303f"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {short(hollow.ml)} ml to {mm(hollow.level_mm)}
          </text>
        );
      })}
    </g>
  );
}

export function drainageWords(run: Drainage): string {
  const hollows = run.hollows.length ? `fills ${run.hollows.length === 1 ? "a hollow" : `${run.hollows.length} hollows`}, then ` : "";
  return run.ends === "edge"
    ? `From here it ${hollows}runs off the edge, ${mm(run.drop_mm)} lower.`
    : `From here it ${hollows || "stays where it is poured"}${hollows ? "stands" : ""}.`;
}
