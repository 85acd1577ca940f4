/** A key for the stores out of a name, or what it is called without one; another one where it is taken. */
export function freshKey(name: string, fallback: string, taken: Set<string>): string {
  const letters =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, "_")
      .replace(/^[^a-z]+|_+$/g, "")
      .slice(0, 34) || fallback;
  const stem = letters.length < 2 ? `${letters}_mix` : letters;
  let key = stem;
  for (let number = 2; taken.has(key); number += 1) key = `${stem}_${number}`;
  return key;
}
