import { useSuspenseQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Catalogue, Kind, Material } from "../api/types";
import { isOld, seenOr } from "../bench/lastSeen";

const AGAIN_MS = 5000;

/** What there is to pick from, and every kind with its words. The pages are drawn once it has come; until then it is asked for again and again. */
export function useCatalogue(): Catalogue {
  return useSuspenseQuery({
    queryKey: ["catalogue"],
    queryFn: () => seenOr("catalogue", api.catalogue),
    staleTime: Number.POSITIVE_INFINITY,
    // As it was seen last, it is asked for until it is told anew.
    refetchInterval: ({ state }) => (isOld(state.data) ? AGAIN_MS : false),
    retry: true,
    retryDelay: 1500,
  }).data;
}

export const materialOf = (catalogue: Catalogue, key: string | null | undefined): Material | undefined =>
  catalogue.materials.find((material) => material.key === key);

/** The kinds of a list, like "features", in the order to offer them. */
export const kindsOf = (catalogue: Catalogue, list: string): Kind[] => catalogue.kinds[list] ?? [];

export const kindOf = (catalogue: Catalogue, list: string, key: unknown): Kind | undefined =>
  kindsOf(catalogue, list).find((kind) => kind.key === key);

export const has = (kind: { traits?: string[] } | undefined, trait: string): boolean => kind?.traits?.includes(trait) ?? false;

/** The kind that holds where nobody says. */
export const usualOf = (catalogue: Catalogue, list: string): string => kindsOf(catalogue, list).find((kind) => kind.usual)?.key ?? "";

/** Kinds to choose from: key and name. */
export const choices = (catalogue: Catalogue, list: string): [string, string][] =>
  kindsOf(catalogue, list).map((kind) => [kind.key, kind.name ?? kind.key]);

/** What stands on a base, whichever list it is a kind of. */
export const standingKind = (catalogue: Catalogue, key: string, pointer?: string): Kind | undefined =>
  pointer?.startsWith("/features")
    ? kindOf(catalogue, "features", key)
    : (kindOf(catalogue, "subjects", key) ?? kindOf(catalogue, "features", key));

/** What the trade usually takes, see works.yml: e.g. of "plinth" the material and the thickness. */
export const usualWork = (catalogue: Catalogue, work: string): Kind | undefined => kindOf(catalogue, "works", work);
