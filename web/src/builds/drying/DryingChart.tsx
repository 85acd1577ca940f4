import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { memo, type RefObject, useEffect, useMemo, useRef, useState } from "react";
import type { Schedule, Step } from "../../api/types";
import { minutesOf, momentWords } from "../../common/words";
import { useSize } from "../plan/view";
import { RehearsalBar } from "../rehearsal/RehearsalBar";
import { useMoment } from "../rehearsal/useRehearsal";
import { useBuildSession, useSelection, within } from "../useSession";
import { Flag, Keys, Patterns } from "./ChartMarks";
import { ChartRow } from "./ChartRow";
import { DateLines } from "./DateLines";
import { TimeAxis } from "./TimeAxis";
import { AXIS, inTime, LABEL, ROW, shifted, stretched, type Window, wholeOf } from "./timeScale";

interface Props {
  schedule: Schedule;
  steps: Step[];
  climate: string;
}

/** A row for each step, to be looked at closer with the wheel and drawn along by hand. */
export const DryingChart = memo(function DryingChart({ schedule, steps, climate }: Props) {
  const session = useBuildSession();
  const selection = useSelection();
  const { tints } = useTheme();
  const { ref, size } = useSize<HTMLDivElement>();
  const rows = useMemo(() => inTime(schedule.steps), [schedule]);
  const byId = useMemo(() => new Map(steps.map((step) => [step.id, step])), [steps]);
  const moment = useMoment((state) => state.moment);
  const width = Math.max(size.width - LABEL, 50);
  const time = useTime(schedule, width);
  const x = (minutes: number) => LABEL + ((minutes - time.from) / (time.to - time.from)) * width;
  const at = (text: string) => x(minutesOf(text));
  const height = rows.length * ROW + 6;
  const scroller = useRef<HTMLDivElement>(null);
  useLitInSight(
    scroller,
    rows.findIndex((row) => isLit(byId.get(row.id), selection)),
  );
  return (
    <>
      <Stack direction="row" sx={{ alignItems: "center", gap: 1.5, px: 1.5, pt: 0.5, flexWrap: "wrap" }}>
        <Typography variant="h2">Drying line</Typography>
        <Typography variant="body2" color="text.secondary">
          {climate}
        </Typography>
        {moment === null && <Keys />}
        <RehearsalBar schedule={schedule} />
        <Box sx={{ flex: 1 }} />
        <Button size="small" onClick={() => time.stretch(1.6)} aria-label="Stretch time">
          +
        </Button>
        <Button size="small" onClick={() => time.stretch(1 / 1.6)} aria-label="Squeeze time">
          −
        </Button>
        <Button size="small" onClick={time.all} disabled={time.whole}>
          All of it
        </Button>
      </Stack>
      <Box ref={ref} sx={{ flex: 1, minHeight: 0, display: "flex", flexDirection: "column", overflow: "hidden" }}>
        <svg width={size.width} height={AXIS} aria-hidden style={{ flexShrink: 0 }}>
          <TimeAxis from={time.from} to={time.to} x={x} left={LABEL} height={AXIS} />
          <Flag
            x={at(schedule.ready_at)}
            y={14}
            left={LABEL}
            right={size.width}
            colour={schedule.late_min && schedule.late_min > 0 ? tints.trouble : tints.ready}
            text={`ready ${momentWords(schedule.ready_at)}`}
          />
        </svg>
        <Box
          ref={scroller}
          tabIndex={0}
          role="region"
          aria-label="Steps in time"
          sx={{ flex: 1, overflowY: "auto", overflowX: "hidden", touchAction: "pan-y" }}
          {...time.events}
        >
          <svg
            width={size.width}
            height={height}
            role="img"
            aria-label={`Drying line: ${rows.length} steps, ready ${momentWords(schedule.ready_at)}`}
            style={{ display: "block" }}
          >
            <Patterns />
            <clipPath id="chart-room">
              <rect x={LABEL} y={0} width={width} height={height} />
            </clipPath>
            <g clipPath="url(#chart-room)">
              {schedule.sittings.map(({ from, to }) => (
                <rect key={from} x={at(from)} width={Math.max(at(to) - at(from), 2)} y={0} height={height} fill={tints.sitting} />
              ))}
              <TimeAxis from={time.from} to={time.to} x={x} left={LABEL} height={height} quiet />
            </g>
            {rows.map((row, index) => {
              const step = byId.get(row.id);
              return (
                step && (
                  <ChartRow
                    key={row.id}
                    row={row}
                    step={step}
                    y={index * ROW}
                    x={x}
                    on={isLit(step, selection)}
                    right={size.width}
                    onSelect={() => session.select(step.where[0] ?? null, row.id)}
                  />
                )
              );
            })}
            <DateLines schedule={schedule} at={at} height={height} rehearsed={moment} />
          </svg>
        </Box>
      </Box>
    </>
  );
});

/** The stretch of time that is looked at, and how the wheel and a hand move it. */
function useTime(schedule: Schedule, width: number) {
  const whole = useMemo(() => wholeOf(schedule), [schedule]);
  const [near, setNear] = useState<Window | null>(null);
  const [from, to] = near ?? whole;
  const held = useRef<number | null>(null);
  const letGo = () => {
    held.current = null;
  };
  return {
    from,
    to,
    whole: near === null,
    all: () => setNear(null),
    stretch: (factor: number, about?: number) => setNear(stretched([from, to], whole, factor, about)),
    events: {
      onPointerDown(event: React.PointerEvent) {
        held.current = event.clientX;
      },
      onPointerUp: letGo,
      onPointerLeave: letGo,
      onPointerMove(event: React.PointerEvent) {
        if (held.current === null || !event.buttons) return;
        if (near) setNear(shifted(near, whole, ((held.current - event.clientX) / width) * (to - from)));
        held.current = event.clientX;
      },
      onWheel(event: React.WheelEvent) {
        if (!event.ctrlKey) return;
        const about = from + ((event.nativeEvent.offsetX - LABEL) / width) * (to - from);
        setNear(stretched([from, to], whole, Math.exp(-event.deltaY / 300), about));
      },
    },
  };
}

/** Brings the row that was lit elsewhere into sight. */
function useLitInSight(scroller: RefObject<HTMLDivElement | null>, row: number) {
  useEffect(() => {
    if (row >= 0) scroller.current?.scrollTo({ top: Math.max(row * ROW - 60, 0), behavior: "smooth" });
  }, [row, scroller]);
}

function isLit(step: Step | undefined, selection: { pointer: string | null; step: string | null }): boolean {
  if (!step) return false;
  if (selection.step) return selection.step === step.id;
  return selection.pointer !== null && step.where.some((where) => within(where, selection.pointer) || where === selection.pointer);
}
