import type { Catalogue, Field, PatchOperation } from "../../api/types";
import { kindOf, materialOf, usualOf, usualWork } from "../../common/catalogue";

/** A part as it stands in the file: of any kind, the schema holds its shape. */
// biome-ignore lint/suspicious/noExplicitAny: of any kind
export type Part = Record<string, any>;

/** Which list of the file a part is in: "/forms/2" → "forms". */
export const listOf = (pointer: string): string => pointer.split("/")[1];

/** The fields a part has, in order: what every part of its list has, and after each choice those of what is chosen. */
export function fieldsOf(catalogue: Catalogue, list: string, part: Part): Field[] {
  const record = catalogue.parts.find((one) => one.key === list);
  if (!record) return [];
  const common = named(catalogue, record.fields);
  const chosen = common.some((field) => field.kinds === record.kinds);
  const own = chosen || !record.kinds ? [] : named(catalogue, kindOf(catalogue, record.kinds, part.kind)?.fields ?? []);
  return [...own, ...common].flatMap((field) => withChosen(catalogue, field, part));
}

/** The fields of a part that are seldom asked. */
export function moreOf(catalogue: Catalogue, list: string, part: Part): Field[] {
  const keys = catalogue.parts.find((one) => one.key === list)?.more ?? [];
  const said = fieldsOf(catalogue, list, part).map((field) => field.key);
  return named(catalogue, keys).filter((field) => !said.includes(field.key) && (!field.with || part[field.with] !== undefined));
}

export const named = (catalogue: Catalogue, keys: string[]): Field[] =>
  keys.flatMap((key) => catalogue.fields.find((field) => field.key === key) ?? []);

function withChosen(catalogue: Catalogue, field: Field, part: Part): Field[] {
  if (field.as !== "choice" || !field.kinds) return [field];
  const chosen = kindOf(catalogue, field.kinds, valueIn(field, part) ?? usualOf(catalogue, field.kinds));
  return [field, ...named(catalogue, chosen?.fields ?? [])];
}

const placeOf = (field: Field): string[] => (field.at ?? (field.key as string)).split("/");

/** What the part says; undefined where it says nothing. */
export const valueIn = (field: Field, part: Part): unknown => deep(part, placeOf(field));

/** What the part says, or what holds where it says nothing. */
export function shownIn(catalogue: Catalogue, field: Field, part: Part): unknown {
  const own = valueIn(field, part);
  if (own !== undefined) return own;
  if (field.kinds && !field.open) return usualOf(catalogue, field.kinds);
  if (field.usual_work) return valueIn(field, usualWork(catalogue, field.usual_work) ?? {});
  if (!field.usual_from) return field.usual;
  const [member, figure] = field.usual_from;
  return (materialOf(catalogue, part[member]) as Part | undefined)?.[figure];
}

/** The change that gives the member a value: what holds it is made where it is not there yet. */
export function setPatch(catalogue: Catalogue, field: Field, part: Part, path: string, value: unknown): PatchOperation[] {
  const place = placeOf(field);
  if (field.anew) return [{ op: "add", path: `${path}/${place[0]}`, value: madeAnew(catalogue, field, part, place, value) }];
  let there = 1;
  while (there < place.length && deep(part, place.slice(0, there)) !== undefined) there += 1;
  const begun = there < place.length ? (field.start ?? {}) : {};
  const whole = place.slice(there).reduceRight<unknown>((inner, key, at) => ({ ...(at === 0 ? begun : {}), [key]: inner }), value);
  return [{ op: "add", path: `${path}/${place.slice(0, there).join("/")}`, value: whole }];
}

/** Made anew, it keeps of the old one only what the chosen record starts with. */
function madeAnew(catalogue: Catalogue, field: Field, part: Part, [member, leaf]: string[], value: unknown): Part {
  const held = part[member] as Part | undefined;
  const start = (field.kinds && kindOf(catalogue, field.kinds, value)?.start) || field.start || {};
  const kept = Object.fromEntries(Object.entries(start).map(([key, usual]) => [key, held?.[key] ?? usual]));
  return { ...kept, [leaf]: value };
}

/** The change that leaves the member out; nothing where it is not there. What then holds nothing any more goes with it. */
export function clearPatch(field: Field, part: Part, path: string): PatchOperation[] {
  if (valueIn(field, part) === undefined) return [];
  const place = placeOf(field);
  let left = field.anew ? 1 : place.length;
  while (left > 1 && Object.keys(deep(part, place.slice(0, left - 1)) as Part).length === 1) left -= 1;
  return [{ op: "remove", path: `${path}/${place.slice(0, left).join("/")}` }];
}

const deep = (part: Part, place: string[]): unknown => place.reduce<unknown>((value, key) => (value as Part | undefined)?.[key], part);
