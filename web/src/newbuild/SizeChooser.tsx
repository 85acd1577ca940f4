import type { Catalogue, Outline } from "../api/types";
import { bounds, corners, pathOf } from "../builds/plan/outline";
import { DrawnChoice } from "./DrawnChoice";

type Plinth = Catalogue["plinths"][number];

/** Sizes that are sold, drawn to one scale; those for the purpose come first. */
export function SizeChooser({ plinths, outline, onChange }: { plinths: Plinth[]; outline: Outline; onChange: (plinth: Plinth) => void }) {
  const shapes = plinths.map((plinth) => ({ plinth, outline: plinth.outline as unknown as Outline }));
  const [wide, deep] = [0, 1].map((axis) => Math.max(...shapes.map((shape) => size(shape.outline)[axis])) * 1.06);
  const same = shapes.find((shape) => pathOf(shape.outline) === pathOf(outline));
  return (
    <DrawnChoice
      label="Common sizes"
      width={104}
      height={64}
      value={same?.plinth.label ?? null}
      options={shapes.map((shape) => ({
        value: shape.plinth.label,
        name: shape.plinth.label,
        drawing: (
          <svg width="100%" height="100%" viewBox={`${-wide / 2} ${-deep / 2} ${wide} ${deep}`} aria-hidden>
            <path d={pathOf(shape.outline)} fill="#b59468" stroke="#f4efe2" strokeWidth={wide / 70} />
          </svg>
        ),
      }))}
      onChange={(label) => {
        const chosen = plinths.find((plinth) => plinth.label === label);
        if (chosen) onChange(chosen);
      }}
    />
  );
}

const size = (outline: Outline) => {
  const [x0, y0, x1, y1] = bounds([corners(outline)]);
  return [x1 - x0, y1 - y0];
};
