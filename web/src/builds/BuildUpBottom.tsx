import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { lazy, Suspense, useEffect } from "react";
import { Waiting } from "../common/Waiting";
import { DryingLine } from "./drying/DryingLine";
import { RehearsalBar } from "./rehearsal/RehearsalBar";
import { useMoment } from "./rehearsal/useRehearsal";
import { useOfBuild } from "./useSession";

/** Solids are drawn by a large library: it is fetched when somebody asks for the turntable. */
const TurntableView = lazy(() => import("./turntable/TurntableView"));

export type UnderThePlan = "time" | "solid";

/** Under the plan: time as a line, or the base on a turntable. */
export function BuildUpBottom({ shown, onShow }: { shown: UnderThePlan; onShow: (shown: UnderThePlan) => void }) {
  const schedule = useOfBuild((build) => build.evaluation.schedule);
  const go = useMoment((state) => state.go);
  // Whoever leaves the page leaves the rehearsal too.
  useEffect(() => () => go(null), [go]);
  const choice = <Choice shown={shown} onShow={onShow} />;
  if (shown === "time") return <DryingLine choice={choice} />;
  return (
    <Stack sx={{ height: "100%", minHeight: 0 }}>
      <Stack direction="row" sx={{ px: 1.5, py: 0.5, gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
        {choice}
        {schedule && <RehearsalBar schedule={schedule} />}
      </Stack>
      <Box sx={{ flex: 1, minHeight: 0, position: "relative" }}>
        <Suspense fallback={<Waiting>Fetching the turntable…</Waiting>}>
          <TurntableView />
        </Suspense>
      </Box>
    </Stack>
  );
}

/** In one place whichever is shown, and over no drawing. */
function Choice({ shown, onShow }: { shown: UnderThePlan; onShow: (shown: UnderThePlan) => void }) {
  return (
    <ToggleButtonGroup size="small" exclusive value={shown} onChange={(_, value) => value && onShow(value)} aria-label="Under the plan">
      <ToggleButton value="time" sx={{ py: 0, px: 1 }}>
        Drying line
      </ToggleButton>
      <ToggleButton value="solid" sx={{ py: 0, px: 1 }}>
        Turntable
      </ToggleButton>
    </ToggleButtonGroup>
  );
}
