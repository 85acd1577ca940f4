import type { Edit } from "./sessionState";

const keyOf = (id: number) => `green-plinth:waiting:${id}`;

/** Edits kept across a reload while the server is away. */
export function keptEdits(id: number): Edit[] {
  return JSON.parse(localStorage.getItem(keyOf(id)) ?? "[]");
}

export function keepEdits(id: number, queue: Edit[]) {
  if (queue.length) localStorage.setItem(keyOf(id), JSON.stringify(queue));
  else localStorage.removeItem(keyOf(id));
}
