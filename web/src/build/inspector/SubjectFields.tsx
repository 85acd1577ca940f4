import Button from "@mui/material/Button";
import FormControlLabel from "@mui/material/FormControlLabel";
import Stack from "@mui/material/Stack";
import Switch from "@mui/material/Switch";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Outline, Point } from "../../api/types";
import { Choice } from "../../common/Choice";
import { DrawingButton } from "../../common/DrawingButton";
import { LifeField } from "../../common/LifeField";
import { NumberField } from "../../common/NumberField";
import { useFile } from "../useSession";
import type { PartFields } from "./fields";
import { HeightAndMass } from "./HeightAndMass";
import { OutlineFields } from "./OutlineFields";

const KINDS = [
  ["figure", "figure"],
  ["mounted", "mounted"],
  ["animal", "animal"],
  ["vehicle", "vehicle"],
  ["aircraft", "aircraft"],
  ["hull", "hull"],
  ["prop", "prop"],
] as const;
const MOUNTS = [
  ["glued", "glued"],
  ["pinned", "pinned"],
  ["wired", "wired"],
  ["magnet", "by magnet"],
  ["loose", "loose"],
] as const;
/** Turns that a subject is lined up to. */
const ALIGNED_DEG = [0, 12, 30, 45, 90];

type Fields = PartFields & { clear: (key: string) => void };

/** What the base is for: what it is, how large, where and how it stands. */
export function SubjectFields({ part, put, clear }: Fields) {
  const ratio = useFile().scale;
  const [x, y] = part.at_mm ?? [0, 0];
  return (
    <Stack sx={{ gap: 1.25 }}>
      <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1 }}>
        <Choice label="Kind" width={118} value={part.kind} options={KINDS} onChange={(kind) => put("kind", kind)} />
        <NumberField
          label="Stands at, across"
          unit="mm"
          step={1}
          width={128}
          value={x}
          onChange={(value) => put("at_mm", [value, y], "Move")}
        />
        <NumberField
          label="Stands at, depth"
          unit="mm"
          step={1}
          width={128}
          value={y}
          onChange={(value) => put("at_mm", [x, value], "Move")}
        />
        <NumberField
          label="Turn"
          unit="°"
          step={5}
          width={104}
          value={part.turn_deg ?? 0}
          onChange={(value) => put("turn_deg", ((value % 360) + 360) % 360, "Turn")}
        />
        <Stack direction="row" role="group" aria-label="Line up" sx={{ alignItems: "center" }}>
          {ALIGNED_DEG.map((deg) => (
            <Button key={deg} size="small" onClick={() => put("turn_deg", deg, "Line up")} sx={{ minWidth: 36, px: 0.5 }}>
              {deg}°
            </Button>
          ))}
        </Stack>
        <HeightAndMass part={part} put={put} clear={clear} />
        <NumberField
          label="Contact"
          unit="mm²"
          min={0.1}
          step={5}
          width={118}
          value={part.contact_mm2}
          onChange={(value) => put("contact_mm2", value)}
          onClear={() => clear("contact_mm2")}
        />
        <NumberField
          label="Painting left"
          unit="min"
          min={0}
          step={15}
          width={124}
          value={part.paint_min}
          onChange={(value) => put("paint_min", value)}
          onClear={() => clear("paint_min")}
        />
        {part.kind === "hull" && (
          <NumberField
            label="Speed"
            unit="knots"
            min={0}
            step={1}
            width={118}
            value={part.speed_knots}
            onChange={(value) => put("speed_knots", value)}
          />
        )}
        <Choice label="Mount" width={124} value={part.mount ?? "glued"} options={MOUNTS} onChange={(value) => put("mount", value)} />
        <FormControlLabel
          label="Looked at first"
          control={<Switch checked={part.focal === true} onChange={(event) => put("focal", event.target.checked)} />}
        />
      </Stack>
      <Footing
        title={part.kind === "hull" ? "Waterline" : "Footprint"}
        outline={part.footprint}
        ratio={ratio}
        onChange={(next) => put("footprint", next, "Reshape")}
      />
      {part.silhouette ? (
        <Footing
          title="Whole plan shadow"
          outline={part.silhouette}
          ratio={ratio}
          onChange={(next) => put("silhouette", next, "Reshape")}
          onClear={() => clear("silhouette")}
        />
      ) : (
        <Button size="small" sx={{ alignSelf: "flex-start" }} onClick={() => put("silhouette", part.footprint, "Give a shadow to")}>
          Something reaches out: lance, tail, wing
        </Button>
      )}
      <Feet feet={part.feet ?? []} onChange={(feet) => (feet.length ? put("feet", feet, "Mark the feet of") : clear("feet"))} />
    </Stack>
  );
}

