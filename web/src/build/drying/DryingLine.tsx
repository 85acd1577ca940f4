import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useEffect, useMemo, useRef, useState } from "react";
import type { Climate, Schedule, ScheduledStep, Step } from "../../api/types";
import { minutesOf, momentWords, nowMoment, span } from "../../common/words";
import { useSize } from "../plan/view";
import { RehearsalBar } from "../rehearsal/RehearsalBar";
import { useMoment } from "../rehearsal/useRehearsal";
import { useBuild, useBuildSession, useSelection, within } from "../useSession";
import { TimeAxis } from "./TimeAxis";

const ROW = 24;
const AXIS = 26;
const LABEL = 286;
/** A mark of hands-on work is never thinner than this, px. */
const MARK = 4;

/** The time chart: hands-on marks, then wet, curing and ready, each told by its pattern as well as its colour. */
export function DryingLine() {
  const { evaluation, file } = useBuild();
  const { schedule } = evaluation;
  const climate: Climate = file.climate ?? {};
  return (
    <Box
      component="section"
      aria-label="Drying line"
      sx={{ height: "100%", display: "flex", flexDirection: "column", bgcolor: "background.paper" }}
    >
      {schedule ? (
        <Chart
          schedule={schedule}
          steps={evaluation.steps}
          climate={`${climate.temperature_c ?? 20} °C, ${climate.humidity_pct ?? 50} %, ${climate.airflow ?? "room"} air`}
        />
      ) : (
        <Box sx={{ p: 2 }}>
          <Typography variant="h2">Drying line</Typography>
          <Typography>No dates can be given. {evaluation.infeasible}</Typography>
        </Box>
      )}
    </Box>
  );
}

