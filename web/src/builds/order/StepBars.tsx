import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import type { ScheduledStep, Step } from "../../api/types";
import { momentWords, span } from "../../common/words";

/** The longest work and the longest drying of an order, minutes: every bar is drawn to them. */
export interface Longest {
  work: number;
  drying: number;
}

export const longestOf = (steps: Step[]): Longest => ({
  work: Math.max(1, ...steps.map((step) => step.hands_on_min)),
  drying: Math.max(1, ...steps.map((step) => step.tail_min ?? 0)),
});

/** How long one is at it and how long it then dries, as bars that can be held against those of every other step. */
export function StepBars({ step, when, longest }: { step: Step; when: ScheduledStep | null; longest: Longest }) {
  const { tints, palette } = useTheme();
  const wet = Math.min(step.drying.handle_min ?? 0, step.tail_min ?? 0);
  return (
    <Box
      sx={{ width: 190, flexShrink: 0, fontSize: "0.92rem", lineHeight: 1.25 }}
      title={when ? `Ready ${momentWords(when.ready)}` : undefined}
    >
      <Bar whole={longest.work} parts={[{ long: step.hands_on_min, fill: palette.text.primary }]} />
      <Box>{span(step.hands_on_min)} of work</Box>
      {step.tail_min !== null && step.tail_min > 0 && (
        <Bar
          whole={longest.drying}
          parts={[
            { long: wet, fill: tints.wet, pattern: "url(#bar-wet)" },
            { long: step.tail_min - wet, fill: tints.curing, pattern: "url(#bar-curing)" },
          ]}
        />
      )}
      <Box sx={{ color: "text.secondary" }}>
        {step.tail_min === null ? "drying unknown" : step.tail_min > 0 ? `then dries ${span(step.tail_min)}` : "nothing to wait for"}
      </Box>
    </Box>
  );
}

const WIDTH = 186;
const HIGH = 8;

function Bar({ whole, parts }: { whole: number; parts: { long: number; fill: string; pattern?: string }[] }) {
  let at = 0;
  return (
    <svg width={WIDTH} height={HIGH} aria-hidden style={{ display: "block", marginTop: 2 }}>
      {parts.map(({ long, fill, pattern }) => {
        const [x, width] = [at, Math.max((long / whole) * WIDTH, long > 0 ? 2 : 0)];
        at += width;
        return (
          <g key={fill}>
            <rect x={x} width={width} height={HIGH} fill={fill} />
            {pattern && <rect x={x} width={width} height={HIGH} fill={pattern} />}
          </g>
        );
      })}
    </svg>
  );
}
