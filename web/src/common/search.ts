import type { Material } from "../api/types";

/** Everything a material is looked for by: its name, everyday words for it, and what it is good for. */
export const soughtBy = (material: Material | undefined): string =>
  material ? [material.key.replaceAll("_", " "), material.name, ...(material.also ?? []), material.note ?? ""].join(" ") : "";

/**
 * What is looked for, the best first: every word that was typed must be in it, wherever; a word that one begins with comes before one
 * that it is only within, and the name before the rest.
 */
export function matching<T>(all: T[], typed: string, wordsOf: (one: T) => string): T[] {
  const sought = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (!sought.length) return all;
  return all
    .map((one) => ({ one, rank: rankOf(wordsOf(one).toLowerCase(), sought) }))
    .filter(({ rank }) => rank !== null)
    .sort((a, b) => (a.rank as number) - (b.rank as number))
    .map(({ one }) => one);
}

/** How far back the first of the words stands; null where one is missing. One within a word counts as if it stood behind all others. */
function rankOf(words: string, sought: string[]): number | null {
  let rank = 0;
  for (const word of sought) {
    const start = ` ${words}`.search(new RegExp(`[\\s,(]${word.replace(/[.*+?^${}()|[\]\\]/g, "\\$&")}`));
    if (start >= 0) rank += start;
    else if (words.includes(word)) rank += words.length;
    else return null;
  }
  return rank;
}
