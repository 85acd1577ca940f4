import type { Outline } from "../api/types";
import { OutlineFields } from "../builds/inspector/OutlineFields";
import { bounds, corners } from "../builds/plan/outline";
import { Choice } from "../common/Choice";
import { DrawingButton } from "../common/DrawingButton";

const KINDS = [
  ["round", "round"],
  ["oval", "oval"],
  ["rectangle", "rectangle"],
] as const;
const DRAWN = ["polygon", "from a drawing"] as const;

/** Shape and size of the plinth; any other shape comes from an SVG or DXF drawing. */
export function OutlineChooser({
  outline,
  onChange,
  onProblem,
}: {
  outline: Outline;
  onChange: (outline: Outline) => void;
  onProblem: (words: string | null) => void;
}) {
  /** Keeps the size when the shape changes. */
  function shape(kind: (typeof KINDS)[number][0] | "polygon") {
    const [x0, y0, x1, y1] = bounds([corners(outline)]);
    const [w, d] = [Math.round(x1 - x0), Math.round(y1 - y0)];
    if (kind !== "polygon") onChange(kind === "round" ? { kind, diameter_mm: Math.max(w, d) } : { kind, width_mm: w, depth_mm: d });
  }

  return (
    <>
      <Choice
        label="Outline"
        width={150}
        value={outline.kind as (typeof KINDS)[number][0] | "polygon"}
        options={outline.kind === "polygon" ? [...KINDS, DRAWN] : KINDS}
        onChange={shape}
      />
      <DrawingButton label="From a drawing" onOutline={onChange} onProblem={onProblem} />
      <OutlineFields outline={outline} placed={false} onChange={onChange} />
    </>
  );
}
