import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import type { Catalogue } from "../api/types";
import { kindOf, materialOf, useCatalogue } from "../common/catalogue";
import { Swatch } from "../common/Swatch";
import { matching, soughtBy } from "../common/search";
import { capital, plain } from "../common/words";

interface Props {
  label: string;
  value: string | null;
  onChange: (key: string) => void;
  width?: number | string;
  /** What every tap gives can be a part of a mix. */
  water?: boolean;
  /** Not to be offered: a recipe is no part of itself. */
  without?: string;
  /** Mixes in place of the recipes of the stores. */
  mixes?: Offered[];
}

/** A mix that can be a part of another one. */
export interface Offered {
  key: string;
  name: string;
  colour: string | null;
}

const MOST = 100;
interface Option {
  key: string;
  name: string;
  group: string;
  colour: string | null;
  sought: string;
}

/** Anything that can be measured out: a material, a recipe of the stores, or water. */
export function AnyMaterialField({ label, value, onChange, width = 260, water, without, mixes }: Props) {
  const catalogue = useCatalogue();
  const options = offered(catalogue, water, without, mixes);
  return (
    <Autocomplete
      size="small"
      sx={{ width, maxWidth: "100%" }}
      options={options}
      value={
        options.find((option) => option.key === value) ??
        (value ? { key: value, name: plain(value), group: "", colour: null, sought: "" } : null)
      }
      isOptionEqualToValue={(one, other) => one.key === other.key}
      groupBy={(option) => option.group}
      getOptionLabel={(option) => option.name}
      filterOptions={(all, { inputValue }) => matching(all, inputValue, (option) => option.sought).slice(0, MOST)}
      onChange={(_, option) => option && onChange(option.key)}
      renderOption={({ key, ...props }, option) => (
        <Box component="li" key={key} {...props} sx={{ gap: 1 }}>
          <Swatch colour={option.colour} width={20} height={16} />
          {option.name}
        </Box>
      )}
      renderInput={(params) => <TextField {...params} label={label} />}
    />
  );
}

function offered(catalogue: Catalogue, water = false, without?: string, mixes?: Offered[]): Option[] {
  const recipes = (mixes ?? catalogue.recipes.map((recipe) => ({ ...recipe, key: `mix:${recipe.key}` }))).map(({ key, name, colour }) => ({
    key,
    name,
    group: mixes ? "Mixes of this build" : "Recipes of yours",
    colour,
    sought: name,
  }));
  const materials = catalogue.materials
    .filter((material) => !material.key.startsWith("mix:"))
    .map((material) => ({
      key: material.key,
      name: material.name,
      group: capital(kindOf(catalogue, "families", material.family)?.name ?? ""),
      colour: material.colour ?? null,
      sought: soughtBy(material),
    }));
  const tap = water ? [{ key: "water", name: "water", group: "From the tap", colour: null, sought: "water tap" }] : [];
  return [...tap, ...recipes, ...materials].filter((option) => option.key !== without);
}

/** What a part of a mix is called. */
export function partName(catalogue: Catalogue, key: string): string {
  if (key === "water") return "water";
  const recipe = key.startsWith("mix:") ? catalogue.recipes.find((one) => `mix:${one.key}` === key) : undefined;
  return recipe?.name ?? materialOf(catalogue, key)?.name ?? plain(key.replace("mix:", ""));
}
