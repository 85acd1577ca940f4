import Button from "@mui/material/Button";
import FormControlLabel from "@mui/material/FormControlLabel";
import Stack from "@mui/material/Stack";
import Switch from "@mui/material/Switch";
import TextField from "@mui/material/TextField";
import type { PlinthFile } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { FieldRows } from "../inspector/FieldRows";
import { named } from "../inspector/partFields";
import { useBuildSession, useFile } from "../useSession";

type Limits = NonNullable<PlinthFile["limits"]>;
type Place = NonNullable<Limits["fit_in"]>[number];

const SIZES = ["fit_width_mm", "fit_depth_mm", "fit_height_mm", "fit_mass_g"];
const CHANGED = "what it must fit";

/** Cases, shelves, tables and boxes that the finished thing must go into. */
export function MustFit() {
  const session = useBuildSession();
  const file = useFile();
  const catalogue = useCatalogue();
  const sizes = named(catalogue, SIZES);
  const places: Place[] = file.limits?.fit_in ?? [];
  const limit = <Key extends keyof Limits>(label: string, key: Key, value: Limits[Key]) =>
    session.edit(label, [
      file.limits ? { op: "add", path: `/limits/${key}`, value } : { op: "add", path: "/limits", value: { [key]: value } },
    ]);
  return (
    <Stack sx={{ gap: 1, width: "100%" }}>
      {places.map((place, index) => {
        const pointer = `/limits/fit_in/${index}`;
        return (
          <Stack key={pointer} direction="row" sx={{ gap: 1, flexWrap: "wrap" }}>
            <TextField
              key={place.name}
              label="Goes into"
              defaultValue={place.name}
              sx={{ width: 190 }}
              onBlur={({ target }) => {
                const name = target.value.trim();
                if (name && name !== place.name) session.edit(`Change ${CHANGED}`, [{ op: "add", path: `${pointer}/name`, value: name }]);
              }}
              slotProps={{ htmlInput: { maxLength: 60 } }}
            />
            <FieldRows fields={sizes} part={place} pointer={pointer} called={CHANGED} />
            <Button onClick={() => session.edit(`Drop ${CHANGED}`, [{ op: "remove", path: pointer }])}>Drop</Button>
          </Stack>
        );
      })}
      <Button sx={{ alignSelf: "flex-start" }} onClick={() => limit("Say what it must fit", "fit_in", [...places, { name: "the case" }])}>
        It must go into a case, a shelf or a box
      </Button>
      <FormControlLabel
        label={named(catalogue, ["travels"])[0]?.name}
        control={
          <Switch
            checked={file.limits?.travels ?? false}
            onChange={({ target }) => limit("Say whether it travels", "travels", target.checked)}
          />
        }
      />
    </Stack>
  );
}
