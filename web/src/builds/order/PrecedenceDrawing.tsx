import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useEffect, useMemo, useRef, useState } from "react";
import type { After, ScheduledStep, Step } from "../../api/types";
import { momentWords, span } from "../../common/words";
import { useBuild, useBuildSession, useSelection } from "../useSession";
import { BOX, type Laid, laidOut } from "./precedenceLayout";

const DASHES: Record<string, string | undefined> = { must: undefined, wish: undefined, school: "7 4", advice: "2 4" };

/** Every step as a box, every wait as an arrow: what must come before what, and why, with the chain that sets the date drawn heavy. */
export function PrecedenceDrawing() {
  const { evaluation } = useBuild();
  const { steps, schedule } = evaluation;
  const laid = useMemo(() => laidOut(steps), [steps]);
  const when = useMemo(() => new Map(schedule?.steps.map((one) => [one.id, one])), [schedule]);
  const [zoom, setZoom] = useState<number | "fit">(1);
  const selected = useSelection().step;
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const node = frame.current?.querySelector(`[data-node="${CSS.escape(selected ?? "")}"]`);
    node?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [selected]);
  return (
    <Box sx={{ mt: 1 }}>
      <Stack direction="row" sx={{ gap: 2, alignItems: "center", flexWrap: "wrap", mb: 1 }}>
        <Typography variant="body2" sx={{ flex: 1, minWidth: 260 }}>
          From top to bottom: what an arrow points to waits for where it comes from, for as long as stands on it. Full arrows must be,
          dashed ones are your schools, dotted ones advice. Heavy: no time to spare.
        </Typography>
        <Button variant={zoom === "fit" ? "contained" : "outlined"} onClick={() => setZoom(zoom === "fit" ? 1 : "fit")}>
          {zoom === "fit" ? "To reading size" : "All in view"}
        </Button>
      </Stack>
      <Chosen steps={steps} when={when} />
      <Box
        ref={frame}
        tabIndex={0}
        role="group"
        aria-label="Drawing of the order"
        sx={{ overflow: "auto", maxHeight: "72vh", border: 1, borderColor: "divider", bgcolor: "background.paper" }}
      >
        {/* biome-ignore lint/a11y/useSemanticElements: a drawing of buttons is no fieldset */}
        <svg
          viewBox={`0 0 ${laid.width} ${laid.height}`}
          width={zoom === "fit" ? "100%" : laid.width * zoom}
          style={{ display: "block", maxHeight: zoom === "fit" ? "70vh" : undefined }}
          role="group"
          aria-label={`${steps.length} steps and what waits for what`}
        >
          {laid.arrows.map((arrow) => (
            <Arrow key={`${arrow.from}>${arrow.to}`} arrow={arrow} when={when} selected={selected} />
          ))}
          {laid.boxes.map((box) => (
            <Node key={box.step.id} {...box} when={when.get(box.step.id)} selected={selected} />
          ))}
        </svg>
      </Box>
    </Box>
  );
}

/** The step picked in the drawing, in words. */
function Chosen({ steps, when }: { steps: Step[]; when: Map<string, ScheduledStep> }) {
  const selected = useSelection().step;
  const step = steps.find((one) => one.id === selected);
  const titled = (after: After) => steps.find((one) => one.id === after.step)?.title ?? after.step;
  return (
    <Typography sx={{ minHeight: "3.2em" }} role="status">
      {!step && "Pick a step to be told why it stands where it does."}
      {step && (
        <>
          <b>{step.title}</b>
          {when.get(step.id) && `, ${momentWords((when.get(step.id) as ScheduledStep).start)}`}: {reasons(step, titled)}
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

type ArrowProps = { arrow: Laid["arrows"][number]; when: Map<string, ScheduledStep>; selected: string | null };

function Arrow({ arrow, when, selected }: ArrowProps) {
  const { tints, palette } = useTheme();
  const heavy = when.get(arrow.from)?.critical && when.get(arrow.to)?.critical;
  const touched = selected !== null && (arrow.from === selected || arrow.to === selected);
  const colour = touched ? palette.primary.main : heavy ? tints.trouble : palette.text.secondary;
  const path = arrow.points.map(([x, y], index) => `${index ? "L" : "M"}${x} ${y}`).join("");
  const [endX, endY] = arrow.points[arrow.points.length - 1];
  const [fromX, fromY] = arrow.points[arrow.points.length - 2];
  const heading = (Math.atan2(endY - fromY, endX - fromX) * 180) / Math.PI;
  return (
    <g opacity={selected && !touched ? 0.5 : 1}>
      <path
        d={path}
        fill="none"
        stroke={colour}
        strokeWidth={touched || heavy ? 2.6 : 1.2}
        strokeDasharray={DASHES[arrow.after.strength]}
      />
      <path d="M0 0l-10 -4.5v9Z" transform={`translate(${endX} ${endY}) rotate(${heading})`} fill={colour} />
      {arrow.after.at_least_min > 0 && (
        <text
          x={arrow.label[0]}
          y={arrow.label[1]}
          fontSize={13}
          textAnchor="middle"
          fill={colour}
          stroke={palette.background.paper}
          strokeWidth={4}
          paintOrder="stroke"
        >
          {span(arrow.after.at_least_min)}
        </text>
      )}
      <title>{`${arrow.after.why} (${arrow.after.code})`}</title>
    </g>
  );
}

type NodeProps = Laid["boxes"][number] & { when?: ScheduledStep; selected: string | null };

function Node({ step, x, y, lines, when, selected }: NodeProps) {
  const session = useBuildSession();
  const { tints, palette } = useTheme();
  const on = selected === step.id;
  const pick = () => session.select(on ? null : (step.where[0] ?? null), on ? null : step.id);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside an SVG drawing
    <g
      role="button"
      tabIndex={0}
      aria-pressed={on}
      aria-label={step.title}
      data-node={step.id}
      transform={`translate(${x - BOX.width / 2} ${y - BOX.height / 2})`}
      onClick={pick}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        pick();
      }}
      style={{ cursor: "pointer" }}
    >
      <rect
        width={BOX.width}
        height={BOX.height}
        rx={4}
        fill={on ? tints.lit : palette.background.default}
        stroke={when?.critical ? tints.trouble : palette.text.secondary}
        strokeWidth={on ? 3 : when?.critical ? 2.2 : 1}
      />
      {lines.map((line, index) => (
        <text key={line} x={9} y={18 + index * 16} fontSize={14} fontWeight={600} fill={palette.text.primary}>
          {line}
        </text>
      ))}
      <text x={9} y={BOX.height - 8} fontSize={13} fill={palette.text.secondary}>
        {span(step.hands_on_min)}
        {step.tail_min ? `, dries ${span(step.tail_min)}` : ""}
        {when?.done ? ", done" : ""}
      </text>
    </g>
  );
}
