import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Catalogue, Material } from "../api/types";

const EMPTY: Catalogue = {
  materials: [],
  techniques: [],
  grounds: [],
  things: [],
  plinths: [],
  railways: [],
  own: { materials: [], techniques: [] },
};

/** What there is to pick from; empty until it has come. */
export function useCatalogue(): Catalogue {
  return useQuery({ queryKey: ["catalogue"], queryFn: api.catalogue, staleTime: Number.POSITIVE_INFINITY }).data ?? EMPTY;
}

export function materialOf(catalogue: Catalogue, key: string | null | undefined): Material | undefined {
  return catalogue.materials.find((material) => material.key === key);
}
