import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import type { BenchEvent, ScheduledStep, Step } from "../../api/types";
import { atWall } from "../../bench/clock";
import { tell } from "../../bench/outbox";
import { MomentField } from "../../common/MomentField";
import { momentWords } from "../../common/words";
import { useToldHere } from "../bench/useToldHere";
import { useOfBuild } from "../useSession";

/** Marks a step as done when it was, or pins it to a time; the rest is planned round it. */
export function StepMarks({ step, when }: { step: Step; when: ScheduledStep }) {
  const id = useOfBuild((build) => build.id);
  const [moment, setMoment] = useState<string | null>(null);
  useToldHere();
  const mark = (kind: BenchEvent["kind"], more: Partial<BenchEvent>) => void tell(id, kind, { step: step.id, ...more });
  /** What said that it is done, or left out, is as if it had not been. */
  async function unmark() {
    if (when.pinned) mark("pinned", { data: { to: null } });
    if (!when.done) return;
    const { events } = await api.benchEvents(id);
    const gone = new Set(events.filter((one) => one.kind === "took_back").map((one) => one.data?.event));
    const mine = events.filter((one) => (one.kind === "laid" || one.kind === "skipped") && one.step === step.id && !gone.has(one.id));
    for (const one of mine) mark("took_back", { step: undefined, data: { event: one.id } });
  }
  return (
    <Stack direction="row" sx={{ gap: 1, alignItems: "center", flexWrap: "wrap" }}>
      <MomentField label="Finished, or to begin" value={moment ?? (when.done ? when.finish : when.start)} onChange={setMoment} />
      <Button variant="outlined" onClick={() => mark("laid", { at: atWall(moment ?? when.finish), data: { marked: true } })}>
        Done
      </Button>
      <Button variant="outlined" onClick={() => mark("pinned", { data: { to: moment ?? when.start } })}>
        Pin to this time
      </Button>
      {(when.done || when.pinned) && <Button onClick={() => void unmark()}>Neither any more</Button>}
      <Typography variant="body2" color="text.secondary" role="status">
        {when.done ? `Done ${momentWords(when.finish)}.` : when.pinned ? `Pinned to ${momentWords(when.start)}.` : ""}
      </Typography>
    </Stack>
  );
}
