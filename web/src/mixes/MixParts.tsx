import IconButton from "@mui/material/IconButton";
import Stack from "@mui/material/Stack";
import type { Recipe } from "../api/types";
import { ColourField } from "../common/ColourField";
import { materialOf, useCatalogue } from "../common/catalogue";
import { NumberField } from "../common/NumberField";
import { AnyMaterialField, type Offered } from "./AnyMaterialField";

type MixPart = Recipe["parts"][number];

interface Props {
  parts: MixPart[];
  onChange: (parts: MixPart[]) => void;
  /** Not to be offered: nothing is a part of itself. */
  without?: string;
  /** Mixes that can be parts of it; recipes of the stores where nothing is said. */
  mixes?: Offered[];
  /** None can be taken out any more where so many are left. */
  least?: number;
}

/** What something is stirred up from: so many parts of each. */
export function MixParts({ parts, onChange, without, mixes, least = 0 }: Props) {
  const catalogue = useCatalogue();
  const change = (index: number, more: Partial<MixPart>) => onChange(parts.map((one, at) => (at === index ? { ...one, ...more } : one)));
  return (
    <Stack sx={{ gap: 1.25 }}>
      {parts.map((one, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: parts are told by their place
        <Stack key={index} direction="row" sx={{ gap: 1, alignItems: "center" }} role="group" aria-label={`Part ${index + 1}`}>
          <NumberField label="Parts" value={one.amount} min={0.001} step={1} width={84} onChange={(amount) => change(index, { amount })} />
          <AnyMaterialField
            label="Of"
            value={one.material}
            water
            without={without}
            mixes={mixes}
            onChange={(material) => change(index, { material })}
            width="100%"
          />
          {materialOf(catalogue, one.material)?.traits.includes("by_colour") && (
            <ColourField
              label={`Colour of part ${index + 1}`}
              value={one.colour ?? materialOf(catalogue, one.material)?.colour ?? "#808080"}
              onChange={(colour) => change(index, { colour })}
            />
          )}
          <IconButton
            aria-label={`Take part ${index + 1} out`}
            disabled={parts.length <= least}
            onClick={() => onChange(parts.filter((_, at) => at !== index))}
          >
            ×
          </IconButton>
        </Stack>
      ))}
      <AnyMaterialField
        key={parts.length}
        label={parts.length ? "Another part" : "The first part"}
        value={null}
        water
        without={without}
        mixes={mixes}
        onChange={(material) => onChange([...parts, { material, amount: 1 }])}
        width="100%"
      />
    </Stack>
  );
}
