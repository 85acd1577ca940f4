import { useTheme } from "@mui/material/styles";
import type { Moves } from "../../api/types";
import { at, dayWords, minutesOf } from "../../common/words";

const ROW = 26;
const TOP = 30;
const LEFT = 290;
const WIDTH = 920;
/** Half a day's name. */
const RIGHT = 50;
/** So many steps are drawn: those that moved. */
const MOST = 14;
const DAY = 1440;

/** The plan before and after drawn over each other: a pale bar where a step was, a full one where it is, a line between them. */
export function MovedDrawing({ moves }: { moves: Moves }) {
  const { tints, palette } = useTheme();
  const moved = moves.steps.filter((step) => step.moved);
  if (!moved.length || !moves.before || !moves.now) return null;
  const rows = moved.sort((a, b) => a.now.localeCompare(b.now)).slice(0, MOST);
  const times = [
    ...rows.flatMap((row) => [row.before, row.now, row.before_ready, row.now_ready]),
    moves.before.ready_at,
    moves.now.ready_at,
  ].map(minutesOf);
  const [first, last] = [Math.min(...times), Math.max(...times)];
  const x = (moment: string) => LEFT + ((minutesOf(moment) - first) / Math.max(last - first, 1)) * (WIDTH - LEFT - RIGHT);
  const height = TOP + rows.length * ROW + 34;
  const days = Array.from({ length: Math.ceil((last - first) / DAY) + 1 }, (_, day) => Math.floor(first / DAY) * DAY + day * DAY).filter(
    (day) => day > first && day < last,
  );
  const every = Math.max(Math.ceil(days.length / 7), 1);
  const text = (minutes: number) => dayWords(at(new Date(minutes * 60_000).toISOString().slice(0, 16)));
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={`The plan before and after: ${rows.length} steps moved`}
      style={{ width: "100%", display: "block" }}
    >
      {days
        .filter((_, index) => index % every === 0)
        .map((day) => {
          const at = LEFT + ((day - first) / Math.max(last - first, 1)) * (WIDTH - LEFT - RIGHT);
          return (
            <g key={day}>
              <path d={`M${at} ${TOP - 6}V${height - 28}`} stroke={tints.line} />
              <text x={at} y={TOP - 12} fontSize={15} textAnchor="middle" fill={palette.text.secondary}>
                {text(day)}
              </text>
            </g>
          );
        })}
      {rows.map((row, index) => {
        const y = TOP + index * ROW;
        return (
          <g key={row.step}>
            <text x={0} y={y + 17} fontSize={16} fill={palette.text.primary}>
              {row.title.length > 36 ? `${row.title.slice(0, 35)}…` : row.title}
            </text>
            <rect
              x={x(row.before)}
              y={y + 3}
              width={Math.max(x(row.before_ready) - x(row.before), 4)}
              height={8}
              fill={tints.curing}
              fillOpacity={0.4}
            />
            <rect
              x={x(row.now)}
              y={y + 11}
              width={Math.max(x(row.now_ready) - x(row.now), 4)}
              height={8}
              fill={row.done ? tints.ready : palette.primary.main}
            />
            <path d={`M${x(row.before)} ${y + 7}L${x(row.now)} ${y + 15}`} stroke={palette.text.secondary} />
          </g>
        );
      })}
      <g fontSize={15} fill={palette.text.secondary}>
        <rect x={0} y={height - 20} width={22} height={8} fill={tints.curing} fillOpacity={0.4} />
        <text x={28} y={height - 11}>
          before
        </text>
        <rect x={90} y={height - 20} width={22} height={8} fill={palette.primary.main} />
        <text x={118} y={height - 11}>
          now, to be done
        </text>
        <rect x={240} y={height - 20} width={22} height={8} fill={tints.ready} />
        <text x={268} y={height - 11}>
          now, done
        </text>
      </g>
    </svg>
  );
}
