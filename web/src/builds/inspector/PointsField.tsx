import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { Outline, Point } from "../../api/types";
import { NumberField } from "../../common/NumberField";
import { centre, roundedPoint } from "../plan/outline";
import { useFile } from "../useSession";
import type { FieldProps } from "./fieldEdit";

/** The points of a line, from the part to where it ends: each across and in depth. */
export function PointsField({ field, part, own, put, clear }: FieldProps) {
  const { plinth } = useFile();
  const points = (own as Point[] | undefined) ?? [];
  const least = field.ends_least ?? 1;
  const from = part.outline ? centre(part.outline as Outline) : [0, 0];
  const shape = { unit: field.unit, step: field.step, width: 112 };
  const move = (index: number, point: Point) => put(points.map((one, at) => (at === index ? point : one)));
  /** Begun, it runs straight back to the edge; then each further point goes on half way back to the middle. */
  function add() {
    if (points.length) return put([...points, roundedPoint(points[points.length - 1].map((value) => value / 2))]);
    const back =
      "depth_mm" in plinth.outline ? plinth.outline.depth_mm / 2 : "diameter_mm" in plinth.outline ? plinth.outline.diameter_mm / 2 : 50;
    put([roundedPoint(from), roundedPoint([from[0], centre(plinth.outline)[1] + back])]);
  }
  return (
    <Stack sx={{ gap: 0.75 }} role="group" aria-label={field.name}>
      <Stack direction="row" sx={{ alignItems: "center", gap: 1 }}>
        <Typography sx={{ fontWeight: 600 }}>{field.name}</Typography>
        <Button size="small" onClick={add}>
          {points.length ? "Another point" : "Lay it"}
        </Button>
        {points.length > 0 && (
          <Button size="small" onClick={clear}>
            None
          </Button>
        )}
      </Stack>
      {points.map(([x, y], index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: points are told by their place
        <Stack key={index} direction="row" sx={{ gap: 1 }}>
          <NumberField {...shape} label={`${index + 1}, across`} value={x} onChange={(value) => move(index, [value, y])} />
          <NumberField {...shape} label={`${index + 1}, depth`} value={y} onChange={(value) => move(index, [x, value])} />
          <Button
            size="small"
            disabled={points.length <= least}
            onClick={() => put(points.filter((_, at) => at !== index))}
            aria-label={`Take point ${index + 1} out`}
          >
            Take out
          </Button>
        </Stack>
      ))}
    </Stack>
  );
}
