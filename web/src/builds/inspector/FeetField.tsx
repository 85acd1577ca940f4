import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { Point } from "../../api/types";
import { NumberField } from "../../common/NumberField";
import { FieldRows } from "./FieldRows";
import type { FieldProps } from "./fieldEdit";
import { fieldsOf } from "./partFields";

interface Foot {
  at_mm: Point;
  area_mm2?: number;
}

/** Where feet, wheels or tracks touch, from the footprint's middle: nothing is built there. */
export function FeetField({ field, catalogue, pointer, own, put, clear }: FieldProps) {
  const feet = (own as Foot[] | undefined) ?? [];
  const change = (next: Foot[]) => (next.length ? put(next) : clear());
  const move = (index: number, at_mm: Point) => change(feet.map((foot, i) => (i === index ? { ...foot, at_mm } : foot)));
  const shape = { unit: field.unit, step: field.step, width: 118 };
  return (
    <Stack sx={{ gap: 0.75 }}>
      <Stack direction="row" sx={{ alignItems: "center", gap: 1 }}>
        <Typography sx={{ fontWeight: 600 }}>{field.name}</Typography>
        <Button size="small" onClick={() => change([...feet, { at_mm: [feet.length * 4, 0] }])}>
          Add a foot
        </Button>
      </Stack>
      {feet.map(({ at_mm: [x, y] }, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: feet have no names
        <Stack key={index} direction="row" sx={{ gap: 1 }}>
          <NumberField {...shape} label="Foot, across" value={x} onChange={(value) => move(index, [value, y])} />
          <NumberField {...shape} label="Foot, depth" value={y} onChange={(value) => move(index, [x, value])} />
          <FieldRows
            fields={fieldsOf(catalogue, "feet", feet[index])}
            part={feet[index]}
            pointer={`${pointer}/feet/${index}`}
            called="a foot"
          />
          <Button size="small" onClick={() => change(feet.filter((_, i) => i !== index))} aria-label={`Take out foot ${index + 1}`}>
            Take out
          </Button>
        </Stack>
      ))}
    </Stack>
  );
}
