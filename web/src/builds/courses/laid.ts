import { api } from "../../api/client";
import type { Catalogue, PatchOperation, PlinthFile } from "../../api/types";
import { kindOf, materialOf } from "../../common/catalogue";
import { soughtBy } from "../../common/search";
import { capital, plain } from "../../common/words";

/** What can be laid as a course; a film of a water medium, too. */
const LAID = ["laid", "fills_water"];
/** Where the browser keeps what was laid last, and how many of them. */
const LATELY = "green-plinth-laid-lately";
const MOST_LATELY = 6;

/** One thing that a course can be of. */
export interface Laid {
  /** A material's key, "mix:ID" of the build or "recipe:KEY" of the stores. */
  key: string;
  name: string;
  group: string;
  colour: string | null;
  /** Everything that it is looked for by. */
  sought: string;
}

/** What a course of this build can be of: what was laid lately, mixes and recipes, then materials by family. */
export function laidOptions(catalogue: Catalogue, file: PlinthFile): Laid[] {
  const mixes = file.mixes ?? [];
  const mixed = mixes.map(({ id, name, colour }) => one(`mix:${id}`, name ?? plain(id), "Mixes of this build", colour));
  const recipes = catalogue.recipes
    .filter((recipe) => !mixes.some((mix) => mix.recipe === recipe.key))
    .map(({ key, name, colour }) => one(`recipe:${key}`, name, "Recipes of yours", colour));
  const materials = catalogue.materials
    .filter((material) => LAID.some((trait) => material.traits.includes(trait)))
    .map((material) => ({
      ...one(material.key, material.name, capital(kindOf(catalogue, "families", material.family)?.name ?? ""), material.colour),
      sought: soughtBy(material),
    }));
  const all = [...mixed, ...recipes, ...materials];
  const lately = lastLaid().flatMap((key) =>
    all.filter((option) => option.key === key).map((option) => ({ ...option, group: "Laid lately" })),
  );
  return [...lately, ...all.filter((option) => !lately.some((late) => late.key === option.key))];
}

const one = (key: string, name: string, group: string, colour?: string | null): Laid => ({
  key,
  name,
  group,
  colour: colour ?? null,
  sought: name,
});

/** What a course is called by what it is of. */
export function laidName(catalogue: Catalogue, file: PlinthFile, key: string): string {
  const mix = (file.mixes ?? []).find((one) => `mix:${one.id}` === key);
  return mix?.name ?? materialOf(catalogue, key)?.name ?? plain(key.replace("mix:", ""));
}

/** The material that a course is given, and what makes it known to the build: a recipe is copied into it, so that its file stands alone. */
export async function laidAs(id: number, key: string): Promise<{ material: string; patch: PatchOperation[] }> {
  noteLaid(key);
  return key.startsWith("recipe:") ? api.recipeCopied(id, key.replace("recipe:", "")) : { material: key, patch: [] };
}

function lastLaid(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(LATELY) ?? "[]");
    return Array.isArray(kept) ? kept.filter((key) => typeof key === "string") : [];
  } catch {
    return [];
  }
}

function noteLaid(key: string) {
  try {
    localStorage.setItem(LATELY, JSON.stringify([key, ...lastLaid().filter((other) => other !== key)].slice(0, MOST_LATELY)));
  } catch {
    // Where the browser keeps nothing, nothing is remembered.
  }
}
