import { useTheme } from "@mui/material/styles";
import type { ReactNode } from "react";
import type { Snag } from "../../../api/types";

export type Figure = NonNullable<Snag["figure"]>;
export type Of<K extends Figure["kind"]> = Extract<Figure, { kind: K }>;

export const [WIDTH, HEIGHT] = [300, 92];
/** Where things stand, px from the top; room is left for the words under it. */
export const FLOOR = 68;
export const TYPE = 12.5;

export function Drawn({ words, children }: { words: string; children: ReactNode }) {
  return (
    <svg width="100%" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={words} style={{ maxWidth: WIDTH, display: "block" }}>
      {children}
    </svg>
  );
}

/** Colours of what is there, of what should be and of what stands beside it. */
export function useInks() {
  const { palette, tints } = useTheme();
  return { ink: palette.text.primary, own: tints.trouble, right: tints.ready, wet: tints.wet, wood: "#8a6d49" };
}

export function Words({
  x,
  y = HEIGHT - 8,
  children,
  anchor = "middle",
}: {
  x: number;
  y?: number;
  children: ReactNode;
  anchor?: "start" | "middle";
}) {
  const { ink } = useInks();
  return (
    <text x={x} y={y} fontSize={TYPE} textAnchor={anchor} fill={ink}>
      {children}
    </text>
  );
}
