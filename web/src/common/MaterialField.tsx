import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { kindOf, materialOf, useCatalogue } from "./catalogue";
import { capital, plain } from "./words";

interface Props {
  label: string;
  value: string | null;
  /** What the material must be, e.g. "of_forms". */
  trait: string;
  onChange: (key: string) => void;
  width?: number | string;
}

/** A material of the catalogue, by name or key, grouped by family. */
export function MaterialField({ label, value, trait, onChange, width = 200 }: Props) {
  const catalogue = useCatalogue();
  const options = catalogue.materials.filter((material) => material.traits.includes(trait)).map((material) => material.key);
  return (
    <Autocomplete
      size="small"
      sx={{ width }}
      options={options}
      value={value}
      disableClearable={value !== (null as never)}
      groupBy={(key) => capital(kindOf(catalogue, "families", materialOf(catalogue, key)?.family)?.name ?? "")}
      getOptionLabel={(key) => materialOf(catalogue, key)?.name ?? plain(key)}
      onChange={(_, key) => key && onChange(key)}
      filterOptions={(keys, { inputValue }) =>
        keys.filter((key) => `${key} ${materialOf(catalogue, key)?.name}`.toLowerCase().includes(inputValue.toLowerCase()))
      }
      renderInput={(params) => <TextField {...params} label={label} />}
    />
  );
}
