import { uuid } from "../common/uuid";
import type { Edit } from "./sessionState";

const prefixOf = (build: number) => `green-plinth:waiting:${build}:`;
/** In the order in which they were made: windows of the same build may have some each. */
const keyOf = (build: number, edit: Edit) => `${prefixOf(build)}${String(edit.at).padStart(15, "0")}:${edit.id}`;

/** Under one key for each build, without names, as they were kept once: now as they are kept today. */
function renameOld(build: number) {
  const key = `green-plinth:waiting:${build}`;
  const old: Pick<Edit, "label" | "patch">[] = JSON.parse(localStorage.getItem(key) ?? "[]");
  if (
    keepEdits(
      build,
      [],
      old.map((edit, index) => ({ ...edit, id: uuid(), at: index })),
    )
  )
    localStorage.removeItem(key);
}

/** Edits that a window of this build made and the server has not acknowledged, kept across a reload and a closed window, the oldest first. */
export function keptEdits(build: number): Edit[] {
  renameOld(build);
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(prefixOf(build)))
    .sort()
    .map((key) => JSON.parse(localStorage.getItem(key) as string) as Edit);
}

/**
 * Keeps what has come to wait, and forgets what waits no longer; what other windows keep is theirs.
 * @returns whether there was room for all of it
 */
export function keepEdits(build: number, before: Edit[], after: Edit[]): boolean {
  for (const edit of before.filter((one) => !after.includes(one))) localStorage.removeItem(keyOf(build, edit));
  try {
    for (const edit of after.filter((one) => !before.includes(one))) localStorage.setItem(keyOf(build, edit), JSON.stringify(edit));
    return true;
  } catch (error) {
    // The browser keeps no more, or nothing at all: then the edits wait in this window only.
    if (error instanceof DOMException) return false;
    throw error;
  }
}
