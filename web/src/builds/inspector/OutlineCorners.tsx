import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import FormControlLabel from "@mui/material/FormControlLabel";
import Stack from "@mui/material/Stack";
import Switch from "@mui/material/Switch";
import { useState } from "react";
import type { Outline, Point } from "../../api/types";
import { NumberField } from "../../common/NumberField";
import { count } from "../../common/words";
import { corners, rounded, roundedPoint, withCorners, withoutCorner } from "../plan/outline";

interface Props {
  outline: Extract<Outline, { points_mm: Point[] }>;
  onChange: (outline: Outline, edit: string) => void;
}

/** The corners of an outline as numbers, so that it is drawn and reshaped without a pointer: each moved, taken out, or followed by another. */
export function OutlineCorners({ outline, onChange }: Props) {
  const [open, setOpen] = useState(false);
  const points = corners(outline);
  const withPoints = (points_mm: Point[]): Outline =>
    withCorners(
      outline,
      points_mm.map((point) => roundedPoint(point)),
    );
  function curve(on: boolean) {
    const { curved: _, ...straight } = outline;
    onChange(on ? { ...outline, curved: true } : straight, on ? "Curve" : "Straighten");
  }
  const put = (index: number, axis: 0 | 1, value: number) =>
    onChange(withPoints(points.map((point, at) => (at === index ? (axis ? [point[0], value] : [value, point[1]]) : point))), "Reshape");
  /** Half way to the next one; after the last of a strip, straight on. */
  function add(index: number) {
    const next = points[index + 1] ?? (outline.kind === "polygon" ? points[0] : beyond(points));
    const middle = roundedPoint([(points[index][0] + next[0]) / 2, (points[index][1] + next[1]) / 2], 0.5);
    const placed = points[index + 1] || outline.kind === "polygon" ? middle : next;
    onChange(withPoints([...points.slice(0, index + 1), placed, ...points.slice(index + 1)]), "Add a corner to");
  }
  function takeOut(index: number) {
    const fewer = withoutCorner(outline, index);
    if (fewer) onChange(fewer, "Take a corner out of");
  }
  return (
    <Box sx={{ width: "100%" }}>
      <FormControlLabel
        control={<Switch checked={outline.curved ?? false} onChange={(_, on) => curve(on)} />}
        label="Curved through its corners"
      />
      <Button size="small" onClick={() => setOpen(!open)} aria-expanded={open}>
        {open ? "Hide the corners" : `${count(points.length, "corner")} as numbers`}
      </Button>
      {open &&
        points.map(([x, y], index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: corners are told by their place
          <Stack key={index} direction="row" role="group" aria-label={`Corner ${index + 1}`} sx={{ gap: 1, mt: 1, alignItems: "center" }}>
            <NumberField
              label={`${index + 1}, across`}
              unit="mm"
              step={1}
              width={112}
              value={rounded(x)}
              onChange={(value) => put(index, 0, value)}
            />
            <NumberField
              label={`${index + 1}, depth`}
              unit="mm"
              step={1}
              width={112}
              value={rounded(y)}
              onChange={(value) => put(index, 1, value)}
            />
            <Button size="small" onClick={() => add(index)} aria-label={`Add a corner after ${index + 1}`}>
              Add after
            </Button>
            <Button
              size="small"
              color="error"
              disabled={withoutCorner(outline, index) === null}
              onClick={() => takeOut(index)}
              aria-label={`Take corner ${index + 1} out`}
            >
              Take out
            </Button>
          </Stack>
        ))}
    </Box>
  );
}

/** As far beyond the last point as it lies from the one before it. */
function beyond(points: Point[]): Point {
  const [a, b] = points.slice(-2);
  return roundedPoint([2 * b[0] - a[0], 2 * b[1] - a[1]], 0.5);
}
