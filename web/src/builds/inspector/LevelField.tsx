import Box from "@mui/material/Box";
import Slider from "@mui/material/Slider";
import { useEffect, useState } from "react";
import { short } from "../../common/words";
import { useBuild } from "../useSession";
import type { FieldProps } from "./fieldEdit";

/** The level of a water as a slider, from the lowest ground to the highest. */
export function LevelField({ field, own, put }: FieldProps) {
  const { relief } = useBuild().evaluation;
  const [low, high] = [Math.floor(relief.min_height_mm), Math.ceil(relief.max_height_mm)];
  const level = (own as number | undefined) ?? low;
  const [shown, setShown] = useState(level);
  useEffect(() => setShown(level), [level]);
  return (
    <Box sx={{ px: 1 }}>
      <Slider
        aria-label={field.name}
        min={low}
        max={high}
        step={field.step}
        value={shown}
        valueLabelDisplay="auto"
        valueLabelFormat={(z) => `${short(z)} ${field.unit}`}
        onChange={(_, z) => setShown(z as number)}
        onChangeCommitted={(_, z) => put(z)}
        marks={[low, high].map((value) => ({ value, label: `${value} ${field.unit}` }))}
        sx={{ "& .MuiSlider-markLabel": { fontSize: 12 } }}
      />
    </Box>
  );
}