function Chart({ schedule, steps, climate }: { schedule: Schedule; steps: Step[]; climate: string }) {
  const session = useBuildSession();
  const selection = useSelection();
  const { bench, palette } = useTheme();
  const { ref, size } = useSize<HTMLDivElement>();
  const rows = useMemo(
    () => [...schedule.steps].sort((a, b) => (a.start < b.start ? -1 : a.start > b.start ? 1 : a.finish < b.finish ? -1 : 1)),
    [schedule],
  );
  const byId = useMemo(() => new Map(steps.map((step) => [step.id, step])), [steps]);
  const whole = useMemo((): [number, number] => {
    const first = Math.min(minutesOf(schedule.start), ...rows.map((row) => minutesOf(row.start)));
    const last = Math.max(minutesOf(schedule.ready_at), schedule.finish_by ? minutesOf(schedule.finish_by) : 0);
    const pad = Math.max((last - first) * 0.03, 60);
    return [first - pad / 2, last + pad];
  }, [schedule, rows]);
  const [zoomed, setZoomed] = useState<[number, number] | null>(null);
  const [from, to] = zoomed ?? whole;
  const width = Math.max(size.width - LABEL, 50);
  const x = (minutes: number) => LABEL + ((minutes - from) / (to - from)) * width;
  const at = (moment: string) => x(minutesOf(moment));
  const height = rows.length * ROW + 6;
  const scroller = useRef<HTMLDivElement>(null);
  const litRow = rows.findIndex((row) => lit(byId.get(row.id), selection));

  useEffect(() => {
    if (litRow >= 0) scroller.current?.scrollTo({ top: Math.max(litRow * ROW - 60, 0), behavior: "smooth" });
  }, [litRow]);

  function zoom(factor: number, about = (from + to) / 2) {
    const least = 120;
    const long = Math.min(Math.max((to - from) / factor, least), whole[1] - whole[0]);
    const start = Math.min(Math.max(about - ((about - from) / (to - from)) * long, whole[0]), whole[1] - long);
    setZoomed(long >= whole[1] - whole[0] ? null : [start, start + long]);
  }

  const drag = useRef<number | null>(null);
  function pan(by: number) {
    if (!zoomed) return;
    const shift = (by / width) * (to - from);
    const start = Math.min(Math.max(from - shift, whole[0]), whole[1] - (to - from));
    setZoomed([start, start + (to - from)]);
  }

  const ready = at(schedule.ready_at);
  const now = nowMoment();
  const moment = useMoment((state) => state.moment);
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
        <Button size="small" onClick={() => zoom(1.6)} aria-label="Stretch time">
          +
        </Button>
        <Button size="small" onClick={() => zoom(1 / 1.6)} aria-label="Squeeze time">
          −
        </Button>
        <Button size="small" onClick={() => setZoomed(null)} disabled={!zoomed}>
          All of it
        </Button>
      </Stack>
      <Box ref={ref} sx={{ flex: 1, minHeight: 0, display: "flex", flexDirection: "column", overflow: "hidden" }}>
        <svg width={size.width} height={AXIS} aria-hidden style={{ flexShrink: 0 }}>
          <TimeAxis from={from} to={to} x={x} left={LABEL} height={AXIS} />
          <Flag
            x={ready}
            y={14}
            left={LABEL}
            right={size.width}
            colour={schedule.late_min && schedule.late_min > 0 ? bench.trouble : bench.ready}
            text={`ready ${momentWords(schedule.ready_at)}`}
          />
        </svg>
        <Box
          ref={scroller}
          tabIndex={0}
          role="region"
          aria-label="Steps in time"
          sx={{ flex: 1, overflowY: "auto", overflowX: "hidden", touchAction: "pan-y" }}
          onPointerDown={(event) => {
            drag.current = event.clientX;
          }}
          onPointerUp={() => {
            drag.current = null;
          }}
          onPointerLeave={() => {
            drag.current = null;
          }}
          onPointerMove={(event) => {
            if (drag.current !== null && event.buttons) {
              pan(event.clientX - drag.current);
              drag.current = event.clientX;
            }
          }}
          onWheel={(event) =>
            event.ctrlKey && zoom(Math.exp(-event.deltaY / 300), from + ((event.nativeEvent.offsetX - LABEL) / width) * (to - from))
          }
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
              {schedule.sittings.map((sitting) => (
                <rect
                  key={sitting.from}
                  x={at(sitting.from)}
                  width={Math.max(at(sitting.to) - at(sitting.from), 2)}
                  y={0}
                  height={height}
                  fill={bench.sitting}
                />
              ))}
              <TimeAxis from={from} to={to} x={x} left={LABEL} height={height} quiet />
            </g>
            {rows.map((row, index) => (
              <Row
                key={row.id}
                row={row}
                step={byId.get(row.id)}
                y={index * ROW}
                x={x}
                on={lit(byId.get(row.id), selection)}
                right={size.width}
                onSelect={() => session.select(byId.get(row.id)?.where[0] ?? null, row.id)}
              />
            ))}
            <g clipPath="url(#chart-room)" pointerEvents="none">
              <line x1={ready} x2={ready} y1={0} y2={height} stroke={bench.ready} strokeWidth={2} />
              {schedule.finish_by && (
                <line
                  x1={at(schedule.finish_by)}
                  x2={at(schedule.finish_by)}
                  y1={0}
                  y2={height}
                  stroke={palette.text.primary}
                  strokeWidth={2}
                  strokeDasharray="6 4"
                />
              )}
              {schedule.finish_by && (
                <text
                  x={at(schedule.finish_by) - 5}
                  y={height - 8}
                  textAnchor="end"
                  fontSize={13}
                  fontWeight={600}
                  fill={palette.text.primary}
                  stroke={palette.background.paper}
                  strokeWidth={4}
                  paintOrder="stroke"
                >
                  wanted {momentWords(schedule.finish_by)}
                </text>
              )}
              {moment !== null && (
                <line x1={at(moment)} x2={at(moment)} y1={0} y2={height} stroke={bench.trouble} strokeWidth={3} data-testid="rehearsed" />
              )}
              <line x1={at(now)} x2={at(now)} y1={0} y2={height} stroke={bench.accent} strokeWidth={2} />
            </g>
          </svg>
        </Box>
      </Box>
    </>
  );
}

function lit(step: Step | undefined, selection: { pointer: string | null; step: string | null }): boolean {
  if (!step) return false;
  if (selection.step) return selection.step === step.id;
  return selection.pointer !== null && step.where.some((where) => within(where, selection.pointer) || where === selection.pointer);
}

interface RowProps {
  row: ScheduledStep;
  step: Step | undefined;
  y: number;
  x: (minutes: number) => number;
  on: boolean;
  right: number;
  onSelect: () => void;
}

