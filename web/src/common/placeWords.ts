import type { PlinthFile } from "../api/types";
import { capital, plain } from "./words";

type Bag = Record<string, unknown>;

/** Rows of a table that was brought in are counted as its program shows them, from one. Lists whose one is not their name without its last letter. */
const ONES: Record<string, string> = { bodies: "further body", courses: "course", waters: "water", weekly: "evening", jars: "jar" };
const UNITS = /_(mm2?|g|pct|deg|min|c|h|months|minor)$/;

/**
 * Where in a file something is, in words for a person: "/zones/0/courses/1/thickness_mm" is "moor, course 2, thickness", or "zone 1, …"
 * where the file is not at hand.
 */
export function placeWords(pointer: string, file?: PlinthFile | Bag): string {
  if (!pointer || pointer === "/") return "the whole file";
  const keys = pointer.split("/").slice(1);
  const words: string[] = [];
  let here: unknown = file;
  for (const [i, key] of keys.entries()) {
    here = (here as Bag | undefined)?.[key];
    const list = keys[i - 1];
    if (/^\d+$/.test(key))
      words.push(nameOf(here, i) ?? `${ONES[list] ?? plain(list ?? "place").replace(/s$/, "")} ${list === "row" ? key : Number(key) + 1}`);
    else if (!/^(\d+|-)$/.test(keys[i + 1] ?? "")) words.push(plain(key.replace(UNITS, "")));
  }
  return words.join(", ");
}

/** What is wrong, as a sentence that says where; a message that names the part by itself stands as it is. */
export function problemWords({ pointer, message }: { pointer: string; message: string }, file?: PlinthFile | Bag): string {
  const [, list, index] = pointer.split("/");
  const name = ((file as Bag | undefined)?.[list] as Bag[] | undefined)?.[Number(index)]?.name;
  const named = typeof name === "string" && message.toLowerCase().includes(name.toLowerCase());
  return capital(named ? message : `${placeWords(pointer, file)} ${message}`);
}

/** A part goes by its name; what lies in a part by its place, since names of its like are often the same. */
const nameOf = (part: unknown, depth: number): string | undefined =>
  depth === 1 ? ((part as Bag | undefined)?.name as string | undefined) : undefined;
