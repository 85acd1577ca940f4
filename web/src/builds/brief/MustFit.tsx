import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import type { PlinthFile } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { FieldRows } from "../inspector/FieldRows";
import { named } from "../inspector/partFields";
import { useBuildSession, useFile } from "../useSession";

type Place = NonNullable<NonNullable<PlinthFile["limits"]>["fit_in"]>[number];

const SIZES = ["fit_width_mm", "fit_depth_mm", "fit_height_mm", "fit_mass_g"];
const CHANGED = "what it must fit";

/** Cases, shelves, tables and boxes that the finished thing must go into. */
export function MustFit() {
  const session = useBuildSession();
  const file = useFile();
  const sizes = named(useCatalogue(), SIZES);
  const places: Place[] = file.limits?.fit_in ?? [];
  const add = () => {
    const next = [...places, { name: "the case" }];
    session.edit("Say what it must fit", [
      file.limits ? { op: "add", path: "/limits/fit_in", value: next } : { op: "add", path: "/limits", value: { fit_in: next } },
    ]);
  };
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
      <Button sx={{ alignSelf: "flex-start" }} onClick={add}>
        It must go into a case, a shelf or a box
      </Button>
    </Stack>
  );
}
