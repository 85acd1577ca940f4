import { LifeField } from "../../common/LifeField";
import { NumberField } from "../../common/NumberField";
import { useFile } from "../useSession";
import type { PartFields } from "./fields";

/** How tall and how heavy something that stands is; unknown until typed. */
export function HeightAndMass({ part, put, clear }: PartFields & { clear: (key: string) => void }) {
  const ratio = useFile().scale;
  return (
    <>
      <NumberField
        label="Height"
        unit="mm"
        min={0}
        step={1}
        width={104}
        value={part.height_mm}
        onChange={(value) => put("height_mm", value)}
        onClear={() => clear("height_mm")}
      />
      <LifeField label="in life" value={part.height_mm} ratio={ratio} onChange={(value) => put("height_mm", value)} />
      <NumberField
        label="Mass"
        unit="g"
        min={0}
        step={1}
        width={104}
        value={part.mass_g}
        onChange={(value) => put("mass_g", value)}
        onClear={() => clear("mass_g")}
      />
    </>
  );
}
