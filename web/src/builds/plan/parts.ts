import type { Outline, PatchOperation, PlinthFile, Point, Subject } from "../../api/types";
import { moved, rounded, roundedPoint, spun } from "./outline";

/** Parts of the file that stand on the plan, by JSON pointer, and the patches that move, turn, reshape and take them out. */
type Bag = Record<string, unknown>;

/** The lists of a file that hold what is placed. */
export type PartList = "forms" | "zones" | "waters" | "features" | "subjects";

export function valueAt(file: PlinthFile, pointer: string): Bag | undefined {
  return pointer
    .split("/")
    .slice(1)
    .reduce<unknown>((value, key) => (value as Bag | undefined)?.[key], file) as Bag | undefined;
}

/** "/zones/1/courses/2" → "/zones/1": the part whose outline the plan shows. */
export const placedPart = (pointer: string): string => pointer.split("/").slice(0, 3).join("/");
const isSubject = (pointer: string): boolean => pointer.startsWith("/subjects/");

export function nameOf(file: PlinthFile, pointer: string): string {
  if (pointer === "/plinth") return "plinth";
  const part = valueAt(file, pointer);
  return String(part?.name ?? part?.material ?? part?.id ?? pointer).replaceAll("_", " ");
}

/** What the plan draws of a part, where it stands now; a subject's footprint is drawn about its own place. */
export function outlineOf(file: PlinthFile, pointer: string): Outline | null {
  if (pointer === "/plinth") return file.plinth.outline;
  const part = valueAt(file, placedPart(pointer));
  if (!part) return null;
  if (!isSubject(pointer)) return (part.outline as Outline | undefined) ?? null;
  const subject = part as unknown as Subject;
  return standing(subject.footprint, subject);
}

/** An outline drawn about a subject's own origin, where the subject stands. */
function standing(outline: Outline, subject: Subject): Outline {
  const turned = outline.kind === "round" ? outline : spun(outline, subject.turn_deg ?? 0, [0, 0]);
  return moved(turned, subject.at_mm ?? [0, 0]);
}

/** A subject's whole plan shadow where it is larger than its footprint. */
export function shadowOf(file: PlinthFile, pointer: string): Outline | null {
  const subject = isSubject(pointer) ? (valueAt(file, placedPart(pointer)) as unknown as Subject | undefined) : undefined;
  if (!subject?.silhouette) return null;
  return standing(subject.silhouette, subject);
}

const put = (path: string, value: unknown): PatchOperation => ({ op: "add", path, value });

export function movePatch(file: PlinthFile, pointer: string, by: Point): PatchOperation[] {
  const path = placedPart(pointer);
  const part = valueAt(file, path);
  if (!part) return [];
  if (isSubject(path)) {
    const [x, y] = (part.at_mm as Point | undefined) ?? [0, 0];
    return [put(`${path}/at_mm`, roundedPoint([x + by[0], y + by[1]]))];
  }
  const outline = part.outline as Outline | undefined;
  const patch = outline && outline.kind !== "rest" ? [put(`${path}/outline`, moved(outline, by))] : [];
  // A ramp's two lines go with it.
  for (const line of ["from_mm", "to_mm"]) {
    const [x, y] = (part[line] as Point | undefined) ?? [Number.NaN, 0];
    if (patch.length && Number.isFinite(x)) patch.push(put(`${path}/${line}`, roundedPoint([x + by[0], y + by[1]])));
  }
  return patch;
}

export function turnPatch(file: PlinthFile, pointer: string, deg: number): PatchOperation[] {
  const path = placedPart(pointer);
  const part = valueAt(file, path);
  if (!part) return [];
  if (isSubject(path))
    return [put(`${path}/turn_deg`, rounded((((((part.turn_deg as number | undefined) ?? 0) + deg) % 360) + 360) % 360, 0.5))];
  const outline = part.outline as Outline | undefined;
  return outline && outline.kind !== "rest" && outline.kind !== "round" ? [put(`${path}/outline`, spun(outline, deg))] : [];
}

export function reshapePatch(pointer: string, outline: Outline): PatchOperation[] {
  return [put(pointer === "/plinth" ? "/plinth/outline" : `${placedPart(pointer)}/outline`, outline)];
}

export const takeOutPatch = (pointer: string): PatchOperation[] => [{ op: "remove", path: pointer }];

/** A fresh id for a new part: short, and not taken by any other part of the file. */
export function freshId(file: PlinthFile, stem: string): string {
  const taken = new Set(
    JSON.stringify(file)
      .match(/"id":"[^"]*"/g)
      ?.map((text) => text.slice(6, -1)) ?? [],
  );
  for (let n = 1; ; n += 1) if (!taken.has(`${stem}-${n}`)) return `${stem}-${n}`;
}

/** Appends to a list of the file that may not be there yet. */
export function appendPatch(file: PlinthFile, list: PartList, value: unknown): PatchOperation[] {
  return file[list] ? [put(`/${list}/-`, value)] : [put(`/${list}`, [value])];
}

/** How far beside the original a copy stands, mm. */
const BESIDE_MM: Point = [10, 0];

/** A copy of a placed part beside it, and where in the file it will be; null for what cannot be copied. */
export function copyPatch(file: PlinthFile, pointer: string): { pointer: string; patch: PatchOperation[] } | null {
  const path = placedPart(pointer);
  const list = path.split("/")[1] as PartList;
  const part = valueAt(file, path);
  if (!part || path === "/plinth" || outlineOf(file, path)?.kind === "rest") return null;
  const { courses, ...own } = part;
  const plain = courses ? { ...own, courses: (courses as Bag[]).map(({ id, ...course }) => course) } : own;
  const fresh = { ...plain, id: freshId(file, String(part.id).replace(/-\d+$/, "")) } as Bag;
  if (list === "subjects") {
    const [x, y] = (part.at_mm as Point | undefined) ?? [0, 0];
    fresh.at_mm = [x + BESIDE_MM[0], y + BESIDE_MM[1]];
    delete fresh.focal;
  } else fresh.outline = moved(part.outline as Outline, BESIDE_MM);
  return { pointer: `/${list}/${file[list]?.length ?? 0}`, patch: appendPatch(file, list, fresh) };
}
