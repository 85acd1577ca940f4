import { useTheme } from "@mui/material/styles";
import type { Point } from "../../api/types";
import type { View } from "./view";

/** Steps that rulers and grids count in, mm. */
const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500];
const RULER_PX = 22;

function marks(from: number, to: number, step: number): number[] {
  const first = Math.ceil(from / step);
  return Array.from({ length: Math.max(Math.floor(to / step) - first + 1, 0) }, (_, i) => (first + i) * step);
}

interface Props {
  view: View;
  size: { width: number; height: number };
  toScreen: (point: Point) => Point;
}

/** The cutting mat under the plan: a grid in whole millimetres. */
export function Mat({ view, size, toScreen }: Props) {
  const { tints } = useTheme();
  const step = STEPS.find((mm) => mm * view.scale >= 9) ?? 500;
  const strong = STEPS.find((mm) => mm >= step * 5) ?? 1000;
  const x = marks(view.centre[0] - size.width / 2 / view.scale, view.centre[0] + size.width / 2 / view.scale, step);
  const y = marks(view.centre[1] - size.height / 2 / view.scale, view.centre[1] + size.height / 2 / view.scale, step);
  const weight = (mm: number) => (Math.abs(mm % strong) < 0.01 ? 0.75 : 0.28);
  return (
    <g stroke={tints.matLine} strokeWidth={1} aria-hidden>
      {x.map((mm) => (
        <line key={`x${mm}`} x1={toScreen([mm, 0])[0]} x2={toScreen([mm, 0])[0]} y1={0} y2={size.height} strokeOpacity={weight(mm)} />
      ))}
      {y.map((mm) => (
        <line key={`y${mm}`} y1={toScreen([0, mm])[1]} y2={toScreen([0, mm])[1]} x1={0} x2={size.width} strokeOpacity={weight(mm)} />
      ))}
    </g>
  );
}

/** Millimetre rulers along the top and the left. */
export function Rulers({ view, size, toScreen }: Props) {
  const { tints } = useTheme();
  const step = STEPS.find((mm) => mm * view.scale >= 46) ?? 500;
  const x = marks(view.centre[0] - size.width / 2 / view.scale, view.centre[0] + size.width / 2 / view.scale, step);
  const y = marks(view.centre[1] - size.height / 2 / view.scale, view.centre[1] + size.height / 2 / view.scale, step);
  return (
    <g fontSize={12} fill={tints.matInk} aria-hidden pointerEvents="none">
      <rect x={0} y={0} width={size.width} height={RULER_PX} fill={tints.matDeep} fillOpacity={0.92} />
      <rect x={0} y={0} width={RULER_PX + 8} height={size.height} fill={tints.matDeep} fillOpacity={0.92} />
      {x.map((mm) => {
        const at = toScreen([mm, 0])[0];
        return at < RULER_PX + 22 ? null : (
          <g key={mm}>
            <line x1={at} x2={at} y1={RULER_PX - 5} y2={RULER_PX} stroke={tints.matInk} />
            <text x={at} y={13} textAnchor="middle">
              {mm}
            </text>
          </g>
        );
      })}
      {y.map((mm) => {
        const at = toScreen([0, mm])[1];
        return at < RULER_PX + 10 ? null : (
          <g key={mm}>
            <line y1={at} y2={at} x1={RULER_PX + 3} x2={RULER_PX + 8} stroke={tints.matInk} />
            <text x={RULER_PX + 1} y={at + 4} textAnchor="end">
              {mm}
            </text>
          </g>
        );
      })}
      <rect x={0} y={0} width={RULER_PX + 8} height={RULER_PX} fill={tints.matDeep} />
      <text x={5} y={14}>
        mm
      </text>
    </g>
  );
}
