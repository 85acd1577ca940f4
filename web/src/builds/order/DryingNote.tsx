import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, Refused } from "../../api/client";
import type { Step } from "../../api/types";
import { onSent, tell } from "../../bench/outbox";
import { count, short, span } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

/** Hours after which a coat was seen to be dry: noted, and forecasts of its material learn from it. */
export function DryingNote({ step }: { step: Step }) {
  const build = useBuild();
  const session = useBuildSession();
  const client = useQueryClient();
  const [hours, setHours] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const notes = useQuery({ queryKey: ["dryings"], queryFn: api.dryings }).data ?? [];
  const mine = notes.filter((note) => note.material === step.drying.material);
  const value = Number(hours.replace(",", "."));
  const readable = hours.trim() !== "" && Number.isFinite(value) && value > 0;

  async function learn(change: Promise<unknown>) {
    try {
      await change;
      setHours("");
      setProblem(null);
      await client.invalidateQueries();
      await session.refresh();
    } catch (error) {
      setProblem(error instanceof Refused ? error.problem.detail : String(error));
    }
  }

  async function note() {
    await tell(build.id, "seen_dry", { step: step.id, data: { observed_min: value * 60 } });
    setHours("");
  }
  useEffect(
    () =>
      onSent((sent) => {
        if (sent !== build.id) return;
        void client.invalidateQueries();
        void session.refresh();
      }),
    [build.id, client, session],
  );

  return (
    <Stack direction="row" sx={{ gap: 1, alignItems: "center", flexWrap: "wrap", mt: 0.5 }}>
      <TextField
        label="Seen dry after, h"
        value={hours}
        error={hours.trim() !== "" && !readable}
        onChange={(event) => setHours(event.target.value)}
        sx={{ width: 160 }}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <Button variant="outlined" disabled={!readable} onClick={() => void note()}>
        Note it
      </Button>
      {mine.length > 0 && (
        <Typography variant="body2">
          Noted {count(mine.length, "time")}, last {span(mine[0].observed_min)} against {span(mine[0].foretold_min)}: ×
          {short(mine[0].factor)}.
          <Button size="small" onClick={() => learn(api.strikeDrying(mine[0].id))}>
            Strike the last
          </Button>
        </Typography>
      )}
      {problem && <Typography color="error">{problem}</Typography>}
    </Stack>
  );
}
