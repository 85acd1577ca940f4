import Stack from "@mui/material/Stack";
import { useEffect, useState } from "react";
import { NumberField } from "../../common/NumberField";
import type { FieldProps } from "./fieldEdit";

/** Numbers that are only given together, like a place in space: kept once there are enough of them, none is made up. */
export function NumbersField({ field, own, put, clear }: FieldProps) {
  const ends = field.ends ?? [];
  const least = field.ends_least ?? ends.length;
  const held = own as number[] | undefined;
  const [typed, setTyped] = useState<(number | undefined)[]>(held ?? []);
  useEffect(() => setTyped(held ?? []), [held]);
  function change(index: number, value: number | undefined) {
    const next = ends.map((_, at) => (at === index ? value : typed[at]));
    setTyped(next);
    const given = next.indexOf(undefined);
    const first = given < 0 ? next : next.slice(0, given);
    if (first.length >= least) put(first);
    else if (held) clear();
  }
  return (
    <Stack direction="row" sx={{ gap: 1 }}>
      {ends.map((end, index) => (
        <NumberField
          key={end}
          label={`${field.name}, ${end}`}
          unit={field.unit}
          min={field.least}
          step={field.step}
          width={118}
          value={typed[index]}
          onChange={(value) => change(index, value)}
          onClear={field.optional ? () => change(index, undefined) : undefined}
        />
      ))}
    </Stack>
  );
}
