import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Stack from "@mui/material/Stack";
import type { Point, Relief } from "../../api/types";
import { capital, mm, short } from "../../common/words";
import { SLOPE_COLOURS } from "./ReliefLayer";
import type { ReliefView, spotAt } from "./useRelief";

interface Props {
  relief: Relief | undefined;
  view: ReliefView;
  pointed: Point | null;
  spot: ReturnType<typeof spotAt>;
  asking: boolean;
  answer: string | null;
}

/** A line at the foot of the plan: the height under the pointer, what colours mean, the answer to a question. */
export function PlanNote({ relief, view, pointed, spot, asking, answer }: Props) {
  if (!relief && !asking) return null;
  return (
    <Paper
      elevation={2}
      role="status"
      sx={{ position: "absolute", bottom: 10, left: 44, px: 1.25, py: 0.5, maxWidth: "calc(100% - 60px)", pointerEvents: "none" }}
    >
      {asking && <Box>{answer ?? "Tap the ground: where would water run from there? Escape ends it."}</Box>}
      {relief && (
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: "wrap", alignItems: "center" }}>
          <span>
            {spot && pointed
              ? `${mm(spot.height)} high, ${spot.degrees}° ${spot.name} at ${short(pointed[0])}, ${short(pointed[1])} mm`
              : `Ground from ${mm(relief.lowest_mm)} to ${mm(relief.highest_mm)}`}
          </span>
          {view === "contours" && <span>a line every {mm(relief.interval_mm)}</span>}
          {view === "slopes" &&
            relief.classes.map((one, index) => (
              <Stack key={one.name} direction="row" component="span" sx={{ gap: 0.5, alignItems: "center" }}>
                <Box component="span" sx={{ width: 14, height: 14, bgcolor: SLOPE_COLOURS[index], border: 1 }} />
                {capital(one.name)} {one.from_deg === null ? "loose grains" : `from ${one.from_deg}°`}
              </Stack>
            ))}
        </Stack>
      )}
    </Paper>
  );
}
