import Autocomplete, { createFilterOptions } from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import type { Catalogue } from "../api/types";
import { kindOf, materialOf, useCatalogue } from "../common/catalogue";
import { Swatch } from "../common/Swatch";
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
}

const MOST = 100;
const matching = createFilterOptions<Option>({ limit: MOST, stringify: (option) => `${option.key} ${option.name}` });

interface Option {
  key: string;
  name: string;
  group: string;
  colour: string | null;
}

/** Anything that can be measured out: a material, a recipe of the stores, or water. */
export function AnyMaterialField({ label, value, onChange, width = 260, water, without }: Props) {
  const catalogue = useCatalogue();
  const options = offered(catalogue, water, without);
  return (
    <Autocomplete
      size="small"
      sx={{ width, maxWidth: "100%" }}
      options={options}
      value={options.find((option) => option.key === value) ?? (value ? { key: value, name: plain(value), group: "", colour: null } : null)}
      isOptionEqualToValue={(one, other) => one.key === other.key}
      groupBy={(option) => option.group}
      getOptionLabel={(option) => option.name}
      filterOptions={matching}
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

function offered(catalogue: Catalogue, water = false, without?: string): Option[] {
  const recipes = catalogue.recipes.map(({ key, name, colour }) => ({ key: `mix:${key}`, name, group: "Recipes of yours", colour }));
  const materials = catalogue.materials
    .filter((material) => !material.key.startsWith("mix:"))
    .map(({ key, name, family, colour }) => ({
      key,
      name,
      group: capital(kindOf(catalogue, "families", family)?.name ?? ""),
      colour: colour ?? null,
    }));
  const tap = water ? [{ key: "water", name: "water", group: "From the tap", colour: null }] : [];
  return [...tap, ...recipes, ...materials].filter((option) => option.key !== without);
}

/** What a part of a mix is called. */
export function partName(catalogue: Catalogue, key: string): string {
  if (key === "water") return "water";
  const recipe = key.startsWith("mix:") ? catalogue.recipes.find((one) => `mix:${one.key}` === key) : undefined;
  return recipe?.name ?? materialOf(catalogue, key)?.name ?? plain(key.replace("mix:", ""));
}
