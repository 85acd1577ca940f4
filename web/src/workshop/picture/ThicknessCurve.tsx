import { useTheme } from "@mui/material/styles";
import { scaleLinear } from "d3-scale";
import type { MaterialPicture } from "../../api/types";
import { mm, short, span } from "../../common/words";

const [WIDTH, HEIGHT] = [270, 170];
const EDGE = { left: 44, right: 10, top: 12, bottom: 34 };

/** How long it takes by how thick it lies, with the layer that its times are for and the largest one. */
export function ThicknessCurve({ picture }: { picture: MaterialPicture }) {
  const { tints, palette } = useTheme();
  const { by_thickness: points, reference_mm, largest_mm } = picture;
  const thick = points[points.length - 1][0];
  const long = Math.max(...points.map(([, hours]) => hours));
  const x = scaleLinear([0, thick], [EDGE.left, WIDTH - EDGE.right]);
  // In days where it takes some, else in hours.
  const unit = long > 72 ? { of: 24, name: "days" } : { of: 1, name: "h" };
  const y = scaleLinear([0, long / unit.of], [HEIGHT - EDGE.bottom, EDGE.top]).nice(4);
  const line = points.map(([at, hours], i) => `${i ? "L" : "M"}${x(at).toFixed(1)} ${y(hours / unit.of).toFixed(1)}`).join("");
  const usual = points.reduce((best, point) =>
    Math.abs(point[0] - (reference_mm ?? 0)) < Math.abs(best[0] - (reference_mm ?? 0)) ? point : best,
  );
  const ink = { fill: palette.text.primary, fontSize: 12.5 };
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      role="img"
      aria-label={`Dry through by thickness: ${span(Math.round(usual[1] * 60))} at ${mm(usual[0])}, ${span(Math.round(points[points.length - 1][1] * 60))} at ${mm(thick)}`}
    >
      {y.ticks(4).map((tick) => (
        <g key={tick}>
          <line x1={EDGE.left} x2={WIDTH - EDGE.right} y1={y(tick)} y2={y(tick)} stroke={palette.divider} />
          <text x={EDGE.left - 6} y={y(tick) + 4} textAnchor="end" {...ink}>
            {short(tick)}
          </text>
        </g>
      ))}
      <text x={EDGE.left - 6} y={HEIGHT - 6} textAnchor="end" {...ink}>
        {unit.name}
      </text>
      {x.ticks(4).map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - EDGE.bottom + 15} textAnchor="middle" {...ink}>
          {short(tick)}
        </text>
      ))}
      <text x={WIDTH - EDGE.right} y={HEIGHT - 6} textAnchor="end" {...ink}>
        mm thick
      </text>
      {largest_mm !== null && largest_mm < thick && (
        <g>
          <rect
            x={x(largest_mm)}
            y={EDGE.top}
            width={x(thick) - x(largest_mm)}
            height={HEIGHT - EDGE.bottom - EDGE.top}
            fill={tints.trouble}
            fillOpacity={0.16}
          />
          <line
            x1={x(largest_mm)}
            x2={x(largest_mm)}
            y1={EDGE.top}
            y2={HEIGHT - EDGE.bottom}
            stroke={tints.trouble}
            strokeDasharray="5 3"
          />
          <text x={x(largest_mm) - 4} y={EDGE.top + 11} textAnchor="end" fill={tints.trouble} fontSize={12.5}>
            ▲ largest {mm(largest_mm)}
          </text>
        </g>
      )}
      <path d={line} fill="none" stroke={tints.curing} strokeWidth={3} />
      <circle cx={x(usual[0])} cy={y(usual[1] / unit.of)} r={5} fill={tints.curing} stroke={palette.text.primary} />
    </svg>
  );
}
