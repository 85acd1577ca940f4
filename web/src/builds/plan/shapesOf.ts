import type { Drawing } from "../../api/types";

/** Everything that has its place on the plan, with its rings: water where it really stands. */
export const shapesOf = (drawing: Drawing) => [
  ...drawing.zones,
  ...drawing.forms,
  ...drawing.features,
  ...drawing.subjects,
  ...drawing.waters.map((water) => ({ ...water, rings: water.wet.length ? water.wet : water.drawn })),
];

/** The part that a pointer to it, or to something of it, is of. */
export const partOf = (pointer: string): string => pointer.split("/").slice(0, 3).join("/");
