import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useMemo } from "react";
import type { After, Schedule, Step } from "../../../api/types";
import { useKept } from "../../../common/useKept";
import { at, clockWords, dayWords, minutesOf, momentWords, span } from "../../../common/words";
import { Keys } from "../../drying/ChartMarks";
import { TimeAxis } from "../../drying/TimeAxis";
import { wholeOf } from "../../drying/timeScale";
import { useSize } from "../../plan/view";
import { useBuild, useSelection } from "../../useSession";
import { bySitting, type DrawnClock, trueTime } from "./clock";
import { OrderRows } from "./OrderRows";

/** px: the names of parts, the days above, and a row. */
const LEFT = 170;
const NARROW_LEFT = 96;
const HEAD = 34;
const ROW = { least: 13, most: 34 };
/** Rows as high as this have room for words. */
const WORDED = 15;
/** About how wide a letter of the days is. */
const LETTER = 6.4;

/** The whole order in one drawing: parts as they lie on each other, sittings or days across, and the chain that sets the date. */
export function DrawnOrder() {
  const { evaluation } = useBuild();
  const { schedule, rows } = evaluation;
  const [across, setAcross] = useKept<"sittings" | "time">("browser", "order-across", "sittings");
  const { ref, size } = useSize<HTMLDivElement>();
  const left = size.width < 600 ? NARROW_LEFT : LEFT;
  const clock = useMemo(
    () =>
      schedule &&
      (across === "sittings" ? bySitting(schedule, left, size.width - 8) : trueTime(schedule, wholeOf(schedule), left, size.width - 8)),
    [schedule, across, left, size.width],
  );
  if (!schedule || !clock) return <Typography sx={{ my: 1 }}>No dates can be given: {evaluation.infeasible}</Typography>;
  const room = Math.max(size.height - HEAD - 8, 200);
  const rowHeight = Math.min(ROW.most, Math.max(ROW.least, room / Math.max(rows.length, 1)));
  return (
    <Box sx={{ mt: 1, display: "flex", flexDirection: "column", height: "calc(100vh - 150px)", minHeight: 420 }}>
      <Stack direction="row" sx={{ gap: 1.5, alignItems: "center", flexWrap: "wrap", mb: 0.5 }}>
        <ToggleButtonGroup exclusive size="small" value={across} onChange={(_event, next) => next && setAcross(next)} aria-label="Across">
          <ToggleButton value="sittings">A column for each sitting</ToggleButton>
          <ToggleButton value="time">True time</ToggleButton>
        </ToggleButtonGroup>
        <Keys />
        <ChainKey />
      </Stack>
      <Chosen steps={evaluation.steps} schedule={schedule} />
      <Box
        ref={ref}
        sx={{
          flex: 1,
          minHeight: 0,
          overflowX: "hidden",
          overflowY: "auto",
          border: 1,
          borderColor: "divider",
          bgcolor: "background.paper",
        }}
      >
        <svg width={size.width} height={HEAD} aria-hidden style={{ display: "block", position: "sticky", top: 0 }}>
          {across === "sittings" ? (
            <SittingHeads schedule={schedule} clock={clock} right={size.width} />
          ) : (
            <TimeAxis from={wholeOf(schedule)[0]} to={wholeOf(schedule)[1]} x={clock.x} left={left} height={HEAD} />
          )}
        </svg>
        <OrderRows
          evaluation={evaluation}
          clock={clock}
          width={size.width}
          left={left}
          rowHeight={rowHeight}
          letters={rowHeight >= WORDED ? Math.min(13, rowHeight * 0.6) : 0}
        />
      </Box>
    </Box>
  );
}

/** The number of each sitting over its column, and its day and hour where there is room for them. */
function SittingHeads({ schedule, clock, right }: { schedule: Schedule; clock: DrawnClock; right: number }) {
  const { palette } = useTheme();
  let free = 0;
  return (
    <g fill={palette.text.secondary} fontSize={12}>
      {schedule.sittings.map((sitting, index) => {
        const x = clock.x(minutesOf(sitting.from));
        const next = schedule.sittings[index + 1];
        const room = (next ? clock.x(minutesOf(next.from)) : right) - x;
        const day = dayWords(at(sitting.from));
        // "Mon 1 Mar", else "1 Mar", else the number alone.
        const told = [`${day}, ${clockWords(sitting.from)}`, day, day.split(" ").slice(1, 3).join(" ")].find(
          (words) => words.length * LETTER <= room,
        );
        if (x < free) return null;
        free = x + 14;
        return (
          <g key={sitting.from}>
            <text x={x} y={14} fontWeight={600} fill={palette.text.primary}>
              {index + 1}
            </text>
            {told && (
              <text x={x} y={28}>
                {told}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

function ChainKey() {
  const { tints } = useTheme();
  return (
    <Stack direction="row" sx={{ alignItems: "center", gap: 0.5, fontSize: 13, color: "text.secondary" }}>
      <svg width={26} height={14} aria-hidden>
        <path d="M2 11C12 11 12 3 24 3" stroke={tints.trouble} strokeWidth={2} fill="none" />
      </svg>
      sets the date
    </Stack>
  );
}

/** The step picked in the drawing, in words. */
function Chosen({ steps, schedule }: { steps: Step[]; schedule: Schedule }) {
  const selected = useSelection().step;
  const step = steps.find((one) => one.id === selected);
  const when = schedule.steps.find((one) => one.id === selected);
  const titled = (after: After) => steps.find((one) => one.id === after.step)?.title ?? after.step;
  return (
    <Typography variant="body2" sx={{ minHeight: "3em" }} role="status">
      {!step &&
        "Pick a step to be told why it stands where it does; drag it onto another to do it first. Arrow keys go from step to step, Alt with an arrow moves one."}
      {step && (
        <>
          <b>{step.title}</b>
          {when && `, ${momentWords(when.start)}, ${span(step.hands_on_min)}`}: {reasons(step, titled)}
        </>
      )}
    </Typography>
  );
}

/** What it waits for, told once for each reason. */
function reasons(step: Step, titled: (after: After) => string): string {
  if (step.after.length === 0) return "it waits for nothing.";
  const byWhy = new Map<string, string[]>();
  for (const after of step.after)
    byWhy.set(after.why, [
      ...(byWhy.get(after.why) ?? []),
      `${titled(after)}${after.at_least_min ? ` by ${span(after.at_least_min)}` : ""}`,
    ]);
  return `after ${[...byWhy].map(([why, names]) => `${names.join(", ")}, because ${why}`).join("; after ")}.`;
}
