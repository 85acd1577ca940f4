import { NumberField } from "./NumberField";

const MM_PER_M = 1000;

interface Props {
  label: string;
  /** mm of the model. */
  value: number | null | undefined;
  ratio: number;
  onChange: (mm: number) => void;
  width?: number;
}

/** The same length as the millimetre field beside it, in metres of life: a change of unit, as inches are. */
export function LifeField({ label, value, ratio, onChange, width = 112 }: Props) {
  const metres = value === null || value === undefined ? value : (value * ratio) / MM_PER_M;
  return (
    <NumberField
      label={label}
      unit="m"
      min={0.001}
      step={0.1}
      width={width}
      value={metres}
      onChange={(typed) => onChange(Number(((typed * MM_PER_M) / ratio).toFixed(2)))}
    />
  );
}
