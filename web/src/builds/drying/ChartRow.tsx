import { useTheme } from "@mui/material/styles";
import type { ScheduledStep, Step } from "../../api/types";
import { minutesOf, momentWords, span } from "../../common/words";
import { MARK, ROW } from "./timeScale";

interface Props {
  row: ScheduledStep;
  step: Step;
  y: number;
  x: (minutes: number) => number;
  on: boolean;
  right: number;
  onSelect: () => void;
}

/** One step in time: its work, then wet, curing and ready. */
export function ChartRow({ row, step, y, x, on, right, onSelect }: Props) {
  const { tints, palette } = useTheme();
  const start = x(minutesOf(row.start));
  const mark = Math.max(x(minutesOf(row.finish)) - start, MARK);
  return (
    <g onClick={onSelect} style={{ cursor: "pointer" }} data-step={row.id} data-lit={on || undefined}>
      <title>{wordsOf(row, step)}</title>
      <rect x={0} y={y} width={right} height={ROW} fill={on ? tints.lit : "transparent"} />
      <text x={12} y={y + 16.5} fontSize={14} fontWeight={on || row.critical ? 600 : 400} fill={palette.text.primary}>
        {shortened(step.title)}
      </text>
      <g clipPath="url(#chart-room)">
        {step.tail_min === null ? (
          <text x={start + mark + 4} y={y + 16.5} fontSize={12} fill={palette.text.secondary}>
            drying unknown
          </text>
        ) : (
          <Drying from={minutesOf(row.finish)} handle={step.drying.handle_min ?? 0} dry={step.tail_min} left={start + mark} x={x} y={y} />
        )}
        <rect x={start} y={y + 4} width={mark} height={17} rx={1.5} fill={palette.text.primary} />
      </g>
    </g>
  );
}

interface DryingProps {
  /** The end of the work, and how long until it can be handled and until it is dry, minutes. */
  from: number;
  handle: number;
  dry: number;
  /** Where the mark of the work ends, px. */
  left: number;
  x: (minutes: number) => number;
  y: number;
}

/** Wet until it can be handled, curing until it is dry, and the moment it is. */
function Drying({ from, handle, dry, left, x, y }: DryingProps) {
  const { tints, palette } = useTheme();
  const wetEnd = Math.max(x(from + Math.min(handle, dry)), left);
  const dryEnd = x(from + dry);
  const bar = (start: number, end: number, fill: string) => (
    <rect key={fill} x={start} y={y + 7} width={Math.max(end - start, 0)} height={11} fill={fill} />
  );
  return (
    <>
      {[tints.wet, "url(#bar-wet)"].map((fill) => bar(left, wetEnd, fill))}
      {[tints.curing, "url(#bar-curing)"].map((fill) => bar(wetEnd, dryEnd, fill))}
      {dry > 0 && <path d={`M${dryEnd} ${y + 6}l6 6.5l-6 6.5l-6 -6.5Z`} fill={tints.ready} stroke={palette.background.paper} />}
    </>
  );
}

function wordsOf(row: ScheduledStep, step: Step): string {
  const dry = step.tail_min;
  const drying =
    dry === null
      ? "how it dries is not known"
      : dry > 0
        ? `wet for ${span(step.drying.handle_min ?? 0)}, ready ${momentWords(row.ready)}`
        : "nothing to wait for";
  return `${step.title}: ${momentWords(row.start)}, ${span(step.hands_on_min)} of work; ${drying}`;
}

const LONGEST = 42;
const shortened = (title: string): string => (title.length > LONGEST ? `${title.slice(0, LONGEST - 1)}…` : title);
