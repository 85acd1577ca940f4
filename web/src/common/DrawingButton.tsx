import { api } from "../api/client";
import type { Outline } from "../api/types";
import { FileButton } from "./FileButton";

const MOST_BYTES = 1_000_000;

interface Props {
  label: string;
  onOutline: (outline: Outline) => void;
  onProblem: (words: string | null) => void;
}

/** Takes an outline out of an SVG or a DXF drawing. */
export function DrawingButton({ label, onOutline, onProblem }: Props) {
  async function read(file: File) {
    if (file.size > MOST_BYTES) return onProblem(`${file.name} is ${(file.size / 1e6).toFixed(1)} MB; a drawing may be 1 MB.`);
    try {
      const text = await file.text();
      const { points_mm } = await api.outline(/\.dxf$/i.test(file.name) ? { dxf: text } : { svg: text });
      onProblem(null);
      onOutline({ kind: "polygon", points_mm });
    } catch (error) {
      onProblem(`${file.name}: ${(error as Error).message}`);
    }
  }

  return <FileButton label={label} file={`${label}: SVG or DXF file`} accept=".svg,.dxf,image/svg+xml" size="small" onFile={read} />;
}
