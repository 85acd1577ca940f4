import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { materialOf } from "../../common/catalogue";
import { matching } from "../../common/search";
import { wayWords } from "../../common/words";
import type { FieldProps } from "./fieldEdit";
import { listOf } from "./partFields";

/** A way of working: first those by which such materials are laid, or such parts made, then all others. */
export function TechniqueField({ field, part, pointer, catalogue, own, put, clear }: FieldProps) {
  const of = materialOf(catalogue, part.material)?.family;
  const list = listOf(pointer);
  const fits = (used: string[]) => used.some((one) => one === list || (list !== "features" && one === of));
  const ways = catalogue.techniques;
  const group = (key: string) => (fits(ways.find((way) => way.key === key)?.used_on ?? []) ? "Usual here" : "Others");
  const name = (key: string) => wayWords(ways.find((way) => way.key === key)?.title ?? key);
  const keys = ways.map((way) => way.key).sort((a, b) => group(b).localeCompare(group(a)) || name(a).localeCompare(name(b)));
  return (
    <Autocomplete
      size="small"
      sx={{ width: 260 }}
      options={keys}
      value={(own as string | undefined) ?? null}
      groupBy={group}
      getOptionLabel={name}
      filterOptions={(all, { inputValue }) => matching(all, inputValue, (key) => `${name(key)} ${key.replaceAll("_", " ")}`)}
      onChange={(_, key) => (key ? put(key) : clear())}
      renderInput={(params) => <TextField {...params} label={field.name} placeholder={field.empty ?? "as usual"} />}
    />
  );
}
