import { useTheme } from "@mui/material/styles";
import { useState } from "react";
import type { PatchOperation, Section, Water } from "../../api/types";
import { mm, short } from "../../common/words";
import { useDryFit } from "../compose/useDryFit";
import { nameOf } from "../plan/parts";
import { useBuild, useBuildSession, useFile } from "../useSession";

/** A level snaps to tenths. */
const STEP_MM = 0.1;

/** Puts the surface elsewhere: its level, or that of each mark of its fall. */
function levelPatch(water: Water, pointer: string, value: number): PatchOperation[] {
  if (!water.fall) return [{ op: "add", path: `${pointer}/level_mm`, value }];
  const by = value - water.fall[0].level_mm;
  const fall = water.fall.map((mark) => ({ ...mark, level_mm: Number((mark.level_mm + by).toFixed(2)) }));
  return [{ op: "add", path: `${pointer}/fall`, value: fall }];
}

interface Props {
  water: Section["waters"][number];
  x: (s: number) => number;
  y: (z: number) => number;
  /** Pixels for each mm of height. */
  up: number;
}

/** The surface of a water as a handle: dragged up or down, its volume runs along. */
export function WaterGrip({ water, x, y, up }: Props) {
  const file = useFile();
  const session = useBuildSession();
  const { evaluation } = useBuild();
  const { tints, palette } = useTheme();
  const { fit, ask } = useDryFit();
  const [drag, setDrag] = useState<{ from: number; level: number } | null>(null);
  const index = file.waters?.findIndex((one: Water) => one.id === water.id) ?? -1;
  const one = file.waters?.[index];
  // Running water is lifted and lowered whole: it is held where it begins.
  const level = one?.fall?.[0].level_mm ?? one?.level_mm;
  if (index < 0 || level === undefined || !water.runs.length) return null;
  const pointer = `/waters/${index}`;
  const patch = (value: number): PatchOperation[] => (one ? levelPatch(one, pointer, value) : []);
  const [left, right] = [x(water.runs[0][0][0]), x(water.runs[water.runs.length - 1].slice(-1)[0][0])];
  const shown = drag?.level ?? level;
  const told = (drag && fit ? fit.waters : evaluation.waters).find((pool) => pool.id === water.id);
  const at = (event: React.PointerEvent) =>
    Number((Math.round((level + (drag ? (drag.from - event.clientY) / up : 0)) / STEP_MM) * STEP_MM).toFixed(2));
  return (
    <g data-grip={`level-${water.id}`}>
      {drag && <line x1={left} x2={right} y1={y(shown)} y2={y(shown)} stroke={tints.accent} strokeWidth={2} strokeDasharray="6 4" />}
      <circle
        cx={right - 8}
        cy={y(shown)}
        r={14}
        fill="transparent"
        style={{ cursor: "ns-resize", touchAction: "none" }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setDrag({ from: event.clientY, level });
        }}
        onPointerMove={(event) => {
          if (!drag) return;
          setDrag({ ...drag, level: at(event) });
          ask(patch(at(event)));
        }}
        onPointerUp={(event) => {
          const next = at(event);
          setDrag(null);
          if (drag && next !== level) session.edit(`Set the level of ${nameOf(file, pointer)}`, patch(next));
        }}
        onPointerCancel={() => setDrag(null)}
      >
        <title>Drag the level of {nameOf(file, pointer)}</title>
      </circle>
      <circle cx={right - 8} cy={y(shown)} r={6} fill="#fffdf5" stroke={tints.wet} strokeWidth={2.5} pointerEvents="none" />
      {drag && (
        <text
          x={(left + right) / 2}
          y={y(shown) - 8}
          textAnchor="middle"
          fontSize={14}
          fontWeight={700}
          fill={palette.text.primary}
          stroke={palette.background.paper}
          strokeWidth={4}
          paintOrder="stroke"
        >
          {mm(shown)}
          {told && fit ? `: ${short(told.volume_ml ?? 0)} ml, ${mm(told.max_depth_mm)} deep` : ""}
        </text>
      )}
    </g>
  );
}