function Row({ row, step, y, x, on, right, onSelect }: RowProps) {
  const { bench, palette } = useTheme();
  if (!step) return null;
  const finish = minutesOf(row.finish);
  const start = x(minutesOf(row.start));
  const mark = Math.max(x(finish) - start, MARK);
  const handle = step.drying.handle_min ?? 0;
  const dry = step.tail_min;
  const wetEnd = x(finish + Math.min(handle, dry ?? handle));
  const dryEnd = x(finish + (dry ?? 0));
  const title = `${step.title}: ${momentWords(row.start)}, ${span(step.hands_on_min)} of work; ${dry === null ? "how it dries is not known" : dry > 0 ? `wet for ${span(handle)}, ready ${momentWords(row.ready)}` : "nothing to wait for"}`;
  return (
    <g onClick={onSelect} style={{ cursor: "pointer" }} data-step={row.id} data-lit={on || undefined}>
      <title>{title}</title>
      <rect x={0} y={y} width={right} height={ROW} fill={on ? bench.lit : "transparent"} />
      <text x={12} y={y + 16.5} fontSize={14} fontWeight={on || row.critical ? 600 : 400} fill={palette.text.primary}>
        {shortened(step.title)}
      </text>
      <g clipPath="url(#chart-room)">
        {dry === null ? (
          <text x={start + mark + 4} y={y + 16.5} fontSize={12} fill={palette.text.secondary}>
            drying unknown
          </text>
        ) : (
          <>
            <rect x={start + mark} y={y + 7} width={Math.max(wetEnd - start - mark, 0)} height={11} fill={bench.wet} />
            <rect x={start + mark} y={y + 7} width={Math.max(wetEnd - start - mark, 0)} height={11} fill="url(#bar-wet)" />
            <rect
              x={Math.max(wetEnd, start + mark)}
              y={y + 7}
              width={Math.max(dryEnd - Math.max(wetEnd, start + mark), 0)}
              height={11}
              fill={bench.curing}
            />
            <rect
              x={Math.max(wetEnd, start + mark)}
              y={y + 7}
              width={Math.max(dryEnd - Math.max(wetEnd, start + mark), 0)}
              height={11}
              fill="url(#bar-curing)"
            />
            {dry > 0 && <path d={`M${dryEnd} ${y + 6}l6 6.5l-6 6.5l-6 -6.5Z`} fill={bench.ready} stroke={palette.background.paper} />}
          </>
        )}
        <rect x={start} y={y + 4} width={mark} height={17} rx={1.5} fill={palette.text.primary} />
      </g>
    </g>
  );
}

const LONGEST = 42;
const shortened = (title: string): string => (title.length > LONGEST ? `${title.slice(0, LONGEST - 1)}…` : title);

function Patterns() {
  return (
    <defs>
      <pattern id="bar-wet" width={8} height={11} patternUnits="userSpaceOnUse">
        <path d="M0 4Q2 1 4 4T8 4M0 9Q2 6 4 9T8 9" fill="none" stroke="#fff" strokeOpacity={0.75} />
      </pattern>
      <pattern id="bar-curing" width={6} height={6} patternUnits="userSpaceOnUse">
        <circle cx={2} cy={2} r={0.9} fill="#fff" fillOpacity={0.85} />
        <circle cx={5} cy={5} r={0.9} fill="#fff" fillOpacity={0.85} />
      </pattern>
    </defs>
  );
}

/** What the marks mean, in words and shapes. */
function Keys() {
  const { bench, palette } = useTheme();
  const key = (name: string, mark: React.ReactNode) => (
    <Stack key={name} direction="row" sx={{ alignItems: "center", gap: 0.5, fontSize: 13, color: "text.secondary" }}>
      <svg width={22} height={14} aria-hidden>
        {mark}
      </svg>
      {name}
    </Stack>
  );
  return (
    <Stack direction="row" sx={{ gap: 1.25 }}>
      {key("hands on", <rect x={8} width={6} height={14} fill={palette.text.primary} />)}
      {key(
        "wet",
        <g>
          <rect y={2} width={22} height={11} fill={bench.wet} />
          <rect y={2} width={22} height={11} fill="url(#bar-wet)" />
        </g>,
      )}
      {key(
        "curing",
        <g>
          <rect y={2} width={22} height={11} fill={bench.curing} />
          <rect y={2} width={22} height={11} fill="url(#bar-curing)" />
        </g>,
      )}
      {key("ready", <path d="M11 0l7 7l-7 7l-7 -7Z" fill={bench.ready} />)}
      {key("sitting", <rect width={22} height={14} fill={bench.sitting} stroke={palette.divider} />)}
    </Stack>
  );
}

function Flag({ x, y, left, right, colour, text }: { x: number; y: number; left: number; right: number; colour: string; text: string }) {
  const { palette } = useTheme();
  const wide = text.length * 7 + 16;
  const at = Math.min(Math.max(x, left + wide / 2), right - wide / 2 - 2);
  return (
    <g>
      <rect x={at - wide / 2} y={y - 13} width={wide} height={20} rx={10} fill={colour} />
      <text x={at} y={y + 2} textAnchor="middle" fontSize={13} fontWeight={600} fill={palette.mode === "dark" ? "#14201a" : "#fff"}>
        {text}
      </text>
    </g>
  );
}
