/** About how wide words are in the type of drawings, px for each px of its size: measured on whole names, a little too wide. */
const EM = 0.56;

export const wordsWide = (words: string, size: number): number => words.length * size * EM;

/** Where words lie: left, top, right, bottom, px. */
export type Box = [number, number, number, number];

const meet = (a: Box, b: Box): boolean => a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];

/** Those that lie on none of the ones before them, nor on what is taken already. */
export function clearOf<T>(all: T[], box: (one: T) => Box, taken: Box[] = []): T[] {
  const kept = [...taken];
  return all.filter((one) => {
    const own = box(one);
    if (kept.some((other) => meet(own, other))) return false;
    kept.push(own);
    return true;
  });
}
