import Stack from "@mui/material/Stack";
import { NumberField } from "../../common/NumberField";
import type { FieldProps } from "./fieldEdit";

/** From the least to the most: two numbers, the second never below the first. */
export function RangeField({ field, own, put, clear }: FieldProps) {
  const range = own as [number, number] | undefined;
  return (
    <Stack direction="row" sx={{ gap: 1 }}>
      {["from", "to"].map((end, index) => (
        <NumberField
          key={end}
          label={`${field.name} ${end}`}
          empty={field.empty}
          unit={field.unit}
          min={field.least}
          step={field.step}
          width={118}
          value={range?.[index]}
          onChange={(value) => {
            const [from, to] = range ?? [value, value];
            put(index === 0 ? [value, Math.max(to, value)] : [Math.min(from, value), value]);
          }}
          onClear={range && clear}
        />
      ))}
    </Stack>
  );
}
