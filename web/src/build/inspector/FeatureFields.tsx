import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { Outline } from "../../api/types";
import { Choice } from "../../common/Choice";
import { LifeField } from "../../common/LifeField";
import { MaterialField } from "../../common/MaterialField";
import { NumberField } from "../../common/NumberField";
import { count, short } from "../../common/words";
import { useBuild, useFile } from "../useSession";
import type { PartFields } from "./fields";
import { HeightAndMass } from "./HeightAndMass";
import { ThingField } from "./ThingField";

const KINDS = [
  "wall",
  "fence",
  "road",
  "track",
  "bridge",
  "building",
  "steps",
  "kerb",
  "tree",
  "bush",
  "hedge",
  "rock",
  "log",
  "roots",
  "debris",
  "prop",
  "sign",
  "plaque",
  "ruts",
  "light",
].map((kind) => [kind, kind] as const);
/** Made of repeated pieces. */
const BUILT = ["wall", "fence", "road", "track", "bridge", "building", "steps", "kerb"];
const GROWN = ["tree", "bush"];

interface Props extends PartFields {
  pointer: string;
  clear: (key: string) => void;
}

/** Hard scenery and foliage: kind, height, mass, what it stands for, the unit it is built of and how many that takes. */
export function FeatureFields({ part, pointer, put, clear }: Props) {
  const ratio = useFile().scale;
  const units = useBuild().evaluation.units.find((unit) => unit.where === `${pointer}/unit`);
  const outline = part.outline as Outline | undefined;
  return (
    <>
      <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1 }}>
        <Choice label="Kind" width={118} value={part.kind} options={KINDS} onChange={(kind) => put("kind", kind)} />
        <HeightAndMass part={part} put={put} clear={clear} />
        {outline?.kind === "strip" && (
          <LifeField
            label="Wide in life"
            value={outline.width_mm}
            ratio={ratio}
            onChange={(value) => put("outline", { ...outline, width_mm: value }, "Resize")}
          />
        )}
        {GROWN.includes(part.kind) && (
          <NumberField
            label="Crown"
            unit="mm"
            min={0.1}
            step={5}
            width={104}
            value={part.crown_mm}
            onChange={(value) => put("crown_mm", value)}
          />
        )}
        {part.kind === "track" && (
          <NumberField
            label="Gauge"
            unit="mm"
            min={0.1}
            step={0.5}
            width={104}
            value={part.gauge_mm}
            onChange={(value) => put("gauge_mm", value)}
          />
        )}
        <ThingField
          label="Stands for"
          value={part.represents}
          onChange={(key) => put("represents", key)}
          onClear={() => clear("represents")}
        />
        <MaterialField
          label="Made of"
          families={["bulk", "grain", "greenery", "paste", "fixing"]}
          value={part.material ?? null}
          width={200}
          onChange={(key) => put("material", key)}
        />
        {BUILT.includes(part.kind) && (
          <ThingField
            label="Built of"
            value={part.unit?.represents}
            laid
            onChange={(key) => put("unit", { represents: key })}
            onClear={() => clear("unit")}
          />
        )}
      </Stack>
      {units && (
        <Typography variant="body2" data-testid="unit-count">
          <b>{count(units.count, "piece")}</b>: {units.name} {units.of}, each{" "}
          {units.size_mm.map((side) => (side === null ? "?" : short(side))).join(" × ")} mm with {short(units.joint_mm)} mm between. Make{" "}
          {units.to_get}, for waste and spares.
        </Typography>
      )}
    </>
  );
}
