import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useEffect, useMemo, useState } from "react";
import type { Step } from "../../api/types";
import { keepSeen } from "../../bench/lastSeen";
import { useOutbox } from "../../bench/outbox";
import { allowSound } from "../../bench/sounds";
import { useWakeLock } from "../../bench/useWakeLock";
import { useCatalogue } from "../../common/catalogue";
import { useBuild, useOfBuild } from "../useSession";
import { BenchHead } from "./BenchHead";
import { EndOfSitting } from "./EndOfSitting";
import { InHand } from "./InHand";
import { NextUp } from "./NextUp";
import { Recent } from "./Recent";
import { RipOut } from "./RipOut";
import { UsedHere } from "./UsedHere";
import { useStage } from "./useStage";
import { WetNow } from "./WetNow";
import { WindowDials } from "./WindowDials";

/** What the maker has open over the bench. */
export type Over = { kind: "end" } | { kind: "rip"; part: string | null } | null;

/** The bench: what is under hand, what runs out, what is wet, what comes next. For a tablet an arm's length away, by tapping alone. */
export function BenchPage() {
  const steps = useOfBuild((build) => build.evaluation.steps);
  const byId = useMemo(() => new Map(steps.map((step) => [step.id, step])), [steps]);
  // Kept on this device: the bench opens without the server, too.
  const build = useBuild();
  useEffect(() => void keepSeen(`build:${build.id}`, build), [build]);
  // The drawings need it: it is there before the network is gone.
  useCatalogue();
  const { stage, left, failed, waiting } = useStage();
  const refused = useOutbox((state) => state.refused);
  const [over, setOver] = useState<Over>(null);
  const running = left?.hands.some((hand) => hand.running_since !== null) ?? false;
  useWakeLock((left?.hands.length ?? 0) > 0);
  if (!stage || !left)
    return (
      <Typography role="status" sx={{ p: 3, fontSize: 20 }}>
        {failed ? "The bench cannot be reached. It is asked for again in a moment." : "Looking at the bench…"}
      </Typography>
    );
  const hands = left.hands.filter((hand) => byId.has(hand.step));
  return (
    <Box
      onPointerDown={allowSound}
      sx={{ fontSize: 20, "& .MuiButton-root": { fontSize: 20, minHeight: 56 }, "& .MuiTypography-root": { fontSize: "inherit" } }}
    >
      <BenchHead stage={stage} waiting={waiting.length} running={running} onEnd={() => setOver({ kind: "end" })} />
      {refused && (
        <Alert severity="error" onClose={() => useOutbox.setState({ refused: null })} sx={{ m: 2, fontSize: 20 }}>
          Not taken: {refused.problem.problems?.map((one) => one.message).join("; ") ?? refused.problem.detail}
        </Alert>
      )}
      {stage.trouble && (
        <Alert severity="warning" sx={{ m: 2, fontSize: 20 }}>
          No dates can be given: {stage.trouble} What happens is noted all the same.
        </Alert>
      )}
      {over?.kind === "end" && <EndOfSitting stage={stage} byId={byId} onClose={() => setOver(null)} />}
      {over?.kind === "rip" && <RipOut part={over.part} onClose={() => setOver(null)} />}
      {!over && (
        <Box
          sx={{
            display: "grid",
            gap: 2,
            p: 2,
            gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 330px" },
            alignItems: "start",
          }}
        >
          <Box sx={{ display: "grid", gap: 2 }}>
            {hands.map((hand) => (
              <InHand
                key={hand.work}
                hand={hand}
                step={byId.get(hand.step) as Step}
                troubles={stage.troubles}
                copies={stage.batches?.copies ?? 1}
                onWrong={(part) => setOver({ kind: "rip", part })}
              />
            ))}
            <NextUp stage={stage} byId={byId} busy={hands.length > 0} left={left} />
            <UsedHere steps={stage.to_use} />
          </Box>
          <Box sx={{ display: "grid", gap: 2 }}>
            <WindowDials windows={stage.windows} />
            <WetNow wet={stage.wet} onWrong={(part) => setOver({ kind: "rip", part })} />
            <Recent recent={stage.recent} tookBack={left.tookBack} onWrong={() => setOver({ kind: "rip", part: null })} />
          </Box>
        </Box>
      )}
    </Box>
  );
}