const SHAPES = [
  ["round", "round"],
  ["oval", "oval"],
  ["rectangle", "rectangle"],
] as const;
const DRAWN = ["polygon", "from a drawing"] as const;

interface FootingProps {
  title: string;
  outline: Outline;
  ratio: number;
  onChange: (outline: Outline) => void;
  onClear?: () => void;
}

/** An outline about the subject's own middle: shape, size in the model and in life, or traced in a drawing. */
function Footing({ title, outline, ratio, onChange, onClear }: FootingProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const [width, depth] =
    outline.kind === "round"
      ? [outline.diameter_mm, outline.diameter_mm]
      : "width_mm" in outline && "depth_mm" in outline
        ? [outline.width_mm, outline.depth_mm]
        : [20, 10];
  const shape = (kind: string) =>
    kind === "round"
      ? onChange({ kind, diameter_mm: width })
      : kind === "oval" || kind === "rectangle"
        ? onChange({ kind, width_mm: width, depth_mm: depth })
        : undefined;
  return (
    <Stack sx={{ gap: 0.75 }}>
      <Stack direction="row" sx={{ alignItems: "center", gap: 1, flexWrap: "wrap" }}>
        <Typography sx={{ fontWeight: 600 }}>{title}</Typography>
        <DrawingButton label="From a drawing" onOutline={onChange} onProblem={setProblem} />
        {onClear && (
          <Button size="small" onClick={onClear}>
            No larger than the footprint
          </Button>
        )}
      </Stack>
      {problem && (
        <Typography variant="body2" color="error">
          {problem}
        </Typography>
      )}
      <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1 }}>
        <Choice
          label="Shape"
          width={118}
          value={outline.kind as "round"}
          options={outline.kind === "polygon" ? [...SHAPES, DRAWN as never] : SHAPES}
          onChange={shape}
        />
        <OutlineFields outline={outline} placed={false} onChange={onChange} />
        {outline.kind === "round" && (
          <LifeField
            label="in life"
            value={outline.diameter_mm}
            ratio={ratio}
            onChange={(value) => onChange({ ...outline, diameter_mm: value })}
          />
        )}
        {(outline.kind === "oval" || outline.kind === "rectangle") && (
          <>
            <LifeField
              label="Long, in life"
              value={outline.width_mm}
              ratio={ratio}
              onChange={(value) => onChange({ ...outline, width_mm: value })}
            />
            <LifeField
              label="Wide, in life"
              value={outline.depth_mm}
              ratio={ratio}
              onChange={(value) => onChange({ ...outline, depth_mm: value })}
            />
          </>
        )}
      </Stack>
    </Stack>
  );
}

interface Foot {
  at_mm: Point;
}

/** Where feet, wheels or tracks touch, from the footprint's middle: nothing is built there. */
function Feet({ feet, onChange }: { feet: Foot[]; onChange: (feet: Foot[]) => void }) {
  const put = (index: number, at_mm: Point) => onChange(feet.map((foot, i) => (i === index ? { ...foot, at_mm } : foot)));
  return (
    <Stack sx={{ gap: 0.75 }}>
      <Stack direction="row" sx={{ alignItems: "center", gap: 1 }}>
        <Typography sx={{ fontWeight: 600 }}>Foot points</Typography>
        <Button size="small" onClick={() => onChange([...feet, { at_mm: [feet.length * 4, 0] }])}>
          Add a foot
        </Button>
      </Stack>
      {feet.map((foot, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: feet have no names
        <Stack key={index} direction="row" sx={{ gap: 1 }}>
          <NumberField
            label="Foot, across"
            unit="mm"
            step={0.5}
            width={118}
            value={foot.at_mm[0]}
            onChange={(value) => put(index, [value, foot.at_mm[1]])}
          />
          <NumberField
            label="Foot, depth"
            unit="mm"
            step={0.5}
            width={118}
            value={foot.at_mm[1]}
            onChange={(value) => put(index, [foot.at_mm[0], value])}
          />
          <Button size="small" onClick={() => onChange(feet.filter((_, i) => i !== index))} aria-label={`Take out foot ${index + 1}`}>
            Take out
          </Button>
        </Stack>
      ))}
    </Stack>
  );
}
