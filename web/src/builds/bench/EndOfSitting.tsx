import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import type { BenchStage, Step } from "../../api/types";
import { instantNow, wallMoment } from "../../bench/clock";
import { minutesOf, momentWords, span } from "../../common/words";
import { useOfBuild } from "../useSession";
import { MovedDrawing } from "./MovedDrawing";
import { useTell } from "./useTell";

/** A sitting that goes on past this is looked at from so long ago, hours, where the bench is always open. */
const HOURS = 4;

/** The end of a sitting: what moves to another one, what that does to the date and why, what is wet, what to put away. */
export function EndOfSitting({ stage, byId, onClose }: { stage: BenchStage; byId: Map<string, Step>; onClose: () => void }) {
  const id = useOfBuild((build) => build.id);
  const schedule = useOfBuild((build) => build.evaluation.schedule);
  const tell = useTell();
  const now = instantNow();
  const ago = stage.sitting ? (minutesOf(stage.at) - minutesOf(stage.sitting.from)) * 60 : HOURS * 3600;
  const since = Math.round(now / 1000 - ago - 60);
  const moves = useQuery({ queryKey: ["moves", id, stage.version], queryFn: () => api.moves(id, since, wallMoment(now)) });
  const when = new Map(schedule?.steps.map((step) => [step.id, step.start]));
  const running = stage.in_hand.filter((hand) => hand.running_since !== null);
  return (
    <Box component="section" aria-label="End of the sitting" sx={{ p: 2, display: "grid", gap: 2, maxWidth: 1000, mx: "auto" }}>
      <Typography component="h2" sx={{ fontSize: "26px !important", fontWeight: 700 }}>
        End of the sitting
      </Typography>
      {running.length > 0 && (
        <Box>
          Hands are still on {running.map((hand) => byId.get(hand.step)?.title ?? hand.step).join(", ")}.{" "}
          <Button variant="outlined" onClick={() => running.forEach((hand) => void tell("paused", { step: hand.step }))}>
            Pause it
          </Button>
        </Box>
      )}
      {moves.data && (
        <Box>
          <Box sx={{ fontWeight: 700, fontSize: 22 }}>
            {moves.data.now ? `Ready ${momentWords(moves.data.now.ready_at)}` : "No date"}
            {moves.data.before && moves.data.now && moves.data.moved_min !== 0 && `, was ${momentWords(moves.data.before.ready_at)}`}
          </Box>
          <Box>{moves.data.why}</Box>
          {moves.data.stopped && moves.data.stopped.ready_at !== moves.data.now?.ready_at && (
            <Box>If you stop now, it is ready {momentWords(moves.data.stopped.ready_at)}.</Box>
          )}
          <MovedDrawing moves={moves.data} />
        </Box>
      )}
      {stage.left_here.length > 0 && (
        <Box>
          <Box component="h3" sx={{ m: 0, fontSize: 22 }}>
            Planned here and not done: it moves when you stop now
          </Box>
          {stage.left_here.map((step) => (
            <Box key={step}>
              {byId.get(step)?.title} ({span(byId.get(step)?.hands_on_min)}), planned for {momentWords(when.get(step) ?? stage.at)}
            </Box>
          ))}
        </Box>
      )}
      {stage.clean_up.length > 0 && (
        <Box>
          <Box component="h3" sx={{ m: 0, fontSize: 22 }}>
            Before you go
          </Box>
          <Box component="ul" sx={{ m: 0, pl: 3 }}>
            {stage.clean_up.map((one) => (
              <li key={one.line}>{one.line}</li>
            ))}
          </Box>
        </Box>
      )}
      <Leftovers stage={stage} />
      <Box sx={{ display: "flex", gap: 2, flexWrap: "wrap" }}>
        {stage.next_sitting && (
          <Button
            variant="contained"
            onClick={() => {
              for (const hand of running) void tell("paused", { step: hand.step });
              void tell("replanned", { data: { from: stage.next_sitting } });
              onClose();
            }}
          >
            Stop for today: go on {momentWords(stage.next_sitting)}
          </Button>
        )}
        <Button variant="outlined" onClick={onClose}>
          Back to the bench
        </Button>
      </Box>
    </Box>
  );
}

/** What is left over of mixes of this sitting, and until when it can be used. */
function Leftovers({ stage }: { stage: BenchStage }) {
  const mixing = useOfBuild((build) => build.evaluation.mixing);
  const from = stage.sitting?.from ?? stage.at.slice(0, 10);
  const worked = new Set(stage.recent.filter((one) => one.at.slice(0, 16) >= from && one.step).map((one) => one.step));
  const left = mixing.filter((one) => worked.has(one.step) && one.left_g > 0);
  if (!left.length) return null;
  return (
    <Box>
      <Box component="h3" sx={{ m: 0, fontSize: 22 }}>
        Left over
      </Box>
      {left.map((one) => (
        <Box key={`${one.step}${one.material}`}>
          {one.name}: {one.left_g} g{one.pot_min !== null && `, good for ${span(one.pot_min)} after it was stirred up`}
          {one.serves.length > 0 && `; it could still do ${one.serves.map((step) => step.title).join(", ")}`}
        </Box>
      ))}
    </Box>
  );
}
