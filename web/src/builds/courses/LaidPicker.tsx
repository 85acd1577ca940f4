import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { useCatalogue } from "../../common/catalogue";
import { Swatch } from "../../common/Swatch";
import { matching } from "../../common/search";
import { useFile } from "../useSession";
import { laidName, laidOptions } from "./laid";

interface Props {
  label: string;
  value: string | null;
  onChange: (key: string, name: string) => void;
  placeholder?: string;
  width?: number | string;
}

/** Picks what a course is of, by name, by everyday words or by use. */
export function LaidPicker({ label, value, onChange, placeholder, width = "100%" }: Props) {
  const catalogue = useCatalogue();
  const file = useFile();
  const options = laidOptions(catalogue, file);
  const held = value === null ? null : (options.find((option) => option.key === value) ?? unknown(value, laidName(catalogue, file, value)));
  return (
    <Autocomplete
      size="small"
      sx={{ width }}
      options={options}
      value={held as NonNullable<typeof held>}
      disableClearable
      blurOnSelect
      clearOnBlur
      groupBy={(option) => option.group}
      getOptionLabel={(option) => option.name}
      getOptionKey={(option) => option.key}
      isOptionEqualToValue={(option, other) => option.key === other.key}
      filterOptions={(all, { inputValue }) => matching(all, inputValue === held?.name ? "" : inputValue, (option) => option.sought)}
      onChange={(_, option) => onChange(option.key, option.name)}
      renderOption={({ key, ...props }, option) => (
        <Box component="li" key={key} {...props} sx={{ gap: 1 }}>
          <Swatch colour={option.colour} width={20} height={16} />
          {option.name}
        </Box>
      )}
      renderInput={(params) => <TextField {...params} label={label} placeholder={placeholder} />}
    />
  );
}

const unknown = (key: string, name: string) => ({ key, name, group: "", colour: null, sought: name });
