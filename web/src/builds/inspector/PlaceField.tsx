import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import type { Point } from "../../api/types";
import { NumberField } from "../../common/NumberField";
import type { FieldProps } from "./fieldEdit";

/** Where something stands: across and in depth. */
export function PlaceField({ field, own, put }: FieldProps) {
  const [x, y] = (own as Point | undefined) ?? [0, 0];
  const shape = { unit: field.unit, step: field.step, width: 132 };
  return (
    <>
      <NumberField {...shape} label={`${field.name}, across`} value={x} onChange={(value) => put([value, y])} />
      <NumberField {...shape} label={`${field.name}, depth`} value={y} onChange={(value) => put([x, value])} />
    </>
  );
}

/** How it is turned, and the turns that such things are lined up to. */
export function TurnField({ field, shown, put }: FieldProps) {
  return (
    <>
      <NumberField
        label={field.name}
        unit={field.unit}
        step={field.step}
        width={104}
        value={shown as number}
        onChange={(value) => put(((value % 360) + 360) % 360)}
      />
      <Stack direction="row" role="group" aria-label="Line up" sx={{ alignItems: "center" }}>
        {(field.lined_up ?? []).map((deg) => (
          <Button key={deg} size="small" onClick={() => put(deg, "Line up")} sx={{ minWidth: 36, px: 0.5 }}>
            {deg}°
          </Button>
        ))}
      </Stack>
    </>
  );
}
