import type { PlannedBuild } from "../api/types";

/** Colours told apart on light and dark paper, in this order; more builds than these begin anew. */
const INKS = ["#2f7d62", "#b06a1c", "#3b6fa8", "#9a4a6e", "#6f7d23", "#7257a8", "#a8453a", "#2b8a94"];

export const buildColours = (builds: PlannedBuild[]): Map<number, string> =>
  new Map([...builds].sort((a, b) => a.build - b.build).map((one, index) => [one.build, INKS[index % INKS.length]]));
