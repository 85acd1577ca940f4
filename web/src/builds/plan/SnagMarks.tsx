import { useTheme } from "@mui/material/styles";
import type { Drawing, Point, Snag } from "../../api/types";
import { count } from "../../common/words";
import { bounds } from "./outline";
import { placedPart } from "./parts";

interface Props {
  snags: Snag[];
  drawing: Drawing;
  /** The lit part carries no mark: its snags stand beside the plan, and its grips need the room. */
  lit: string | null;
  toScreen: (point: Point) => Point;
  onOpen: (mark: { pointer: string; left: number; top: number }) => void;
}

/** Where the snags are: a mark on each part that has some, its shape telling how bad the worst of them is. */
export function SnagMarks({ snags, drawing, lit, toScreen, onOpen }: Props) {
  const { tints } = useTheme();
  const open = (mark: Element, pointer: string) => {
    const { right, top } = mark.getBoundingClientRect();
    onOpen({ pointer, left: right, top });
  };
  const places = new Map<string, Snag[]>();
  for (const snag of snags) {
    const pointer = placedPart(snag.where);
    places.set(pointer, [...(places.get(pointer) ?? []), snag]);
  }
  return (
    <g>
      {apart(
        [...places].flatMap(([pointer, own]) => {
          const at = pointer === lit ? null : placeOf(drawing, pointer);
          return at ? [{ pointer, own, at: toScreen(at) }] : [];
        }),
      ).map(({ pointer, own, at: [x, y] }) => {
        const stops = own.some((snag) => snag.severity === "stops");
        const advice = own.every((snag) => snag.severity === "advice");
        const shape = stops ? "M-9 -9H9V9H-9Z" : advice ? "M0 -9A9 9 0 1 1 0 9A9 9 0 1 1 0 -9Z" : "M0 -11L11 9H-11Z";
        return (
          // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside an SVG drawing
          <g
            key={pointer}
            role="button"
            tabIndex={0}
            aria-label={`${count(own.length, "snag")} here: ${own[0].message}`}
            transform={`translate(${x} ${y})`}
            style={{ cursor: "pointer" }}
            onPointerDown={(event) => event.stopPropagation()}
            onClick={(event) => open(event.currentTarget, pointer)}
            onKeyDown={(event) => {
              if (event.key !== "Enter" && event.key !== " ") return;
              event.preventDefault();
              event.stopPropagation();
              open(event.currentTarget, pointer);
            }}
            data-snag-mark={pointer}
          >
            <title>{own.map((snag) => snag.message).join("\n")}</title>
            <circle r={14} fill="transparent" />
            <path d={shape} fill={advice ? tints.accent : "#c23b2a"} stroke="#fffdf5" strokeWidth={2} />
            <text
              pointerEvents="none"
              y={stops || advice ? 5 : 6}
              textAnchor="middle"
              fontSize={13}
              fontWeight={700}
              fill={advice ? "#1b231f" : "#fffdf5"}
            >
              {own.length}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** So far from each other marks stand at least, px: each is as large as a finger. */
const ROOM = 26;

/** Marks that would lie on one that is there stand beside it. */
function apart<T extends { at: Point }>(marks: T[]): T[] {
  const placed: T[] = [];
  for (const mark of marks) {
    let [x, y] = mark.at;
    while (placed.some(({ at }) => Math.abs(at[0] - x) < ROOM && Math.abs(at[1] - y) < ROOM)) x += ROOM;
    placed.push({ ...mark, at: [x, y] });
  }
  return placed;
}

/** The upper right of what a part fills; null for what the plan does not draw, and for the plinth, which is everywhere. */
function placeOf(drawing: Drawing, pointer: string): Point | null {
  const drawn = [...drawing.zones, ...drawing.forms, ...drawing.features, ...drawing.subjects].find(
    (part) => part.pointer === pointer,
  )?.rings;
  const rings = drawn ?? drawing.waters.find((water) => water.pointer === pointer)?.drawn;
  if (!rings?.length) return null;
  const [x0, y0, x1, y1] = bounds(rings);
  return [x0 + (x1 - x0) * 0.8, y0 + (y1 - y0) * 0.8];
}
