import type { Section } from "../../api/types";

/** Room left, right, above and below the drawing, px. */
export const MARGIN = { side: 34, top: 16, bottom: 24 };
/** How many times as tall as they are heights can be drawn. */
export const STRETCHES = [1, 2, 5];
/** Drawn at least this tall, or the maker is offered stretched heights, px. */
const READABLE_PX = 46;
/** Drawn at most this tall, px; with stretched heights a little taller, so that it does not shrink to a sliver. */
const TALLEST_PX = 210;
const STRETCHED_PX = 320;

/** Samples along a cut, each [along, bottom, top] in mm. */
export type Run = number[][];

/** A section's scales: mm along the cut and mm of height to px of the drawing. */
export interface SectionScale {
  stretch: number;
  low: number;
  high: number;
  /** Pixels for each mm along the cut and for each mm of height. */
  across: number;
  up: number;
  left: number;
  right: number;
  height: number;
  x: (s: number) => number;
  y: (z: number) => number;
}

/** The lowest and the highest of what is cut, mm. */
function extent(section: Section): [number, number] {
  const zs = [...section.strata, ...section.waters].flatMap((layer) => layer.runs.flat()).flatMap(([, low, high]) => [low, high]);
  return zs.length ? [Math.min(...zs), Math.max(...zs)] : [0, 1];
}

/** @param chosen how many times heights are drawn; null: as many as it takes to be readable */
export function scaleOf(section: Section, width: number, chosen: number | null): SectionScale {
  const [low, ground] = extent(section);
  // What stands on the base is drawn as far as it fits: a tree does not press the strata flat.
  const tallest = Math.max(ground, ...section.standing.map((one) => one.high));
  const highAt = (times: number) => Math.min(tallest, ground + Math.max((ground - low) * 2.6, 20) / times);
  const widest = Math.max((width - 2 * MARGIN.side) / Math.max(section.length_mm, 1), 0.01);
  const usual = STRETCHES.find((times) => (highAt(1) - low) * widest * times >= READABLE_PX) ?? STRETCHES[STRETCHES.length - 1];
  const stretch = chosen ?? usual;
  const high = highAt(stretch);
  // Where the drawing would grow too tall, it is drawn smaller both ways: heights are always as many times as they say.
  const up = Math.min(widest * stretch, (stretch > 1 ? STRETCHED_PX : TALLEST_PX) / Math.max(high - low, 1));
  const across = up / stretch;
  const left = (width - section.length_mm * across) / 2;
  return {
    stretch,
    low,
    high,
    across,
    up,
    left,
    right: width - left,
    height: (high - low) * up + MARGIN.top + MARGIN.bottom,
    x: (s) => left + s * across,
    y: (z) => MARGIN.top + (high - z) * up,
  };
}

/** Path data of a run's upper side. */
export const surfaceOf = ({ x, y }: SectionScale, run: Run): string =>
  `M${run.map(([s, , top]) => `${x(s).toFixed(1)} ${y(top).toFixed(1)}`).join("L")}`;

/** Path data of a run: along its upper side, and back along its lower. */
export const shapeOf = (scale: SectionScale, run: Run): string =>
  `${surfaceOf(scale, run)}L${[...run]
    .reverse()
    .map(([s, bottom]) => `${scale.x(s).toFixed(1)} ${scale.y(bottom).toFixed(1)}`)
    .join("L")}Z`;

/** The sample nearest to a place along the cut, mm. */
export const sampleAt = (run: Run, s: number): number[] =>
  run.reduce((best, sample) => (Math.abs(sample[0] - s) < Math.abs(best[0] - s) ? sample : best));
