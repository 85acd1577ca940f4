import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useState } from "react";
import { api } from "../../api/client";
import type { Photographs, PlacedUnderlay, Point } from "../../api/types";
import { FileButton } from "../../common/FileButton";
import { NumberField } from "../../common/NumberField";
import { useTell } from "../bench/useTell";
import { useOfBuild } from "../useSession";
import { TwoPoints } from "./TwoPoints";
import { PICTURES, pictureUrl, useAddPhotograph } from "./usePhotographs";

/** Photographs beneath the plan: chosen, scaled by two points of known distance, moved, turned, taken away. */
export function UnderlayDialog({ photographs, onClose }: { photographs: Photographs | null; onClose: () => void }) {
  const id = useOfBuild((build) => build.id);
  const narrow = useMediaQuery("(max-width: 700px)");
  const { add, problem } = useAddPhotograph();
  const [chosen, setChosen] = useState<number | null>(null);
  const picture = photographs?.pictures.find((one) => one.number === chosen);
  return (
    <Dialog open onClose={onClose} fullScreen={narrow} fullWidth maxWidth="md">
      <DialogTitle>A photograph under the plan</DialogTitle>
      {picture ? (
        <Scaling key={picture.number} picture={picture} onBack={() => setChosen(null)} onLaid={onClose} />
      ) : (
        <>
          <DialogContent>
            {photographs?.underlays.map((one) => (
              <Laid key={one.picture} underlay={one} />
            ))}
            <Typography sx={{ mb: 1 }}>
              {photographs?.pictures.length ? "Choose the one to trace:" : "There is no photograph of this build yet."}
            </Typography>
            <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(150px, 1fr))", gap: 1 }}>
              {photographs?.pictures.map((one) => (
                <Button
                  key={one.number}
                  variant="outlined"
                  onClick={() => setChosen(one.number)}
                  aria-label={`Photograph ${one.number}`}
                  sx={{ p: 0.5 }}
                >
                  <Box
                    component="img"
                    src={pictureUrl(id, one.number, true)}
                    alt=""
                    sx={{ width: "100%", height: 110, objectFit: "cover" }}
                  />
                </Button>
              ))}
            </Box>
            {problem && (
              <Typography role="alert" color="error" sx={{ mt: 1 }}>
                {problem}
              </Typography>
            )}
          </DialogContent>
          <DialogActions>
            <FileButton
              label="Another photograph"
              file="A photograph to trace"
              variant="outlined"
              accept={PICTURES}
              onFile={(file) => void add(file, null).then((taken) => setChosen(typeof taken === "number" ? taken : null))}
            />
            <Button onClick={onClose}>Close</Button>
          </DialogActions>
        </>
      )}
    </Dialog>
  );
}

/** Scaled by two points and the distance between them on the base. */
function Scaling({ picture, onBack, onLaid }: { picture: Photographs["pictures"][number]; onBack: () => void; onLaid: () => void }) {
  const id = useOfBuild((build) => build.id);
  const tell = useTell();
  const { number, width, height } = picture;
  const [points, setPoints] = useState<[Point, Point]>([
    [width * 0.25, height / 2],
    [width * 0.75, height / 2],
  ]);
  const [distance, setDistance] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  async function lay() {
    if (!distance) return setProblem("Say first how far apart the two points are on the base, in mm.");
    try {
      const underlay = await api.layUnderneath(id, {
        picture: number,
        from_px: points[0],
        to_px: points[1],
        distance_mm: distance,
      });
      await tell("pictured", { data: { picture: number, underlay } });
      onLaid();
    } catch (error) {
      setProblem((error as Error).message);
    }
  }
  return (
    <>
      <DialogContent>
        <Typography sx={{ mb: 1 }}>
          Put the two points on what you know the distance of, and say how far apart they are on the base.
        </Typography>
        <TwoPoints href={pictureUrl(id, number)} width={width} height={height} points={points} onPoints={setPoints} />
        <Box sx={{ mt: 2 }}>
          <NumberField
            label="Between the two points"
            unit="mm"
            value={distance}
            onChange={setDistance}
            empty="not said"
            width={220}
            min={0}
          />
        </Box>
        {problem && (
          <Typography role="alert" color="error" sx={{ mt: 1 }}>
            {problem}
          </Typography>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onBack}>Another one</Button>
        <Button variant="contained" onClick={() => void lay()}>
          Lay it under the plan
        </Button>
      </DialogActions>
    </>
  );
}

/** One that lies there: moved, turned, scaled by numbers, or taken away. */
function Laid({ underlay }: { underlay: PlacedUnderlay }) {
  const id = useOfBuild((build) => build.id);
  const tell = useTell();
  const { picture, mm_per_px, at_mm, turn_deg } = underlay;
  const put = (change: Partial<Pick<PlacedUnderlay, "mm_per_px" | "at_mm" | "turn_deg">> & { shown?: boolean }) =>
    void tell("pictured", { data: { picture, underlay: { mm_per_px, at_mm, turn_deg, ...change } } });
  return (
    <Box
      role="group"
      aria-label={`Photograph ${picture} under the plan`}
      sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap", mb: 2 }}
    >
      <Box component="img" src={pictureUrl(id, picture, true)} alt="" sx={{ width: 90, height: 66, objectFit: "cover" }} />
      <NumberField label="Middle, across" unit="mm" value={at_mm[0]} onChange={(x) => put({ at_mm: [x, at_mm[1]] })} width={130} />
      <NumberField label="Middle, up" unit="mm" value={at_mm[1]} onChange={(y) => put({ at_mm: [at_mm[0], y] })} width={130} />
      <NumberField label="Turned" unit="°" value={turn_deg} onChange={(turn) => put({ turn_deg: turn })} width={110} />
      <Button variant="outlined" onClick={() => put({ shown: false })}>
        Take it away
      </Button>
    </Box>
  );
}
