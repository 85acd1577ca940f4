import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import { api } from "../../api/client";
import type { SightView } from "../../api/types";
import { short } from "../../common/words";
import { useBuild, useBuildSession, useFile, useOf, useSelection } from "../useSession";
import { SightDrawing } from "./SightDrawing";

const STEP_DEG = 15;
const SIDES: Record<number, string> = { 0: "the front", 90: "the right", 180: "the back", 270: "the left" };

/** The base from eye height: turn round it in steps, look from higher or lower, and have it judged from there. */
export function SightPanel() {
  const build = useBuild();
  const part = useOf();
  const file = useFile();
  const session = useBuildSession();
  const { pointer } = useSelection();
  const { tints } = useTheme();
  const judged = { direction: file.eye?.direction_deg ?? 0, elevation: file.eye?.elevation_deg ?? 20 };
  const [eye, setEye] = useState(judged);
  // What looks as it did before an edit is the same object, and not drawn again.
  const last = useRef<SightView | null>(null);
  const query = useQuery({
    queryKey: ["sight", build.id, part, build.version, eye.direction, eye.elevation],
    queryFn: async () => {
      last.current = await api.sight(build.id, eye.direction, eye.elevation, last.current, part);
      return last.current;
    },
    placeholderData: keepPreviousData,
  });
  const select = useCallback((part: string) => session.select(part), [session]);
  const turn = (by: number) => setEye({ ...eye, direction: (eye.direction + by + 360) % 360 });
  const elsewhere = eye.direction !== judged.direction || eye.elevation !== judged.elevation;
  const from = SIDES[eye.direction] ?? `${eye.direction}° round from the front`;
  return (
    <Box
      component="section"
      aria-label="Sight view"
      sx={{ display: "flex", height: "100%", minHeight: 0, bgcolor: tints.sitting, color: "text.primary" }}
    >
      <Box sx={{ flex: 1, minWidth: 0, p: 0.5 }}>
        {query.data && <SightDrawing view={query.data} selected={pointer} onSelect={select} />}
        {query.isError && <Typography sx={{ p: 2 }}>The view cannot be drawn now: {(query.error as Error).message}</Typography>}
      </Box>
      <Stack sx={{ width: 176, p: 1.25, gap: 0.5, justifyContent: "center" }}>
        <Typography variant="h3" sx={{ color: "inherit" }}>
          From {from}
        </Typography>
        <Typography variant="body2">{short(eye.elevation)}° up</Typography>
        <Stack direction="row" sx={{ gap: 0.75 }}>
          <Button
            variant="outlined"
            color="inherit"
            onClick={() => turn(-STEP_DEG)}
            aria-label="Walk 15° to the left"
            sx={{ minWidth: 56 }}
          >
            ← 15°
          </Button>
          <Button
            variant="outlined"
            color="inherit"
            onClick={() => turn(STEP_DEG)}
            aria-label="Walk 15° to the right"
            sx={{ minWidth: 56 }}
          >
            15° →
          </Button>
        </Stack>
        <Slider
          aria-label="Height of the eye"
          value={eye.elevation}
          min={0}
          max={85}
          step={5}
          valueLabelDisplay="auto"
          valueLabelFormat={(value) => `${value}°`}
          onChange={(_, value) => setEye({ ...eye, elevation: value as number })}
          sx={{ color: tints.accent, mt: 0.5, mx: 0.75, width: "auto" }}
        />
        {elsewhere ? (
          <Button
            size="small"
            variant="contained"
            onClick={() =>
              session.edit("Judge from another eye", [
                { op: "add", path: "/eye", value: { direction_deg: eye.direction, elevation_deg: eye.elevation } },
              ])
            }
            sx={{ bgcolor: tints.accent, color: "#1b231f", "&:hover": { bgcolor: "#f0c26a" } }}
          >
            Judge from here
          </Button>
        ) : (
          <Typography variant="body2">Judged from here</Typography>
        )}
      </Stack>
    </Box>
  );
}
