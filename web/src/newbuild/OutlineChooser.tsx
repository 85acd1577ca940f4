import Button from "@mui/material/Button";
import { useRef } from "react";
import { api } from "../api/client";
import type { Outline } from "../api/types";
import { OutlineFields } from "../build/inspector/OutlineFields";
import { bounds, corners } from "../build/plan/outline";
import { Choice } from "../common/Choice";

const KINDS = [
  ["round", "round"],
  ["oval", "oval"],
  ["rectangle", "rectangle"],
  ["polygon", "from a drawing"],
] as const;
const MOST_BYTES = 1_000_000;

/** Shape and size of the plinth; any other shape comes from an SVG drawing. */
export function OutlineChooser({
  outline,
  onChange,
  onProblem,
}: {
  outline: Outline;
  onChange: (outline: Outline) => void;
  onProblem: (words: string | null) => void;
}) {
  const input = useRef<HTMLInputElement>(null);

  /** Keeps the size when the shape changes. */
  function shape(kind: (typeof KINDS)[number][0]) {
    const [x0, y0, x1, y1] = bounds([corners(outline)]);
    const [w, d] = [Math.round(x1 - x0), Math.round(y1 - y0)];
    if (kind === "polygon") input.current?.click();
    else onChange(kind === "round" ? { kind, diameter_mm: Math.max(w, d) } : { kind, width_mm: w, depth_mm: d });
  }

  async function read(file: File | undefined) {
    if (!file) return;
    if (file.size > MOST_BYTES) return onProblem(`${file.name} is ${(file.size / 1e6).toFixed(1)} MB; a drawing may be 1 MB.`);
    try {
      const { points_mm } = await api.outline(await file.text());
      onProblem(null);
      onChange({ kind: "polygon", points_mm });
    } catch (error) {
      onProblem(`${file.name}: ${(error as Error).message}`);
    }
  }

  return (
    <>
      <Choice label="Outline" width={150} value={outline.kind as (typeof KINDS)[number][0]} options={KINDS} onChange={shape} />
      <input
        ref={input}
        type="file"
        accept=".svg,image/svg+xml"
        hidden
        aria-label="SVG drawing of the outline"
        onChange={(event) => {
          void read(event.target.files?.[0]);
          event.target.value = "";
        }}
      />
      {outline.kind === "polygon" && <Button onClick={() => input.current?.click()}>Another drawing</Button>}
      <OutlineFields outline={outline} placed={false} onChange={onChange} />
    </>
  );
}
