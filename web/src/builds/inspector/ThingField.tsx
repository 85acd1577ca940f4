import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { useCatalogue } from "../../common/catalogue";
import { capital, plain } from "../../common/words";

interface Props {
  label: string;
  value: string | null | undefined;
  onChange: (key: string) => void;
  onClear: () => void;
  /** Only what is laid in numbers: bricks, setts, planks. */
  laid?: boolean;
}

/** What of life a part stands for. */
export function ThingField({ label, value, onChange, onClear, laid = false }: Props) {
  const { things } = useCatalogue();
  const name = (key: string) => {
    const thing = things.find((one) => one.key === key);
    return capital(thing?.label ?? thing?.name ?? plain(key));
  };
  return (
    <Autocomplete
      size="small"
      sx={{ width: 200 }}
      options={things.filter((thing) => !laid || thing.laid).map((thing) => thing.key)}
      value={value ?? null}
      getOptionLabel={name}
      onChange={(_, key) => (key ? onChange(key) : onClear())}
      renderInput={(params) => <TextField {...params} label={label} />}
    />
  );
}
