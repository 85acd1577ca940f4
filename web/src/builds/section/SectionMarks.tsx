import { useTheme } from "@mui/material/styles";
import { short } from "../../common/words";
import type { SectionScale } from "./sectionScale";

/** Room for one line of words, px. */
const TALL = 15;

/** Heights above the plinth's top face, at the left. */
export function Heights({ scale: { low, high, y, left, right } }: { scale: SectionScale }) {
  const { palette } = useTheme();
  const step = [1, 2, 5, 10, 20, 50, 100].find((mm) => (high - low) / mm <= 6) ?? 200;
  const first = Math.ceil(low / step);
  // Each so many-th is told, so that none lies on another, nor on the letter at the top face.
  const each = Math.ceil(TALL / Math.abs(y(step) - y(0)));
  return (
    <g fontSize={12} fill={palette.text.secondary} aria-hidden>
      {Array.from({ length: Math.max(Math.floor(high / step) - first + 1, 0) }, (_, i) => (first + i) * step).map((z) => (
        <g key={z}>
          <line x1={left} x2={right} y1={y(z)} y2={y(z)} stroke={palette.divider} />
          {(z / step) % each === 0 && Math.abs(y(z) - y(0)) > TALL + 2 && (
            <text x={left - 6} y={y(z) + 4} textAnchor="end">
              {z}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}

/** How long so many mm are, and how many times heights are drawn. */
export function ScaleBar({ scale: { across, left, height, stretch: times } }: { scale: SectionScale }) {
  const ink = useTheme().palette.text.secondary;
  const at = height - 8;
  const length = [1, 2, 5, 10, 20, 50, 100, 200].find((mm) => mm * across >= 44) ?? 500;
  return (
    <g stroke={ink} fill={ink} fontSize={12} aria-hidden>
      <path d={`M${left} ${at - 4}v4h${length * across}v-4`} fill="none" />
      <text x={left + length * across + 6} y={at} stroke="none">
        {length} mm{times > 1 ? `, heights ×${short(times)}` : ", heights in mm, true to scale"}
      </text>
    </g>
  );
}
