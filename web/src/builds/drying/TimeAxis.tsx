import { useTheme } from "@mui/material/styles";
import { scaleUtc } from "d3-scale";
import { type Box, clearOf, wordsWide } from "../../common/labels";
import { clockOf, dayWords } from "../../common/words";

const FONT = 13;

interface Props {
  from: number;
  to: number;
  x: (minutes: number) => number;
  left: number;
  height: number;
  /** Only the lines, for behind the bars. */
  quiet?: boolean;
  /** Where a flag stands over it: left and right, px. */
  taken?: [number, number];
}

/** Days and, near enough, hours. Minutes are local wall time counted as if it were UTC: no computer's zone moves them. */
export function TimeAxis({ from, to, x, left, height, quiet = false, taken }: Props) {
  const { palette } = useTheme();
  const room = x(to) - x(from);
  const ticks = scaleUtc()
    .domain([new Date(from * 60000), new Date(to * 60000)])
    .ticks(Math.max(Math.floor(room / 96), 2))
    .map((tick) => {
      const midnight = tick.getUTCHours() === 0 && tick.getUTCMinutes() === 0;
      return { tick, midnight, at: x(tick.getTime() / 60000), words: midnight ? dayWords(tick) : clockOf(tick) };
    })
    .filter(({ at }) => at >= left);
  const box = ({ at, words }: (typeof ticks)[number]): Box => [at, 0, at + 8 + wordsWide(words, FONT), 1];
  // Words that the right edge would cut are left out.
  const whole = ticks.filter((one) => box(one)[2] <= x(to));
  const told = new Set(clearOf(whole, box, taken ? [[taken[0], 0, taken[1], 1]] : []));
  return (
    <g fontSize={FONT} fill={palette.text.secondary}>
      {ticks.map((one) => {
        const { tick, at, midnight, words } = one;
        return (
          <g key={tick.getTime()}>
            <line x1={at} x2={at} y1={0} y2={height} stroke={palette.divider} strokeWidth={midnight ? 1.2 : 0.6} />
            {!quiet && told.has(one) && (
              <text x={at + 4} y={height - 8}>
                {words}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
