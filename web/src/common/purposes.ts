/** What a base can be for, in the file's words and in a maker's. */
export const PURPOSES = [
  ["vignette", "vignette"],
  ["gaming_base", "gaming base"],
  ["unit_base", "unit base"],
  ["display_plinth", "display plinth"],
  ["diorama", "diorama"],
  ["photo_set", "photo set"],
  ["sea_base", "sea base"],
  ["floating_display", "floating display"],
] as const;
export type Purpose = (typeof PURPOSES)[number][0];
