import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import type { PlinthFile, Recipe } from "../api/types";
import { ColourField } from "../common/ColourField";
import { NumberField } from "../common/NumberField";

/** A recipe of the stores, or a mix of a build. */
export type Mixed = Pick<Recipe, "measured" | "colour"> & Pick<NonNullable<PlinthFile["mixes"]>[number], "measured" | "colour">;

const MEASURES = [
  ["dry_h", "Dry through after", "h"],
  ["open_min", "Workable for", "min"],
  ["density_g_ml", "Weighs", "g/ml"],
  ["layer_mm", "Spread", "mm"],
  ["shrinkage_pct", "Shrinks by", "%"],
] as const;

interface MeasuredProps {
  mix: Mixed;
  /** What its colour is forecast to be. */
  forecast: string | null | undefined;
  onChange: (more: Partial<Mixed>) => void;
}

/** What the maker found out of a mix: it stands before what is derived from the parts. */
export function Measured({ mix, forecast, onChange }: MeasuredProps) {
  const put = (name: string, value: number | undefined) => {
    const { [name]: _, ...rest } = (mix.measured ?? {}) as Record<string, number>;
    const next = value === undefined ? rest : { ...rest, [name]: value };
    onChange({ measured: Object.keys(next).length ? next : undefined });
  };
  return (
    <Stack direction="row" sx={{ gap: 1.25, flexWrap: "wrap", alignItems: "center" }}>
      {MEASURES.map(([name, label, unit]) => (
        <NumberField
          key={name}
          label={label}
          unit={unit}
          value={mix.measured?.[name]}
          min={0.001}
          step={1}
          empty="derived"
          width={142}
          onChange={(value) => put(name, value)}
          onClear={() => put(name, undefined)}
        />
      ))}
      {mix.colour ? (
        <>
          <ColourField label="Colour, dry" value={mix.colour} onChange={(colour) => onChange({ colour })} />
          <Button onClick={() => onChange({ colour: undefined })}>Colour as forecast</Button>
        </>
      ) : (
        <Button variant="outlined" onClick={() => onChange({ colour: forecast ?? "#808080" })}>
          Colour of a dry swatch
        </Button>
      )}
    </Stack>
  );
}
