import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { memo, type ReactNode, type RefObject, useEffect, useMemo, useRef, useState } from "react";
import type { Evaluation, Schedule } from "../../api/types";
import { minutesOf, momentWords } from "../../common/words";
import { trueTime } from "../order/drawn/clock";
import { partsOf } from "../order/drawn/marks";
import { OrderRows } from "../order/drawn/OrderRows";
import { useSize } from "../plan/view";
import { RehearsalBar } from "../rehearsal/RehearsalBar";
import { useMoment } from "../rehearsal/useRehearsal";
import { useSelection, within } from "../useSession";
import { Flag, flagRoom, Keys } from "./ChartMarks";
import { DateLines } from "./DateLines";
import { TimeAxis } from "./TimeAxis";
import { AXIS, LABEL, NARROW, NARROW_LABEL, ROW, shifted, stretched, type Window, wholeOf } from "./timeScale";

interface Props {
  evaluation: Evaluation;
  schedule: Schedule;
  choice: ReactNode;
  climate: string;
}

/** A thin row for each part, as it is built up, in true time: to be looked at closer with the wheel and drawn along by hand. */
export const DryingChart = memo(function DryingChart({ evaluation, schedule, choice, climate }: Props) {
  const { pointer } = useSelection();
  const { tints } = useTheme();
  const { ref, size } = useSize<HTMLDivElement>();
  const moment = useMoment((state) => state.moment);
  const left = size.width < NARROW ? NARROW_LABEL : LABEL;
  const width = Math.max(size.width - left, 50);
  const time = useTime(schedule, width, left);
  const clock = useMemo(() => trueTime(schedule, [time.from, time.to], left, left + width), [schedule, time.from, time.to, left, width]);
  const at = (text: string) => clock.x(minutesOf(text));
  const scroller = useRef<HTMLDivElement>(null);
  const upwards = useMemo(() => [...evaluation.rows].reverse(), [evaluation]);
  useLitInSight(
    scroller,
    upwards.findIndex((row) => partsOf(row).some((part) => pointer !== null && within(pointer, part))),
  );
  const ready = { x: at(schedule.ready_at), left, right: size.width, text: `ready ${momentWords(schedule.ready_at)}` };
  return (
    <>
      <Stack direction="row" sx={{ alignItems: "center", gap: 1.5, px: 1.5, pt: 0.5, flexWrap: "wrap" }}>
        {choice}
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
          <TimeAxis from={time.from} to={time.to} x={clock.x} left={left} height={AXIS} taken={flagRoom(ready)} />
          <Flag {...ready} y={14} colour={schedule.late_min && schedule.late_min > 0 ? tints.trouble : tints.ready} />
        </svg>
        <Box
          ref={scroller}
          tabIndex={0}
          role="region"
          aria-label="Steps in time"
          sx={{ flex: 1, overflowY: "auto", overflowX: "hidden", touchAction: "pan-y" }}
          {...time.events}
        >
          <OrderRows
            evaluation={evaluation}
            clock={clock}
            width={size.width}
            left={left}
            rowHeight={ROW}
            letters={0}
            under={<TimeAxis from={time.from} to={time.to} x={clock.x} left={left} height={upwards.length * ROW + 4} quiet />}
            over={(height) => <DateLines schedule={schedule} at={at} height={height} rehearsed={moment} left={left} />}
          />
        </Box>
      </Box>
    </>
  );
});

/** The stretch of time that is looked at, and how the wheel and a hand move it. */
function useTime(schedule: Schedule, width: number, left: number) {
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
        const about = from + ((event.nativeEvent.offsetX - left) / width) * (to - from);
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
