import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import type { Point } from "../../api/types";

interface Props {
  href: string;
  width: number;
  height: number;
  /** Where the two points lie, px of the photograph. */
  points: [Point, Point];
  onPoints: (points: [Point, Point]) => void;
}

const NAMES = ["First point", "Second point"];
const STEPS: Record<string, Point> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Two points on a photograph, dragged by hand or moved by the arrow keys (with Shift ten pixels at a time). */
export function TwoPoints({ href, width, height, points, onPoints }: Props) {
  const { tints } = useTheme();
  const ref = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<0 | 1 | null>(null);
  const reach = Math.max(width, height) / 40;
  const put = (index: 0 | 1, [x, y]: Point) => {
    const inside: Point = [Math.min(Math.max(x, 0), width), Math.min(Math.max(y, 0), height)];
    onPoints(index === 0 ? [inside, points[1]] : [points[0], inside]);
  };
  const over = (event: PointerEvent): Point => {
    const box = (ref.current as SVGSVGElement).getBoundingClientRect();
    return [((event.clientX - box.left) / box.width) * width, ((event.clientY - box.top) / box.height) * height];
  };
  const nudge = (index: 0 | 1) => (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    if (!step) return;
    event.preventDefault();
    const by = event.shiftKey ? 10 : 1;
    put(index, [points[index][0] + step[0] * by, points[index][1] + step[1] * by]);
  };
  return (
    <Box
      component="svg"
      ref={ref}
      viewBox={`0 0 ${width} ${height}`}
      onPointerMove={(event: PointerEvent) => held !== null && put(held, over(event))}
      onPointerUp={() => setHeld(null)}
      onPointerCancel={() => setHeld(null)}
      sx={{ width: "100%", maxHeight: "58vh", display: "block", touchAction: "none" }}
    >
      <title>The photograph with two points on it</title>
      <image href={href} width={width} height={height} />
      <line
        x1={points[0][0]}
        y1={points[0][1]}
        x2={points[1][0]}
        y2={points[1][1]}
        stroke={tints.accent}
        strokeWidth={reach / 6}
        strokeDasharray={reach / 2}
      />
      {([0, 1] as const).map((index) => (
        <g
          key={NAMES[index]}
          role="slider"
          tabIndex={0}
          aria-label={NAMES[index]}
          aria-valuenow={Math.round(points[index][0])}
          aria-valuemin={0}
          aria-valuemax={width}
          aria-valuetext={`${Math.round(points[index][0])}, ${Math.round(points[index][1])} px`}
          onKeyDown={nudge(index)}
          onPointerDown={(event) => {
            setHeld(index);
            ref.current?.setPointerCapture(event.pointerId);
          }}
          style={{ cursor: "grab" }}
        >
          <circle cx={points[index][0]} cy={points[index][1]} r={reach * 1.6} fill="transparent" />
          <circle cx={points[index][0]} cy={points[index][1]} r={reach} fill="none" stroke="#fffdf5" strokeWidth={reach / 2.5} />
          <circle cx={points[index][0]} cy={points[index][1]} r={reach} fill="none" stroke={tints.accent} strokeWidth={reach / 5} />
          <circle cx={points[index][0]} cy={points[index][1]} r={reach / 6} fill={tints.accent} />
        </g>
      ))}
    </Box>
  );
}
