import type { Build, PatchOperation, PlinthFile, Snag, Within } from "../../api/types";
import { capital } from "../../common/words";
import { applied } from "../sessionState";
import { VARIED, variantFile, variantOf } from "./variantFile";

/** What is composed by itself within a build, copies that differ or a further body: its file, its build, and edits of it in the whole. */
const BODY_OWN = ["plinth", "forms", "zones", "features", "subjects", "waters", "sides"];

/** "/bodies/1" → the list and the place in it. */
const placeOf = (pointer: string): ["variants" | "bodies", number] => {
  const [, list, index] = pointer.split("/");
  return [list as "variants" | "bodies", Number(index)];
};

const member = (path: string): string => path.split("/")[1];

/** The file as if it were a build of its own; null where it is not there any more. */
export function fileWithin(file: PlinthFile, pointer: string): PlinthFile | null {
  const [list, index] = placeOf(pointer);
  if (list === "variants") {
    const variant = file.variants?.[index];
    return variant ? variantFile(file, variant) : null;
  }
  const body = file.bodies?.[index];
  if (!body) return null;
  const own = Object.fromEntries(BODY_OWN.map((key) => [key, (body as Record<string, unknown>)[key]]));
  const { variants, bodies, formation, tasks, groups, eye, limits, ...rest } = file;
  return { ...rest, ...own } as PlinthFile;
}

/** A change of its file, as a change of the build's. */
export function patchWithin(file: PlinthFile, pointer: string, patch: PatchOperation[]): PatchOperation[] {
  const [list, index] = placeOf(pointer);
  if (list === "bodies") {
    const moved = (path: string) => (BODY_OWN.includes(member(path)) ? `${pointer}${path}` : path);
    return patch.map(
      (op) => ({ ...op, path: moved(op.path), ...("from" in op && op.from ? { from: moved(op.from) } : {}) }) as PatchOperation,
    );
  }
  const variant = file.variants?.[index];
  if (!variant) return [];
  const ours = (op: PatchOperation) => (VARIED as readonly string[]).includes(member(op.path));
  const own = patch.filter(ours);
  const rest = patch.filter((op) => !ours(op));
  if (!own.length) return rest;
  const made = variantOf(file, applied(variantFile(file, variant), [{ patch: own }]), variant);
  return [{ op: "replace", path: pointer, value: made }, ...rest];
}

/** The build as its pages draw it by itself. */
export function buildWithin(build: Build, within: Within): Build {
  const file = fileWithin(build.file, within.pointer);
  const evaluation = {
    ...build.evaluation,
    ...within.evaluation,
    snags: build.evaluation.snags.flatMap((snag) => snagWithin(snag, within)),
  };
  return { ...build, file: file ?? build.file, drawing: within.drawing, sections: within.sections, evaluation, within: [] };
}

/** Of its own snags each with its place in its own file. */
function snagWithin(snag: Snag, within: Within): Snag[] {
  if (placeOf(within.pointer)[0] === "variants") return snag.message.startsWith(`${capital(within.name)}: `) ? [snag] : [];
  if (!snag.where.startsWith(`${within.pointer}/`)) return [];
  const bare = (path: string) => (path.startsWith(`${within.pointer}/`) ? path.slice(within.pointer.length) : path);
  const fixes = snag.fixes.map((fix) => ({ ...fix, patch: fix.patch.map((op) => ({ ...op, path: bare(op.path) }) as PatchOperation) }));
  return [{ ...snag, where: bare(snag.where), fixes }];
}
