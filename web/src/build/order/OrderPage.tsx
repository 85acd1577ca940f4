import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useMemo } from "react";
import { api } from "../../api/client";
import type { Schedule, Step } from "../../api/types";
import { at, clockWords, count, dayWords, momentWords, span } from "../../common/words";
import { DownloadLink } from "../quantities/DownloadLink";
import { useBuild } from "../useSession";
import { DateOdds } from "./DateOdds";
import { StepCard } from "./StepCard";
import { useDragging } from "./useDragging";
import { WhatIf } from "./WhatIf";

/** Every step in its sitting, with the reason for each thing it waits for. */
export function OrderPage() {
  const { evaluation, id } = useBuild();
  const { schedule, steps } = evaluation;
  const byId = useMemo(() => new Map(steps.map((step) => [step.id, step])), [steps]);
  const followers = useMemo(() => followersOf(steps), [steps]);
  const dragging = useDragging();
  return (
    <Box sx={{ p: 2, maxWidth: 1080, mx: "auto" }}>
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "baseline", flexWrap: "wrap", gap: 1 }}>
        <Typography variant="h1">Order of work</Typography>
        {schedule && <DownloadLink href={api.exported(id, "ics")}>Calendar file (.ics)</DownloadLink>}
      </Stack>
      {!schedule && (
        <Typography sx={{ my: 1 }}>No dates can be given: {evaluation.infeasible} The steps below stand in an order that works.</Typography>
      )}
      {schedule && <Summary schedule={schedule} />}
      {schedule && <WhatIf />}
      {schedule && <DateOdds />}
      {schedule
        ? schedule.sittings.map((sitting, index) => (
            <Box component="section" key={sitting.from} aria-label={`Sitting ${index + 1}`} sx={{ mt: 2 }}>
              <Typography variant="h2" sx={{ borderBottom: 2, borderColor: "primary.main", pb: 0.25 }}>
                {index + 1}. {dayWords(at(sitting.from))}, {clockWords(sitting.from)}–{clockWords(sitting.to)}
                <Typography component="span" color="text.secondary" sx={{ ml: 1.5 }}>
                  {span(sitting.steps.reduce((sum, step) => sum + (byId.get(step)?.hands_on_min ?? 0), 0))} of work
                </Typography>
              </Typography>
              {sitting.steps.map((step) => (
                <StepCard
                  key={step}
                  step={byId.get(step) as Step}
                  when={schedule.steps.find((one) => one.id === step) ?? null}
                  byId={byId}
                  followers={followers.get(step) ?? []}
                  dragging={dragging}
                />
              ))}
            </Box>
          ))
        : steps.map((step) => (
            <StepCard key={step.id} step={step} when={null} byId={byId} followers={followers.get(step.id) ?? []} dragging={dragging} />
          ))}
    </Box>
  );
}

function Summary({ schedule }: { schedule: Schedule }) {
  const late = schedule.late_min;
  return (
    <Typography sx={{ mt: 0.5 }}>
      Ready <b>{momentWords(schedule.ready_at)}</b>
      {late !== null && (late > 0 ? `, ${span(late)} after it is wanted` : `, ${span(-late)} before it is wanted`)};{" "}
      {count(schedule.sittings.length, "sitting")}, {span(schedule.hands_on_min)} at the bench.
      {schedule.proven_optimal
        ? " No order can be ready sooner with these evenings."
        : ` No order can be ready before ${momentWords(boundMoment(schedule))}; the best one found is this.`}{" "}
      Steps marked ● set the date: each hour they slip, it slips.
    </Typography>
  );
}

const boundMoment = (schedule: Schedule): string =>
  new Date(at(schedule.start).getTime() + schedule.lower_bound_min * 60000).toISOString().slice(0, 16);

function followersOf(steps: Step[]): Map<string, { step: string; why: string }[]> {
  const all = new Map<string, { step: string; why: string }[]>();
  for (const step of steps)
    for (const after of step.after) all.set(after.step, [...(all.get(after.step) ?? []), { step: step.id, why: after.why }]);
  return all;
}
