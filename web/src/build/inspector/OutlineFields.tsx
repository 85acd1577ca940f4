import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { Outline } from "../../api/types";
import { NumberField } from "../../common/NumberField";
import { count } from "../../common/words";
import { centre, moved, spun } from "../plan/outline";

/** Exact values of an outline: place of its middle, size, turn. */
export function OutlineFields({
  outline,
  onChange,
  placed = true,
}: {
  outline: Outline;
  onChange: (outline: Outline, label: string) => void;
  placed?: boolean;
}) {
  if (outline.kind === "rest")
    return (
      <Typography variant="body2" color="text.secondary">
        All of the top that no later ground takes.
      </Typography>
    );
  const [x, y] = centre(outline);
  const size = (key: string, value: number) => onChange({ ...outline, [key]: value } as Outline, "Resize");
  return (
    <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1 }}>
      {placed && (
        <NumberField
          label="Middle, across"
          unit="mm"
          step={1}
          width={118}
          value={x}
          onChange={(value) => onChange(moved(outline, [value - x, 0]), "Move")}
        />
      )}
      {placed && (
        <NumberField
          label="Middle, depth"
          unit="mm"
          step={1}
          width={118}
          value={y}
          onChange={(value) => onChange(moved(outline, [0, value - y]), "Move")}
        />
      )}
      {outline.kind === "round" && (
        <NumberField
          label="Diameter"
          unit="mm"
          min={1}
          step={1}
          width={118}
          value={outline.diameter_mm}
          onChange={(value) => size("diameter_mm", value)}
        />
      )}
      {(outline.kind === "oval" || outline.kind === "rectangle" || outline.kind === "strip") && (
        <NumberField
          label="Width"
          unit="mm"
          min={0.5}
          step={1}
          width={118}
          value={outline.width_mm}
          onChange={(value) => size("width_mm", value)}
        />
      )}
      {(outline.kind === "oval" || outline.kind === "rectangle") && (
        <>
          <NumberField
            label="Depth"
            unit="mm"
            min={0.5}
            step={1}
            width={118}
            value={outline.depth_mm}
            onChange={(value) => size("depth_mm", value)}
          />
          {placed && (
            <NumberField
              label="Turn"
              unit="°"
              step={5}
              width={104}
              value={outline.turn_deg ?? 0}
              onChange={(value) => size("turn_deg", value)}
            />
          )}
        </>
      )}
      {outline.kind === "rectangle" && (
        <NumberField
          label="Corner radius"
          unit="mm"
          min={0}
          step={1}
          width={118}
          value={outline.corner_mm ?? 0}
          onChange={(value) => size("corner_mm", value)}
        />
      )}
      {(outline.kind === "polygon" || outline.kind === "strip") && (
        <>
          {placed && (
            <NumberField
              label="Turn by"
              unit="°"
              step={5}
              width={104}
              value={0}
              onChange={(value) => value && onChange(spun(outline, value), "Turn")}
            />
          )}
          <Typography variant="body2" color="text.secondary" sx={{ alignSelf: "center" }}>
            {count(outline.points_mm.length, "corner")}
          </Typography>
        </>
      )}
    </Stack>
  );
}
