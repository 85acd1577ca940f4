import type { Outline, PatchOperation, PlinthFile, Point, Subject } from "../../api/types";
import { add, centre, moved, rounded, roundedPoint, spun } from "./outline";
import { carried } from "./reshaping";

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

/** "/zones/1/courses/2" → "/zones/1": the part that it belongs to. */
export const placedPart = (pointer: string): string => pointer.split("/").slice(0, 3).join("/");
const isSubject = (pointer: string): boolean => pointer.startsWith("/subjects/");

export const isCourse = (pointer: string): boolean => /\/courses\/\d+$/.test(pointer);

/** The part whose outline the plan shows: the one that it belongs to, or a course that has a place of its own. */
export const outlinedPart = (file: PlinthFile, pointer: string): string =>
  isCourse(pointer) && valueAt(file, pointer)?.outline ? pointer : placedPart(pointer);

export function nameOf(file: PlinthFile, pointer: string): string {
  if (pointer === "/plinth") return "plinth";
  const part = valueAt(file, pointer);
  return String(part?.name ?? part?.material ?? part?.id ?? pointer).replaceAll("_", " ");
}

/** What the plan draws of a part, where it stands now; a subject's footprint is drawn about its own place. */
export function outlineOf(file: PlinthFile, pointer: string): Outline | null {
  if (pointer === "/plinth") return file.plinth.outline;
  const part = valueAt(file, outlinedPart(file, pointer));
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
  const path = outlinedPart(file, pointer);
  const part = valueAt(file, path);
  if (!part) return [];
  if (isSubject(path)) {
    const [x, y] = (part.at_mm as Point | undefined) ?? [0, 0];
    return [put(`${path}/at_mm`, roundedPoint([x + by[0], y + by[1]]))];
  }
  const outline = part.outline as Outline | undefined;
  return outline && outline.kind !== "rest" ? outlinePatch(file, path, moved(outline, by)) : [];
}

/** A mark of a fall: where, and how high the water stands there. */
type Mark = { at_mm: Point; level_mm: number };
/** The lines that a slope runs between. */
const LINES = ["from_mm", "to_mm"];

/** The place of a course, where what carries it was moved and turned. */
function placeCarried(place: Outline, move: (point: Point) => Point): Outline {
  const middle = centre(place);
  const [to, beside] = [move(middle), move(add(middle, [1, 0]))];
  const deg = rounded((Math.atan2(beside[1] - to[1], beside[0] - to[0]) * 180) / Math.PI, 0.01);
  const turned = deg === 0 || place.kind === "round" ? place : spun(place, deg, middle);
  return moved(turned, roundedPoint([to[0] - middle[0], to[1] - middle[1]]));
}

/** What of a part lies within its outline and goes with it: the lines of a slope, the marks of a fall, places of its courses. */
function goingWith(part: Bag, before: Outline, after: Outline): Bag {
  const move = carried(before, after);
  const lines = LINES.filter((line) => part[line]).map((line) => [line, roundedPoint(move(part[line] as Point))]);
  const fall = part.fall as Mark[] | undefined;
  const courses = part.courses as Bag[] | undefined;
  const laid = courses?.some((course) => course.outline)
    ? {
        courses: courses.map((course) => (course.outline ? { ...course, outline: placeCarried(course.outline as Outline, move) } : course)),
      }
    : {};
  return {
    ...laid,
    ...Object.fromEntries(lines),
    ...(fall ? { fall: fall.map((mark) => ({ ...mark, at_mm: roundedPoint(move(mark.at_mm)) })) } : {}),
  };
}

/** Another outline for a part, with all that lies within it. */
export function outlinePatch(file: PlinthFile, pointer: string, outline: Outline): PatchOperation[] {
  if (pointer === "/plinth") return [put("/plinth/outline", outline)];
  const path = outlinedPart(file, pointer);
  const part = valueAt(file, path);
  const before = part?.outline as Outline | undefined;
  const going = part && before ? goingWith(part, before, outline) : {};
  return [put(`${path}/outline`, outline), ...Object.entries(going).map(([member, value]) => put(`${path}/${member}`, value))];
}

export function turnPatch(file: PlinthFile, pointer: string, deg: number): PatchOperation[] {
  const path = outlinedPart(file, pointer);
  const part = valueAt(file, path);
  if (!part) return [];
  if (isSubject(path))
    return [put(`${path}/turn_deg`, rounded((((((part.turn_deg as number | undefined) ?? 0) + deg) % 360) + 360) % 360, 0.5))];
  const outline = part.outline as Outline | undefined;
  if (!outline || outline.kind === "rest" || outline.kind === "round") return [];
  return outlinePatch(file, path, spun(outline, deg));
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

/** A part as another one of its kind so far beside it, with an id of its own: courses get theirs anew. */
function copyOf(part: Bag, id: string, by: Point, name?: string): Bag {
  const { courses, focal: _, ...own } = part;
  const copy: Bag = { ...own, ...(courses ? { courses: (courses as Bag[]).map(({ id, ...course }) => course) } : {}), id };
  if (name) copy.name = name;
  const outline = part.outline as Outline | undefined;
  if (outline) Object.assign(copy, { outline: moved(outline, by) }, goingWith(copy, outline, moved(outline, by)));
  else copy.at_mm = roundedPoint(add((part.at_mm as Point | undefined) ?? [0, 0], by));
  return copy;
}

/** A copy of a placed part beside it, and where in the file it will be; null for what cannot be copied. */
export function copyPatch(file: PlinthFile, pointer: string): { pointer: string; patch: PatchOperation[] } | null {
  return copiesPatch(file, pointer, [BESIDE_MM]);
}

/** Copies of a placed part, each so far beside it, numbered on; the first of them is where the pointer says. */
export function copiesPatch(file: PlinthFile, pointer: string, places: Point[]): { pointer: string; patch: PatchOperation[] } | null {
  const path = placedPart(pointer);
  const list = path.split("/")[1] as PartList;
  const part = valueAt(file, path);
  if (!part || path === "/plinth" || !places.length || outlineOf(file, path)?.kind === "rest") return null;
  const [stem, number] = numbered(nameOf(file, path));
  let then = file;
  const copies = places.map((by, index) => {
    const id = freshId(then, String(part.id).replace(/-\d+$/, ""));
    const copy = copyOf(part, id, by, part.name ? `${stem} ${number + index + 1}` : undefined);
    then = { ...then, [list]: [...(then[list] ?? []), copy] } as PlinthFile;
    return copy;
  });
  const patch = file[list] ? copies.map((copy) => put(`/${list}/-`, copy)) : [put(`/${list}`, copies)];
  return { pointer: `/${list}/${file[list]?.length ?? 0}`, patch };
}

/** "reeds 3" → "reeds" and 3; what has no number is the first. */
function numbered(name: string): [string, number] {
  const [, stem, number] = name.match(/^(.*?)\s+(\d+)$/) ?? [null, name, "1"];
  return [stem, Number(number)];
}

/** A part brought into a build from elsewhere, where it stood: what its list holds already stays. */
export function pastePatch(file: PlinthFile, list: PartList, part: Bag): { pointer: string; patch: PatchOperation[] } {
  const taken = file[list]?.some((one) => JSON.stringify(placeOf(one as Bag)) === JSON.stringify(placeOf(part)));
  const copy = copyOf(part, freshId(file, String(part.id ?? list).replace(/-\d+$/, "")), taken ? BESIDE_MM : [0, 0]);
  return { pointer: `/${list}/${file[list]?.length ?? 0}`, patch: appendPatch(file, list, copy) };
}

const placeOf = (part: Bag): unknown => part.outline ?? part.at_mm;
