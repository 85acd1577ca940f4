import { useTheme } from "@mui/material/styles";
import { scaleUtc } from "d3-scale";
import { clockOf, dayWords } from "../../common/words";

interface Props {
  from: number;
  to: number;
  x: (minutes: number) => number;
  left: number;
  height: number;
  /** Only the lines, for behind the bars. */
  quiet?: boolean;
}

/** Days and, near enough, hours. Minutes are local wall time counted as if it were UTC: no computer's zone moves them. */
export function TimeAxis({ from, to, x, left, height, quiet = false }: Props) {
  const { palette } = useTheme();
  const room = x(to) - x(from);
  const ticks = scaleUtc()
    .domain([new Date(from * 60000), new Date(to * 60000)])
    .ticks(Math.max(Math.floor(room / 96), 2));
  return (
    <g fontSize={13} fill={palette.text.secondary}>
      {ticks.map((tick) => {
        const at = x(tick.getTime() / 60000);
        if (at < left) return null;
        const midnight = tick.getUTCHours() === 0 && tick.getUTCMinutes() === 0;
        return (
          <g key={tick.getTime()}>
            <line x1={at} x2={at} y1={0} y2={height} stroke={palette.divider} strokeWidth={midnight ? 1.2 : 0.6} />
            {!quiet && (
              <text x={at + 4} y={height - 8}>
                {midnight ? dayWords(tick) : clockOf(tick)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
