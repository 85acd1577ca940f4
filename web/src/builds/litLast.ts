const key = (build: number) => `green-plinth-lit:${build}`;

/** The part of a build that was lit last in this window: a reload, or coming back, finds it lit again. */
export function litLast(build: number): string | null {
  return typeof sessionStorage === "undefined" ? null : sessionStorage.getItem(key(build));
}

export function keepLit(build: number, pointer: string | null) {
  if (typeof sessionStorage === "undefined") return;
  if (pointer === null) sessionStorage.removeItem(key(build));
  else sessionStorage.setItem(key(build), pointer);
}
