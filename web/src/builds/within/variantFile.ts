import type { PlinthFile } from "../../api/types";

/** Copies that differ, in the file: what is other on them by the ids of parts, and the file of one of their bases. */
export type Variant = NonNullable<PlinthFile["variants"]>[number];

/** Lists of parts that may be other on a variant. */
export const VARIED = ["forms", "zones", "features", "subjects", "waters", "sides"] as const;

type Bag = Record<string, unknown> & { id?: string; courses?: Bag[] };

/** The file of one of its bases. */
export function variantFile(file: PlinthFile, variant: Variant): PlinthFile {
  const { variants, bodies, formation, ...rest } = file;
  const made = { ...rest, copies: variant.count } as unknown as Record<string, unknown>;
  for (const list of VARIED) {
    const parts = ((file[list] ?? []) as unknown as Bag[]).flatMap((part) => other(part, variant));
    const whole = [...parts, ...(((variant.with as Record<string, Bag[]> | undefined)?.[list] ?? []) as Bag[])];
    if (whole.length) made[list] = whole;
    else delete made[list];
  }
  return made as unknown as PlinthFile;
}

function other(part: Bag, variant: Variant): Bag[] {
  if (part.id !== undefined && variant.without?.includes(part.id)) return [];
  const changed = part.id === undefined ? undefined : (variant.changed as Record<string, Bag> | undefined)?.[part.id];
  const own = changed ? (Object.fromEntries(Object.entries({ ...part, ...changed }).filter(([, value]) => value !== null)) as Bag) : part;
  return [own.courses ? { ...own, courses: own.courses.flatMap((course) => other(course, variant)) } : own];
}

/** The variant whose bases are as a file has them, against the build's. */
export function variantOf(file: PlinthFile, own: PlinthFile, variant: Variant): Variant {
  const without: string[] = [];
  const changed: Record<string, Bag> = {};
  const added: Record<string, Bag[]> = {};
  for (const list of VARIED) {
    const [parts, ours] = [file, own].map((one) => (one[list] ?? []) as unknown as Bag[]);
    for (const part of parts) {
      const mine = ours.find((one) => one.id === part.id);
      if (part.id === undefined) continue;
      if (!mine) without.push(part.id);
      else if (JSON.stringify(mine) !== JSON.stringify(part)) changed[part.id] = difference(part, mine);
    }
    const more = ours.filter((one) => !parts.some((part) => part.id === one.id));
    if (more.length) added[list] = more;
  }
  const { without: _, changed: __, with: ___, ...rest } = variant;
  const made = {
    ...rest,
    ...(without.length ? { without } : {}),
    ...(Object.keys(changed).length ? { changed } : {}),
    ...(Object.keys(added).length ? { with: added } : {}),
  };
  return made as Variant;
}

/** Members that are other; null for one that is gone. */
function difference(part: Bag, mine: Bag): Bag {
  const keys = [...new Set([...Object.keys(part), ...Object.keys(mine)])];
  const other = keys.filter((key) => JSON.stringify(part[key]) !== JSON.stringify(mine[key]));
  return Object.fromEntries(other.map((key) => [key, mine[key] ?? null]));
}
