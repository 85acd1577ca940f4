import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { Outline } from "../../api/types";
import { Choice } from "../../common/Choice";
import { LifeField } from "../../common/LifeField";
import { NumberField } from "../../common/NumberField";
import { centre, moved, spun } from "../plan/outline";
import { inShape } from "../plan/reshaping";
import { OutlineCorners } from "./OutlineCorners";

/** What each shape is measured by: member, name, least, mm; a turn only where the outline has a place. */
const SIZES: Record<Outline["kind"], [string, string, number][]> = {
  round: [["diameter_mm", "Diameter", 1]],
  oval: [
    ["width_mm", "Width", 0.5],
    ["depth_mm", "Depth", 0.5],
  ],
  rectangle: [
    ["width_mm", "Width", 0.5],
    ["depth_mm", "Depth", 0.5],
    ["corner_mm", "Corner radius", 0],
  ],
  strip: [["width_mm", "Width", 0.5]],
  polygon: [],
  rest: [],
};

/** What shapes are called. */
export const SHAPE_NAMES: Record<Outline["kind"], string> = {
  round: "round",
  oval: "oval",
  rectangle: "rectangle",
  polygon: "by its corners",
  strip: "strip",
  rest: "all the rest",
};

interface Props {
  outline: Outline;
  onChange: (outline: Outline, edit: string) => void;
  /** Whether it has a place of its own on the plan. */
  placed?: boolean;
  /** n of 1:n, where a strip's width in life is told too. */
  scale?: number;
  /** What else it could be in the shape of. */
  shapes?: Outline["kind"][];
}

/** Exact values of an outline: shape, place of its middle, size, turn, corners. */
export function OutlineFields({ outline, onChange, placed = true, scale, shapes }: Props) {
  const shape = shapes && (
    <Choice
      label="Shape"
      width={142}
      value={outline.kind}
      options={shapes.map((kind): [Outline["kind"], string] => [kind, SHAPE_NAMES[kind]])}
      onChange={(kind) => onChange(inShape(outline, kind), "Reshape")}
    />
  );
  if (outline.kind === "rest")
    return (
      <Stack direction="row" sx={{ gap: 1, alignItems: "center" }}>
        {shape}
        <Typography variant="body2" color="text.secondary">
          All of the top that no later ground takes.
        </Typography>
      </Stack>
    );
  const values = outline as unknown as Record<string, number | undefined>;
  const size = (key: string, value: number) => onChange({ ...outline, [key]: value } as Outline, "Resize");
  return (
    <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1 }}>
      {shape}
      {placed && <Middle outline={outline} onChange={onChange} />}
      {SIZES[outline.kind].map(([key, label, least]) => (
        <NumberField
          key={key}
          label={label}
          unit="mm"
          min={least}
          step={1}
          width={118}
          value={values[key] ?? 0}
          onChange={(value) => size(key, value)}
        />
      ))}
      {outline.kind === "strip" && scale && (
        <LifeField label="Wide in life" value={outline.width_mm} ratio={scale} onChange={(value) => size("width_mm", value)} />
      )}
      {placed && <Turn outline={outline} onChange={onChange} />}
      {"points_mm" in outline && <OutlineCorners outline={outline} onChange={onChange} />}
    </Stack>
  );
}

function Middle({ outline, onChange }: Props) {
  const [x, y] = centre(outline);
  const shape = { unit: "mm", step: 1, width: 118 };
  return (
    <>
      <NumberField {...shape} label="Middle, across" value={x} onChange={(value) => onChange(moved(outline, [value - x, 0]), "Move")} />
      <NumberField {...shape} label="Middle, depth" value={y} onChange={(value) => onChange(moved(outline, [0, value - y]), "Move")} />
    </>
  );
}

/** Boxes keep their turn; corners are turned about their middle by as much as is typed. */
function Turn({ outline, onChange }: Props) {
  const shape = { unit: "°", step: 5, width: 104 };
  if (outline.kind === "oval" || outline.kind === "rectangle")
    return (
      <NumberField
        {...shape}
        label="Turn"
        value={outline.turn_deg ?? 0}
        onChange={(value) => onChange({ ...outline, turn_deg: value }, "Resize")}
      />
    );
  if (!("points_mm" in outline)) return null;
  return <NumberField {...shape} label="Turn by" value={0} onChange={(value) => value && onChange(spun(outline, value), "Turn")} />;
}
