import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useMemo } from "react";
import type { Schedule, Step } from "../../api/types";
import { at, clockWords, count, dayWords, momentWords, span } from "../../common/words";
import { Patterns } from "../drying/ChartMarks";
import { useBuild } from "../useSession";
import { DateOdds } from "./DateOdds";
import { DoneSteps } from "./DoneSteps";
import { LongerSearch } from "./LongerSearch";
import { ObjectiveChoice } from "./ObjectiveChoice";
import { longestOf } from "./StepBars";
import { StepCard } from "./StepCard";
import { useDragging } from "./useDragging";
import { WhatIf } from "./WhatIf";

/** Every step in its sitting, with the reason for each thing it waits for. */
export function SittingsList() {
  const { evaluation } = useBuild();
  const { schedule, steps } = evaluation;
  const byId = useMemo(() => new Map(steps.map((step) => [step.id, step])), [steps]);
  const followers = useMemo(() => followersOf(steps), [steps]);
  const dragging = useDragging();
  const longest = useMemo(() => longestOf(steps), [steps]);
  const card = (id: string) => (
    <StepCard
      key={id}
      step={byId.get(id) as Step}
      when={schedule?.steps.find((one) => one.id === id) ?? null}
      byId={byId}
      followers={followers.get(id) ?? []}
      dragging={dragging}
      longest={longest}
    />
  );
  if (!schedule)
    return (
      <>
        <Typography sx={{ my: 1 }}>No dates can be given: {evaluation.infeasible} The steps below stand in an order that works.</Typography>
        <DoneSteps done={[]} card={card} />
        {steps.map((step) => card(step.id))}
      </>
    );
  return (
    <>
      <svg width={0} height={0} aria-hidden style={{ position: "absolute" }}>
        <Patterns />
      </svg>
      <Summary schedule={schedule} />
      {schedule.objective === "ready_soonest" && !schedule.proven_optimal && <LongerSearch />}
      <ObjectiveChoice />
      <WhatIf />
      <DateOdds />
      <DoneSteps done={schedule.steps.filter((one) => one.done).map((one) => one.id)} card={card} />
      {schedule.sittings.map((sitting, index) => (
        <Box component="section" key={sitting.from} aria-label={`Sitting ${index + 1}`} sx={{ mt: 2 }}>
          <Typography variant="h2" sx={{ borderBottom: 2, borderColor: "primary.main", pb: 0.25 }}>
            {index + 1}. {dayWords(at(sitting.from))}, {clockWords(sitting.from)}–{clockWords(sitting.to)}
            <Typography component="span" color="text.secondary">
              {" · "}
              {span(sitting.steps.reduce((sum, step) => sum + (byId.get(step)?.hands_on_min ?? 0), 0))} of work
            </Typography>
          </Typography>
          {sitting.steps.map(card)}
        </Box>
      ))}
    </>
  );
}

function Summary({ schedule }: { schedule: Schedule }) {
  const late = schedule.late_min;
  return (
    <Typography sx={{ mt: 0.5 }}>
      Ready <b>{momentWords(schedule.ready_at)}</b>
      {late !== null && (late > 0 ? `, ${span(late)} after it is wanted` : `, ${span(-late)} before it is wanted`)};{" "}
      {count(schedule.sittings.length, "sitting")}, {span(schedule.hands_on_min)} at the bench. {bestWords(schedule)} Steps marked ● set the
      date: each hour they slip, it slips.
    </Typography>
  );
}

function bestWords(schedule: Schedule): string {
  if (schedule.objective === "latest_start") return "Begun as late as the date allows.";
  if (schedule.objective === "fewest_sittings") return "In as few sittings as were found to keep the date.";
  if (schedule.proven_optimal) return "No order can be ready sooner with these evenings.";
  return `No order can be ready before ${momentWords(boundMoment(schedule))}; the best one found is this.`;
}

const boundMoment = (schedule: Schedule): string =>
  new Date(at(schedule.start).getTime() + schedule.lower_bound_min * 60000).toISOString().slice(0, 16);

function followersOf(steps: Step[]): Map<string, { step: string; why: string }[]> {
  const all = new Map<string, { step: string; why: string }[]>();
  for (const step of steps)
    for (const after of step.after) all.set(after.step, [...(all.get(after.step) ?? []), { step: step.id, why: after.why }]);
  return all;
}
