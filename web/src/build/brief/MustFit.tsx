import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import type { PatchOperation, PlinthFile } from "../../api/types";
import { NumberField } from "../../common/NumberField";

type Place = NonNullable<NonNullable<PlinthFile["limits"]>["fit_in"]>[number];

const SIZES = [
  ["width_mm", "Wide", "mm"],
  ["depth_mm", "Deep", "mm"],
  ["height_mm", "High", "mm"],
  ["mass_g", "Carries", "g"],
] as const;

/** Cases, shelves, tables and boxes that the finished thing must go into. */
export function MustFit({ file, onChange }: { file: PlinthFile; onChange: (label: string, patch: PatchOperation[]) => void }) {
  const places: Place[] = file.limits?.fit_in ?? [];
  const put = (label: string, next: Place[]) =>
    onChange(label, [
      file.limits ? { op: "add", path: "/limits/fit_in", value: next } : { op: "add", path: "/limits", value: { fit_in: next } },
    ]);
  const change = (index: number, change: Partial<Place>) =>
    put(
      "Change what it must fit",
      places.map((place, i) => (i === index ? { ...place, ...change } : place)),
    );
  return (
    <Stack sx={{ gap: 1, width: "100%" }}>
      {places.map((place, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: places may share a name
        <Stack key={index} direction="row" sx={{ gap: 1, flexWrap: "wrap" }}>
          <TextField
            label="Goes into"
            defaultValue={place.name}
            sx={{ width: 190 }}
            onBlur={(event) =>
              event.target.value.trim() && event.target.value !== place.name && change(index, { name: event.target.value.trim() })
            }
            slotProps={{ htmlInput: { maxLength: 60 } }}
          />
          {SIZES.map(([key, label, unit]) => (
            <NumberField
              key={key}
              label={label}
              unit={unit}
              min={0.1}
              step={5}
              width={112}
              value={place[key]}
              empty="any"
              onChange={(value) => change(index, { [key]: value })}
            />
          ))}
          <Button
            onClick={() =>
              put(
                "Drop what it must fit",
                places.filter((_, i) => i !== index),
              )
            }
          >
            Drop
          </Button>
        </Stack>
      ))}
      <Button sx={{ alignSelf: "flex-start" }} onClick={() => put("Say what it must fit", [...places, { name: "the case" }])}>
        It must go into a case, a shelf or a box
      </Button>
    </Stack>
  );
}
