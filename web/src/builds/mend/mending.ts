import type { PatchOperation } from "../../api/types";

/** A step along a JSON pointer. */
const tokens = (pointer: string) =>
  pointer
    .split("/")
    .slice(1)
    .map((token) => token.replaceAll("~1", "/").replaceAll("~0", "~"));

/** @returns what lies at a JSON pointer; undefined where nothing does */
export function at(file: unknown, pointer: string): unknown {
  return tokens(pointer).reduce<unknown>((inner, token) => {
    if (inner === null || typeof inner !== "object") return undefined;
    return (inner as Record<string, unknown>)[token];
  }, file);
}

/** A value as it is typed: JSON where it reads as that, and else the text itself. */
export function typed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    if (error instanceof SyntaxError) return text;
    throw error;
  }
}

/** How a value is shown to be typed over. */
export const shown = (value: unknown): string => (value === undefined ? "" : typeof value === "string" ? value : JSON.stringify(value));

/** What to do about one place: another value, or take it out. */
export type Mended = { text: string } | "out";

/** The patch that mends these places. What is taken out of a list goes from the last, so that no place moves before its turn. */
export function mendingPatch(file: unknown, mended: Record<string, Mended>): PatchOperation[] {
  const places = Object.entries(mended);
  const set = places.flatMap(([path, one]): PatchOperation[] =>
    one === "out" || path === "" ? [] : [{ op: at(file, path) === undefined ? "add" : "replace", path, value: typed(one.text) }],
  );
  const out = places.filter(([path, one]) => one === "out" && at(file, path) !== undefined).map(([path]) => path);
  out.sort((a, b) => b.localeCompare(a, undefined, { numeric: true }));
  return [...set, ...out.map((path): PatchOperation => ({ op: "remove", path }))];
}
