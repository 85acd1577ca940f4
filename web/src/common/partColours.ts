/** Kinds of subject, drawn in the paper-white of a model not yet painted. */
const SUBJECTS = ["figure", "mounted", "animal", "vehicle", "aircraft", "hull", "prop"];
const PAPER = "#f3ead8";
const STONE = "#9b8f80";

/** What features usually look like where the maker gives no colour. */
const USUAL: Record<string, string> = {
  tree: "#5d7440",
  bush: "#66793f",
  hedge: "#5f753d",
  wall: "#96897a",
  building: "#b09a84",
  road: "#8f887c",
  track: "#7b6d5c",
  rock: "#8d877d",
  log: "#7b5d3e",
  debris: "#8a6f58",
  fence: "#7b6146",
  sign: "#7b6146",
  plaque: "#c9a353",
};

/** The colour something that stands is drawn in. */
export const colourOf = (kind: string, own?: string | null): string => own ?? (SUBJECTS.includes(kind) ? PAPER : (USUAL[kind] ?? STONE));
