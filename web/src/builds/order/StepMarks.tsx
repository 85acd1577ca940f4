import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import type { ScheduledStep, Step, StepMark } from "../../api/types";
import { MomentField } from "../../common/MomentField";
import { momentWords } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

/** Marks a step as done when it was, or pins it to a time; the rest is planned round it. */
export function StepMarks({ step, when }: { step: Step; when: ScheduledStep }) {
  const build = useBuild();
  const session = useBuildSession();
  const [moment, setMoment] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  async function mark(kind: StepMark["kind"], at: string) {
    try {
      const { patch } = await api.mark(build.id, { step: step.id, kind, moment: at });
      setProblem(null);
      if (patch.length) session.edit(LABELS[kind], patch);
    } catch (error) {
      setProblem(error instanceof Refused ? error.problem.detail : String(error));
    }
  }
  const marked = when.done || when.pinned;
  return (
    <Stack direction="row" sx={{ gap: 1, alignItems: "center", flexWrap: "wrap" }}>
      <MomentField label="Finished, or to begin" value={moment ?? (when.done ? when.finish : when.start)} onChange={setMoment} />
      <Button variant="outlined" onClick={() => mark("done", moment ?? when.finish)}>
        Done
      </Button>
      <Button variant="outlined" onClick={() => mark("pinned", moment ?? when.start)}>
        Pin to this time
      </Button>
      {marked && <Button onClick={() => mark("none", when.start)}>Neither any more</Button>}
      <Typography variant="body2" color="text.secondary" role="status">
        {problem ?? (when.done ? `Done ${momentWords(when.finish)}.` : when.pinned ? `Pinned to ${momentWords(when.start)}.` : "")}
      </Typography>
    </Stack>
  );
}

const LABELS: Record<StepMark["kind"], string> = { done: "Mark as done", pinned: "Pin a step", none: "Take a mark off" };
