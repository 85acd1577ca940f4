import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { tell } from "../../bench/outbox";
import { MomentField } from "../../common/MomentField";
import { count, momentWords } from "../../common/words";
import { useToldHere } from "../bench/useToldHere";
import { useFile, useOfBuild } from "../useSession";

/** What is done already, and from when the rest is planned anew. */
export function DoneSteps({ done, card }: { done: string[]; card: (id: string) => ReactNode }) {
  const file = useFile();
  const id = useOfBuild((build) => build.id);
  useToldHere();
  const progress = file.progress;
  if (!progress) return null;
  const replan = (moment: string | null) => void tell(id, "replanned", { data: { from: moment } });
  return (
    <Box component="section" aria-label="Done already" sx={{ mt: 2 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 2, flexWrap: "wrap", borderBottom: 2, borderColor: "divider", pb: 0.5 }}>
        <Typography variant="h2">{done.length ? `Done already: ${count(done.length, "step")}` : "Marked by you"}</Typography>
        <MomentField label="The rest planned from" value={progress.as_of ?? null} onChange={replan} />
        {!progress.as_of && (
          <Typography variant="body2" color="text.secondary">
            Give a moment, and nothing that is not done is planned before it.
          </Typography>
        )}
        {progress.as_of && (
          <Typography variant="body2" color="text.secondary">
            Nothing that is not done is planned before {momentWords(progress.as_of)}.
          </Typography>
        )}
      </Box>
      {done.map(card)}
    </Box>
  );
}
