import type { Course, PatchOperation, PlinthFile } from "../../api/types";
import { freshId, nameOf, type PartList, pastePatch, placedPart, valueAt } from "../plan/parts";
import { inTurn } from "../plan/several";

/** Courses that go from one place to another, and the mixes that they are of: a file stands alone. */
export interface Carried {
  courses: Course[];
  mixes?: Mix[];
}

type Mix = NonNullable<PlinthFile["mixes"]>[number];
interface Part {
  list: PartList;
  part: Record<string, unknown>;
}
type Cut = ({ what: "courses" } & Carried) | { what: "parts"; parts: Part[]; mixes?: Mix[] };

/** Where the browser keeps what was copied last: it goes from build to build and from window to window. */
const KEPT = "green-plinth-copied";
const PREFIX = "mix:";

const LISTS = ["forms", "zones", "waters", "features", "subjects"];

/** Takes along what is lit: one course, or whole parts with all their courses. @returns whether there was anything to take */
export function copied(file: PlinthFile, pointers: string[]): boolean {
  const held = pointers.filter((pointer) => valueAt(file, pointer) && LISTS.includes(pointer.split("/")[1]));
  if (!held.length) return false;
  if (held[0].includes("/courses/")) return coursesCopied(file, [valueAt(file, held[0]) as unknown as Course]);
  const parts = held.map((pointer) => ({ list: pointer.split("/")[1] as PartList, part: valueAt(file, pointer) as Part["part"] }));
  return keep({
    what: "parts",
    parts,
    mixes: mixesOf(
      file,
      parts.flatMap(({ part }) => (part.courses as Course[] | undefined) ?? []),
    ),
  });
}

/** Takes along all courses of a part. */
export const coursesCopied = (file: PlinthFile, courses: Course[]): boolean => keep({ what: "courses", ...carried(file, courses) });

/** What pasting would do to the file where this is lit; null where nothing was copied, or has no place here. */
export function pasted(file: PlinthFile, selected: string | null): { label: string; patch: PatchOperation[]; lit: string[] } | null {
  const cut = kept();
  if (!cut) return null;
  if (cut.what === "courses") {
    const onto = selected && placedPart(selected);
    if (!onto || !/^\/(zones|waters|features|sides)\//.test(onto)) return null;
    return { label: `Paste courses onto ${nameOf(file, onto)}`, patch: coursesPatch(file, onto, cut), lit: [onto] };
  }
  const { patch: mixes, named } = mixesPatch(file, cut.mixes ?? []);
  const made: string[] = [];
  const patch = inTurn(file, cut.parts, (then, { list, part }) => {
    const own = part.courses ? { ...part, courses: (part.courses as Course[]).map(named) } : part;
    const paste = pastePatch(then, list, own);
    made.push(paste.pointer);
    return paste.patch;
  });
  return { label: "Paste", patch: [...mixes, ...patch], lit: made };
}

/** What parts were taken along, by name; null where none were. */
export function partKept(): string | null {
  const cut = kept();
  return cut?.what === "parts" ? cut.parts.map(({ part }) => String(part.name ?? part.id)).join(", ") : null;
}

/** Whether courses were copied that could be pasted. */
export const coursesKept = (): boolean => kept()?.what === "courses";

/** Lays courses on what lies there already, on top of it. */
export function coursesPatch(file: PlinthFile, pointer: string, { courses, mixes = [] }: Carried): PatchOperation[] {
  const { patch, named } = mixesPatch(file, mixes);
  const laid = courses.map(named);
  const there = valueAt(file, pointer)?.courses !== undefined;
  return [
    ...patch,
    ...(there
      ? laid.map((value): PatchOperation => ({ op: "add", path: `${pointer}/courses/-`, value }))
      : [{ op: "add" as const, path: `${pointer}/courses`, value: laid }]),
  ];
}

/** Courses without what ties them to their place, with the mixes they are of. */
export const carried = (file: PlinthFile, courses: Course[]): Carried => {
  const mixes = mixesOf(file, courses);
  return { courses: courses.map(({ id: _, ...course }) => course as Course), ...(mixes.length ? { mixes } : {}) };
};

/** Mixes that courses are of, those that they are stirred up from first. */
function mixesOf(file: PlinthFile, courses: Course[]): Mix[] {
  const found: Mix[] = [];
  const take = (material: string) => {
    const mix = (file.mixes ?? []).find((one) => PREFIX + one.id === material);
    if (!mix || found.includes(mix)) return;
    for (const part of mix.parts) take(part.material);
    found.push(mix);
  };
  for (const course of courses) take(course.material);
  return found;
}

/** Brings mixes into a file under ids of its own; one that is there already is used again. */
function mixesPatch(file: PlinthFile, mixes: Mix[]): { patch: PatchOperation[]; named: (course: Course) => Course } {
  const ids = new Map<string, string>();
  const known = [...(file.mixes ?? [])];
  const added: Mix[] = [];
  for (const { id, ...mix } of mixes) {
    const parts = mix.parts.map((part) => ({ ...part, material: ids.get(part.material) ?? part.material }));
    const own = { ...mix, parts };
    const same = known.find(({ id: _, ...one }) => JSON.stringify(one) === JSON.stringify(own));
    const made = same ?? { id: freshId({ ...file, mixes: known } as PlinthFile, id.replace(/-\d+$/, "")), ...own };
    if (!same) {
      known.push(made);
      added.push(made);
    }
    ids.set(PREFIX + id, PREFIX + made.id);
  }
  const patch: PatchOperation[] = file.mixes
    ? added.map((value) => ({ op: "add", path: "/mixes/-", value }))
    : added.length
      ? [{ op: "add", path: "/mixes", value: added }]
      : [];
  return { patch, named: (course) => ({ ...course, material: ids.get(course.material) ?? course.material }) };
}

function keep(cut: Cut): boolean {
  try {
    localStorage.setItem(KEPT, JSON.stringify(cut));
    return true;
  } catch {
    return false;
  }
}

function kept(): Cut | null {
  try {
    const cut = JSON.parse(localStorage.getItem(KEPT) ?? "null") as Cut | null;
    return cut && Array.isArray(cut.what === "courses" ? cut.courses : cut.parts) ? cut : null;
  } catch {
    return null;
  }
}
