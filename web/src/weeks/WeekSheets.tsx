import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { PlannedWork, Weeks } from "../api/types";
import { preferred } from "../common/preferences";
import { at, clockWords, dayWords, minutesOf, span } from "../common/words";

const DAY_WIDTH = 168;
const HOUR = 44;
const HEAD = 28;
const AXIS = 46;
const WEEK_MIN = 7 * 1440;
/** Moments are counted from a Thursday: so many minutes later comes the first Monday, Saturday or Sunday. */
const FIRST_MIN = { mon: 4 * 1440, sat: 2 * 1440, sun: 3 * 1440 };

interface Props {
  shared: Weeks;
  colours: Map<number, string>;
}

/** Week after week with the hours that are worked, each piece of work in its build's colour. Weeks without work are left out. */
export function WeekSheets({ shared, colours }: Props) {
  const titles = new Map(shared.builds.map((build) => [build.build, build.title]));
  const weeks = byWeek(shared.work);
  return (
    <>
      {weeks.map(([begins, work]) => (
        <Box component="section" key={begins} aria-label={`Week of ${dayWords(new Date(begins * 60000))}`} sx={{ mt: 3 }}>
          <Stack direction="row" sx={{ alignItems: "baseline", gap: 2 }}>
            <Typography variant="h2">Week of {dayWords(new Date(begins * 60000))}</Typography>
            <Typography color="text.secondary">
              {span(work.reduce((sum, one) => sum + minutesOf(one.finish) - minutesOf(one.start), 0))} at the bench
            </Typography>
          </Stack>
          <Week begins={begins} work={work} shared={shared} colours={colours} titles={titles} />
        </Box>
      ))}
    </>
  );
}

function byWeek(work: PlannedWork[]): [number, PlannedWork[]][] {
  const first = FIRST_MIN[preferred("first_day")];
  const weeks = new Map<number, PlannedWork[]>();
  for (const one of work) {
    const begins = Math.floor((minutesOf(one.start) - first) / WEEK_MIN) * WEEK_MIN + first;
    weeks.set(begins, [...(weeks.get(begins) ?? []), one]);
  }
  return [...weeks].sort(([a], [b]) => a - b);
}

type WeekProps = Props & { begins: number; work: PlannedWork[]; titles: Map<number, string> };

function Week({ begins, work, shared, colours, titles }: WeekProps) {
  const { tints, palette } = useTheme();
  const open = sittingsOf(shared, begins);
  const hours = hoursUsed([...work.map((one) => [minutesOf(one.start) - begins, minutesOf(one.finish) - begins] as const), ...open]);
  const rows = new Map(hours.map((hour, index) => [hour, index]));
  // Hours in which nobody ever sits are left out: the first row after a gap stands on a heavier line.
  const y = (minute: number) => HEAD + ((rows.get(Math.floor((minute % 1440) / 60)) ?? hours.length) + (minute % 60) / 60) * HOUR;
  const width = AXIS + 7 * DAY_WIDTH;
  const height = HEAD + hours.length * HOUR + 8;
  return (
    <Box sx={{ overflowX: "auto" }}>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width="100%"
        style={{ minWidth: 860, display: "block" }}
        role="img"
        aria-label="Hours at the bench"
      >
        {hours.map((hour, index) => (
          <g key={hour}>
            <path
              d={`M${AXIS} ${HEAD + index * HOUR}H${width}`}
              stroke={index > 0 && hours[index - 1] !== hour - 1 ? palette.text.secondary : tints.line}
            />
            <text x={AXIS - 6} y={HEAD + index * HOUR + 5} fontSize={13} textAnchor="end" fill={palette.text.secondary}>
              {hour}:00
            </text>
          </g>
        ))}
        {Array.from({ length: 7 }, (_, day) => day).map((day) => (
          <text key={day} x={AXIS + day * DAY_WIDTH + 4} y={18} fontSize={15} fontWeight={600} fill={palette.text.primary}>
            {dayWords(new Date((begins + day * 1440) * 60000))}
          </text>
        ))}
        {open.map(([from, to]) => (
          <rect
            key={from}
            x={AXIS + Math.floor(from / 1440) * DAY_WIDTH}
            y={y(from)}
            width={DAY_WIDTH - 6}
            height={((to - from) / 60) * HOUR}
            fill={tints.sitting}
          />
        ))}
        {work.map((one) => (
          <Block
            key={`${one.build}/${one.step}`}
            work={one}
            begins={begins}
            y={y}
            colour={colours.get(one.build) as string}
            build={titles.get(one.build) as string}
          />
        ))}
      </svg>
    </Box>
  );
}

/** Every hour of the day that some span touches, in order. */
function hoursUsed(spans: (readonly [number, number])[]): number[] {
  const used = new Set<number>();
  for (const [from, to] of spans)
    for (let minute = from; minute < Math.max(to, from + 1); minute += 60 - (minute % 60)) used.add(Math.floor((minute % 1440) / 60));
  return [...used].sort((a, b) => a - b);
}

/** The sittings of all builds in one week, minutes from its Monday, each once. */
function sittingsOf(shared: Weeks, begins: number): [number, number][] {
  const all = shared.builds.flatMap((build) =>
    build.sittings.map(([from, to]) => [minutesOf(from) - begins, minutesOf(to) - begins] as [number, number]),
  );
  const here = all.filter(([from, to]) => from >= 0 && to <= WEEK_MIN);
  return [...new Map(here.map((span) => [span.join("-"), span])).values()];
}

type BlockProps = { work: PlannedWork; begins: number; y: (minute: number) => number; colour: string; build: string };

function Block({ work, begins, y, colour, build }: BlockProps) {
  const from = minutesOf(work.start) - begins;
  const long = minutesOf(work.finish) - minutesOf(work.start);
  const height = Math.max((long / 60) * HOUR - 1, 3);
  const x = AXIS + Math.floor(from / 1440) * DAY_WIDTH;
  const fits = height >= 14;
  return (
    <g>
      <rect x={x + 2} y={y(from)} width={DAY_WIDTH - 10} height={height} fill={colour} rx={2}>
        <title>{`${clockWords(work.start)} ${work.title} (${build}), ${span(long)}, ${dayWords(at(work.start))}`}</title>
      </rect>
      {fits && (
        <text x={x + 7} y={y(from) + 13} fontSize={12.5} fill="#fff" pointerEvents="none">
          {work.title.length > 25 ? `${work.title.slice(0, 24)}…` : work.title}
        </text>
      )}
    </g>
  );
}
