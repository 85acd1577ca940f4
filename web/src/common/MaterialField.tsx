import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { kindOf, materialOf, useCatalogue } from "./catalogue";
import { matching, soughtBy } from "./search";
import { capital, plain } from "./words";

interface Props {
  label: string;
  value: string | null;
  /** What the material must be, e.g. "of_forms". */
  trait: string;
  onChange: (key: string) => void;
  /** What an emptied field means; without it, some material always holds. */
  onClear?: () => void;
  width?: number | string;
}

/** A material of the catalogue, by name or key, grouped by family. */
export function MaterialField({ label, value, trait, onChange, onClear, width = 200 }: Props) {
  const catalogue = useCatalogue();
  const options = catalogue.materials.filter((material) => material.traits.includes(trait)).map((material) => material.key);
  return (
    <Autocomplete
      size="small"
      sx={{ width }}
      options={options}
      value={value}
      disableClearable={(value !== null && !onClear) as false}
      groupBy={(key) => capital(kindOf(catalogue, "families", materialOf(catalogue, key)?.family)?.name ?? "")}
      getOptionLabel={(key) => materialOf(catalogue, key)?.name ?? plain(key)}
      onChange={(_, key) => (key ? onChange(key) : onClear?.())}
      filterOptions={(keys, { inputValue }) => matching(keys, inputValue, (key) => soughtBy(materialOf(catalogue, key)))}
      renderInput={(params) => <TextField {...params} label={label} />}
    />
  );
}
