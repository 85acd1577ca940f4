import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import type { Drawing, Outline } from "../api/types";
import { bounds, corners, pathOf } from "../builds/plan/outline";
import { PlanShapes } from "../builds/plan/PlanShapes";
import { kindOf, useCatalogue, usualWork } from "../common/catalogue";
import { count, mm, short, sizeWords } from "../common/words";

interface Props {
  outline: Outline;
  copies: number;
  scale: number;
  /** How it will look; nothing while it is bare. */
  drawing: Drawing | null;
  onChange: (outline: Outline) => void;
}

const LEAST_MM = 5;
const MOST_MM = 5000;
/** The steps of the arrow keys, mm; with Shift, finer ones. */
const STEP = 5;
const FINE = 1;
/** How much of its height a standing silhouette is wide. */
const SLENDER = 0.38;

/** The base on the mat beside a figure and a hand, all to one scale. Its corner is dragged, or moved by the arrow keys, to size it. */
export function SizeBoard({ outline, copies, scale, drawing, onChange }: Props) {
  const { tints, palette } = useTheme();
  const svg = useRef<SVGSVGElement>(null);
  // While the corner is held, the mat stays as it was.
  const [held, setHeld] = useState<number | null>(null);
  const beside = useBeside(scale);
  const [x0, y0, x1, y1] = bounds([corners(outline)]);
  const [w, d] = [x1 - x0, y1 - y0];
  const fixed = "points_mm" in outline;
  const reach = held ?? Math.max(w * 1.12 + beside.hand.wide * 1.25, d * 1.35, beside.person.high * 1.25);
  const [left, top] = [x0 - reach * 0.06, -(y0 + d / 2) - reach * 0.42];
  const hair = reach / 360;
  const ink = reach / 24;

  const sized = (width: number, depth: number) => {
    const [across, along] = [width, depth].map((side) => Math.min(MOST_MM, Math.max(LEAST_MM, Math.round(side))));
    if (outline.kind === "round") return onChange({ ...outline, diameter_mm: Math.max(across, along) });
    if (outline.kind === "oval" || outline.kind === "rectangle") onChange({ ...outline, width_mm: across, depth_mm: along });
  };
  function dragged(event: PointerEvent) {
    const matrix = svg.current?.getScreenCTM();
    if (held === null || !matrix) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    sized((at.x - (x0 + x1) / 2) * 2, (-at.y - (y0 + y1) / 2) * 2);
  }
  function keyed(event: KeyboardEvent) {
    const step = event.shiftKey ? FINE : STEP;
    const by: Record<string, [number, number]> = {
      ArrowRight: [step, 0],
      ArrowLeft: [-step, 0],
      ArrowUp: [0, step],
      ArrowDown: [0, -step],
    };
    const [across, along] = by[event.key] ?? [0, 0];
    if (!across && !along) return;
    event.preventDefault();
    if (outline.kind === "round") sized(w + across + along, w + across + along);
    else sized(w + across, d + along);
  }

  return (
    <Box sx={{ bgcolor: tints.mat, color: tints.matInk, p: 1, alignSelf: "start", position: { md: "sticky" }, top: 16 }}>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing that holds a grip */}
      <svg
        ref={svg}
        width="100%"
        viewBox={`${left} ${top} ${reach * 1.06} ${reach * 0.84}`}
        style={{ display: "block", touchAction: "none" }}
        role="group"
        aria-label={`Base, ${sizeWords(w, d)}, beside a figure and a hand`}
        onPointerMove={dragged}
        onPointerUp={() => setHeld(null)}
        onPointerCancel={() => setHeld(null)}
      >
        <g transform={`translate(${x1 + reach * 0.1} ${-(y0 + d / 2)})`} fill={tints.matInk}>
          <path
            d={beside.hand.outline}
            transform={`translate(${beside.hand.wide / 2} ${beside.hand.long / 2}) scale(${beside.hand.wide} ${-beside.hand.long})`}
            fillOpacity={0.22}
          />
        </g>
        <g transform="scale(1 -1)">
          {drawing ? (
            <PlanShapes drawing={drawing} thumbnail />
          ) : (
            <path d={pathOf(outline)} fill="#b59468" stroke="#f4efe2" strokeWidth={hair * 2} />
          )}
          {drawing && held !== null && (
            <path
              d={pathOf(outline)}
              fill="none"
              stroke={tints.accent}
              strokeWidth={hair * 2}
              strokeDasharray={`${hair * 6} ${hair * 4}`}
            />
          )}
        </g>
        <path
          d={beside.person.silhouette}
          transform={`translate(${x0 + w * 0.5} ${-(y0 + d * 0.42)}) scale(${beside.person.high * SLENDER} ${-beside.person.high})`}
          fill="#f3ead8"
          stroke="#211b14"
          strokeWidth={1.4}
          vectorEffect="non-scaling-stroke"
          pointerEvents="none"
        />
        <g fill={tints.matInk} fontSize={ink} textAnchor="middle" pointerEvents="none">
          <text x={x0 + w / 2} y={-y0 + ink * 1.3}>
            {mm(w)}
          </text>
          <text transform={`translate(${x0 - ink * 0.5} ${-(y0 + y1) / 2}) rotate(-90)`}>{mm(d)}</text>
          <text x={x1 + reach * 0.1 + beside.hand.wide / 2} y={-(y0 + d / 2) + beside.hand.long / 2 - ink * 0.4}>
            {beside.hand.name}
          </text>
        </g>
        {!fixed && (
          // biome-ignore lint/a11y/useSemanticElements: a grip that is drawn within an SVG
          <rect
            role="button"
            tabIndex={0}
            aria-label={`Size, ${sizeWords(w, d)}: arrow keys make it wider and deeper, with Shift by 1 mm`}
            x={x1 - hair * 9}
            y={-y1 - hair * 9}
            width={hair * 18}
            height={hair * 18}
            fill={tints.accent}
            stroke="#211b14"
            strokeWidth={hair}
            style={{ cursor: "nesw-resize", outlineColor: palette.primary.main }}
            onPointerDown={(event) => {
              event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId);
              setHeld(reach);
            }}
            onKeyDown={keyed}
          />
        )}
      </svg>
      <Typography variant="body2" sx={{ mt: 0.5 }}>
        {count(copies, "base")} at 1:{short(scale)}, {sizeWords(w, d)} each. {beside.person.words}
        {!fixed && " Drag the corner, or use the arrow keys on it."}
      </Typography>
    </Box>
  );
}

/** A standing person at the scale and a hand in its own size, as the records have them. */
function useBeside(scale: number) {
  const catalogue = useCatalogue();
  const hand = usualWork(catalogue, "beside_hand") as unknown as { name: string; size_mm: [number, number]; silhouette: string };
  const yardstick = catalogue.kinds.yardsticks?.find((one) => one.thing);
  const thing = catalogue.things.find((one) => one.key === yardstick?.thing);
  const tall = thing?.life_mm?.[1] ?? 0;
  const person = kindOf(catalogue, "subjects", thing?.drawn_as);
  return {
    hand: { name: hand.name, wide: hand.size_mm[0], long: hand.size_mm[1], outline: hand.silhouette },
    person: {
      high: tall / scale,
      silhouette: person?.silhouette ?? "",
      words: tall ? `The figure stands for ${thing?.name}, ${mm(tall / scale)} high.` : "",
    },
  };
}
