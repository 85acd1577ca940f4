type Bag = Record<string, unknown>;

/** The member of an entry at a place with slashes: pack/amount. */
export const memberOf = (entry: Bag, at: string): unknown =>
  at.split("/").reduce<unknown>((value, key) => (value as Bag | undefined)?.[key], entry);

/** The entry with another value there; what holds nothing any more is left out. */
export function withMember(entry: Bag, at: string, value: unknown): Bag {
  const [key, ...rest] = at.split("/");
  const next = rest.length ? withMember((entry[key] as Bag | undefined) ?? {}, rest.join("/"), value) : value;
  const empty = next === undefined || (typeof next === "object" && next !== null && !Array.isArray(next) && !Object.keys(next).length);
  const { [key]: _, ...others } = entry;
  return empty ? others : { ...entry, [key]: next };
}
