import Button from "@mui/material/Button";
import { useRef } from "react";
import { api } from "../api/client";
import type { Outline } from "../api/types";

const MOST_BYTES = 1_000_000;

interface Props {
  label: string;
  onOutline: (outline: Outline) => void;
  onProblem: (words: string | null) => void;
}

/** Takes an outline out of an SVG or a DXF drawing. */
export function DrawingButton({ label, onOutline, onProblem }: Props) {
  const input = useRef<HTMLInputElement>(null);

  async function read(file: File | undefined) {
    if (!file) return;
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

  return (
    <>
      <Button size="small" onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        accept=".svg,.dxf,image/svg+xml"
        hidden
        aria-label={`${label}: SVG or DXF file`}
        onChange={(event) => {
          void read(event.target.files?.[0]);
          event.target.value = "";
        }}
      />
    </>
  );
}
