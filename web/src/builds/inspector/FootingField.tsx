import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Outline } from "../../api/types";
import { Choice } from "../../common/Choice";
import { kindOf } from "../../common/catalogue";
import { DrawingButton } from "../../common/DrawingButton";
import { LifeField } from "../../common/LifeField";
import { useFile } from "../useSession";
import type { FieldProps } from "./fieldEdit";
import { OutlineFields } from "./OutlineFields";

/** An outline about the subject's own middle; one that may be left out begins as another. */
export function FootingField({ field, part, catalogue, own, put, clear }: FieldProps) {
  const outline = own as Outline | undefined;
  if (!outline)
    return (
      <Button size="small" sx={{ alignSelf: "flex-start" }} onClick={() => put(part[field.from as string], "Give a shadow to")}>
        {field.ask}
      </Button>
    );
  const footed = field.optional ? undefined : kindOf(catalogue, "subjects", part.kind)?.foot_name;
  return (
    <Footing
      title={footed ?? field.name}
      outline={outline}
      onChange={(next) => put(next)}
      without={field.optional ? { words: field.none as string, clear } : undefined}
    />
  );
}

const SHAPES: [string, string][] = [
  ["round", "round"],
  ["oval", "oval"],
  ["rectangle", "rectangle"],
];
const DRAWN: [string, string] = ["polygon", "from a drawing"];
/** A traced outline begins anew as large as this, mm. */
const BOX = [20, 10];

/** Width and depth of the box that an outline fills, mm. */
function boxOf(outline: Outline): number[] {
  if (outline.kind === "round") return [outline.diameter_mm, outline.diameter_mm];
  return "depth_mm" in outline ? [outline.width_mm, outline.depth_mm] : BOX;
}

interface FootingProps {
  title: string;
  outline: Outline;
  onChange: (outline: Outline) => void;
  without?: { words: string; clear: () => void };
}

/** Shape, size in the model and in life, or traced in a drawing. */
function Footing({ title, outline, onChange, without }: FootingProps) {
  const { scale } = useFile();
  const [problem, setProblem] = useState<string | null>(null);
  const [width, depth] = boxOf(outline);
  function reshape(kind: string) {
    if (kind === "round") onChange({ kind, diameter_mm: width });
    if (kind === "oval" || kind === "rectangle") onChange({ kind, width_mm: width, depth_mm: depth });
  }
  return (
    <Stack sx={{ gap: 0.75 }}>
      <Stack direction="row" sx={{ alignItems: "center", gap: 1, flexWrap: "wrap" }}>
        <Typography sx={{ fontWeight: 600 }}>{title}</Typography>
        <DrawingButton label="From a drawing" onOutline={onChange} onProblem={setProblem} />
        {without && (
          <Button size="small" onClick={without.clear}>
            {without.words}
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
          value={outline.kind}
          options={outline.kind === "polygon" ? [...SHAPES, DRAWN] : SHAPES}
          onChange={reshape}
        />
        <OutlineFields outline={outline} placed={false} onChange={onChange} />
        {sizesInLife(outline).map(([label, key, value]) => (
          <LifeField
            key={key}
            label={label}
            value={value}
            ratio={scale}
            onChange={(mm) => onChange({ ...outline, [key]: mm } as Outline)}
          />
        ))}
      </Stack>
    </Stack>
  );
}

function sizesInLife(outline: Outline): [string, string, number][] {
  if (outline.kind === "round") return [["in life", "diameter_mm", outline.diameter_mm]];
  if (outline.kind !== "oval" && outline.kind !== "rectangle") return [];
  return [
    ["Long, in life", "width_mm", outline.width_mm],
    ["Wide, in life", "depth_mm", outline.depth_mm],
  ];
}
