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
  return (
    <Box sx={{ height: "100%", position: "relative", minHeight: 0 }}>
      {shown === "time" ? (
        <DryingLine />
      ) : (
        <Stack sx={{ height: "100%" }}>
          {schedule && (
            <Stack direction="row" sx={{ px: 1.5, pt: 0.5 }}>
              <RehearsalBar schedule={schedule} />
            </Stack>
          )}
          <Box sx={{ flex: 1, minHeight: 0 }}>
            <Suspense fallback={<Waiting>Fetching the turntable…</Waiting>}>
              <TurntableView />
            </Suspense>
          </Box>
        </Stack>
      )}
      <ToggleButtonGroup
        size="small"
        exclusive
        value={shown}
        onChange={(_, value) => value && onShow(value)}
        aria-label="Under the plan"
        sx={{
          position: "absolute",
          left: shown === "time" ? "auto" : 8,
          right: shown === "time" ? 8 : "auto",
          bottom: 6,
          bgcolor: "background.paper",
          zIndex: 2,
        }}
      >
        <ToggleButton value="time" sx={{ py: 0, px: 1 }}>
          Drying line
        </ToggleButton>
        <ToggleButton value="solid" sx={{ py: 0, px: 1 }}>
          Turntable
        </ToggleButton>
      </ToggleButtonGroup>
    </Box>
  );
}
