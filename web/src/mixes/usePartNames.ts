import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { useCatalogue } from "../common/catalogue";
import { partName } from "./AnyMaterialField";

/** A part of a recipe, or of a card: there one half of a product, or water, has a name alone. */
type Part = { material: string | null; colour?: string | null; name?: string };

/** What parts are called: a paint as its label in the stores has it, anything else as the catalogue has it. */
export function usePartNames(): (part: Part) => string {
  const catalogue = useCatalogue();
  const { data } = useQuery({ queryKey: ["stores"], queryFn: api.stores });
  const labels = new Map((data?.jars ?? []).map((jar) => [`${jar.jar.material}${jar.jar.colour?.toLowerCase()}`, jar.name]));
  return ({ material, colour, name }) =>
    (colour && labels.get(`${material}${colour.toLowerCase()}`)) || name || (material ? partName(catalogue, material) : "");
}
