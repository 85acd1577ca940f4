import { useMemo } from "react";
import type { Point, Relief } from "../../api/types";
import type { ReliefView } from "./useRelief";

/** Each slope class with its colour; its name stands in the legend beside it. */
export const SLOPE_COLOURS = ["#cfe3c0", "#f0dc9a", "#e2a25a", "#b8432f"];
/** Light from the upper left, as maps have it. */
const LIGHT = [-0.6, 0.6, 0.53];
/** Heights are drawn steeper than they are, so that a 3 mm sheet shows. */
const LIFT = 1.2;

/** The deepest shade: ground is still to be read in it. */
const DARKEST = 110;

interface Props {
  relief: Relief;
  view: ReliefView;
  toScreen: (point: Point) => Point;
  scale: number;
}

/** Hill shading or slope classes over the plan, a pixel for each cell of the relief. */
export function ReliefLayer({ relief, view, toScreen, scale }: Props) {
  const { grid } = relief;
  const picture = useMemo(() => painted(grid, view), [grid, view]);
  const [x, y] = toScreen([grid.left_mm, grid.front_mm + grid.rows * grid.cell_mm]);
  return (
    <image
      href={picture}
      x={x}
      y={y}
      width={grid.columns * grid.cell_mm * scale}
      height={grid.rows * grid.cell_mm * scale}
      preserveAspectRatio="none"
      pointerEvents="none"
      data-testid={`relief-${view}`}
      style={{ mixBlendMode: view === "slopes" ? "normal" : "multiply" }}
    />
  );
}

function painted(grid: Relief["grid"], view: ReliefView): string {
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [grid.columns, grid.rows];
  const context = canvas.getContext("2d");
  if (!context) return "";
  const image = context.createImageData(grid.columns, grid.rows);
  for (let row = 0; row < grid.rows; row += 1)
    for (let column = 0; column < grid.columns; column += 1) {
      // The picture's rows run down, the plan's up.
      const pixel = ((grid.rows - 1 - row) * grid.columns + column) * 4;
      image.data.set(view === "slopes" ? classColour(grid.slopes[row * grid.columns + column]) : shade(grid, row, column), pixel);
    }
  context.putImageData(image, 0, 0);
  return canvas.toDataURL();
}

function classColour(index: number): [number, number, number, number] {
  if (index < 0) return [0, 0, 0, 0];
  const hex = SLOPE_COLOURS[index] ?? "#000000";
  return [Number.parseInt(hex.slice(1, 3), 16), Number.parseInt(hex.slice(3, 5), 16), Number.parseInt(hex.slice(5, 7), 16), 205];
}

function shade(grid: Relief["grid"], row: number, column: number): [number, number, number, number] {
  const here = grid.heights[row * grid.columns + column];
  if (here === null) return [0, 0, 0, 0];
  const height = (r: number, c: number) =>
    (r < 0 || c < 0 || r >= grid.rows || c >= grid.columns ? here : (grid.heights[r * grid.columns + c] ?? here)) / 100;
  const run = 2 * grid.cell_mm;
  const east = (LIFT * (height(row, column + 1) - height(row, column - 1))) / run;
  const north = (LIFT * (height(row + 1, column) - height(row - 1, column))) / run;
  const lit = (LIGHT[2] - east * LIGHT[0] - north * LIGHT[1]) / Math.hypot(east, north, 1) / LIGHT[2];
  const grey = Math.max(DARKEST, Math.min(255, Math.round(lit * 238)));
  return [grey, grey, grey, 255];
}
