import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Recipe } from "../api/types";
import { useCatalogue } from "../common/catalogue";
import { partName } from "./AnyMaterialField";

type Part = Pick<Recipe["parts"][number], "material" | "colour">;

/** What parts are called: a paint as its label in the stores has it, anything else as the catalogue has it. */
export function usePartNames(): (part: Part) => string {
  const catalogue = useCatalogue();
  const { data } = useQuery({ queryKey: ["stores"], queryFn: api.stores });
  const labels = new Map((data?.jars ?? []).map((jar) => [`${jar.jar.material}${jar.jar.colour?.toLowerCase()}`, jar.name]));
  return ({ material, colour }) => (colour && labels.get(`${material}${colour.toLowerCase()}`)) || partName(catalogue, material);
}
