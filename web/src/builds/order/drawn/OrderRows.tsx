import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { type ReactNode, useMemo, useRef } from "react";
import type { Evaluation } from "../../../api/types";
import { momentWords } from "../../../common/words";
import { Patterns } from "../../drying/ChartMarks";
import { useSelection, within } from "../../useSession";
import { WhyNotNote } from "../WhyNotNote";
import { Arrows } from "./Arrows";
import type { DrawnClock } from "./clock";
import { laidIn, type Mark } from "./marks";
import { StepMark } from "./StepMark";
import { useStepHands } from "./useStepHands";

interface Props {
  evaluation: Evaluation;
  clock: DrawnClock;
  /** px: of the whole, of the names at the left, of a row. */
  width: number;
  left: number;
  rowHeight: number;
  /** Height of the letters on the marks, px; 0: none. */
  letters: number;
  /** Behind the rows, and over them. */
  under?: ReactNode;
  over?: (height: number) => ReactNode;
}

/** The order of work part by part: a row for each, the plinth at the foot; its steps are marks in it, each with its drying behind it. */
export function OrderRows({ evaluation, clock, width, left, rowHeight, letters, under, over }: Props) {
  const { tints, palette } = useTheme();
  const selection = useSelection();
  const drawing = useRef<SVGSVGElement>(null);
  const { rows, marks } = useMemo(() => laidIn(evaluation, clock, rowHeight, width), [evaluation, clock, rowHeight, width]);
  const hands = useStepHands(marks, drawing);
  const height = rows.length * rowHeight + 4;
  const name = Math.min(14, rowHeight * 0.74);
  const most = Math.floor((left - 14) / (name * 0.5));
  const titled = (id: string | null) => marks.find((mark) => mark.step.id === id)?.step.title ?? "";
  return (
    <Box sx={{ position: "relative" }}>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing of buttons is no fieldset */}
      <svg
        ref={drawing}
        width={width}
        height={height}
        role="group"
        aria-label={`${evaluation.steps.length} steps in the rows of their parts, ready ${momentWords(evaluation.schedule?.ready_at ?? "")}. Arrow keys go from step to step, Enter picks one, Alt with an arrow moves it`}
        style={{ display: "block" }}
        {...hands.events}
      >
        <Patterns />
        <clipPath id="rows-room">
          <rect x={left} y={0} width={Math.max(width - left, 0)} height={height} />
        </clipPath>
        <g clipPath="url(#rows-room)">
          {clock.columns.map(({ from, to }) => (
            <rect key={from} x={from} width={Math.max(to - from, 2)} y={0} height={height} fill={tints.sitting} />
          ))}
          {under}
        </g>
        {rows.map((row, index) => (
          <g key={row.pointer ?? "bench"}>
            {row.parts.some((part) => selection.pointer !== null && within(selection.pointer, part)) && (
              <rect x={0} y={row.y} width={left - 4} height={rowHeight} fill={tints.lit} />
            )}
            <line x1={0} x2={width} y1={row.y} y2={row.y} stroke={palette.divider} strokeWidth={index ? 0.6 : 0} />
            <text x={8} y={row.y + rowHeight * 0.5 + name * 0.36} fontSize={name} fill={palette.text.primary}>
              {row.name.length > most ? `${row.name.slice(0, most - 1)}…` : row.name}
              <title>{row.name}</title>
            </text>
          </g>
        ))}
        <g clipPath="url(#rows-room)">
          <Arrows marks={marks} picked={hands.picked} rowHeight={rowHeight} />
          {marks.map((mark) => (
            <StepMark
              key={mark.key}
              mark={mark}
              rowHeight={rowHeight}
              letters={letters}
              on={isLit(mark, selection)}
              reached={hands.reached === mark.key}
              held={hands.dragging.held === mark.step.id}
            />
          ))}
        </g>
        {over?.(height)}
      </svg>
      {hands.dragging.over && (
        <Box
          sx={{
            position: "sticky",
            bottom: 0,
            left: 0,
            bgcolor: "background.paper",
            border: 1,
            borderColor: "divider",
            p: 0.75,
            zIndex: 2,
          }}
        >
          <Typography variant="body2" sx={{ fontWeight: 600 }}>
            {titled(hands.dragging.held)}, before {titled(hands.dragging.over.id)}?
          </Typography>
          <WhyNotNote answer={hands.dragging.over.answer} />
        </Box>
      )}
    </Box>
  );
}

function isLit({ step }: Mark, selection: { pointer: string | null; step: string | null }): boolean {
  if (selection.step) return selection.step === step.id;
  return selection.pointer !== null && step.where.some((where) => within(where, selection.pointer) || where === selection.pointer);
}
