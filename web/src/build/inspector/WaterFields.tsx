import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Pool } from "../../api/types";
import { MaterialField } from "../../common/MaterialField";
import { NumberField } from "../../common/NumberField";
import { useCatalogue } from "../../common/useCatalogue";
import { count, mm, short, span } from "../../common/words";
import { useBuild } from "../useSession";
import type { PartFields } from "./fields";

/** A water: its level, medium and layers, and what it comes to. */
export function WaterFields({ part, pointer, put, clear }: PartFields & { pointer: string; clear: (key: string) => void }) {
  const { evaluation } = useBuild();
  const { materials } = useCatalogue();
  const pool = evaluation.waters.find((water) => water.id === part.id);
  const medium = materials.find((material) => material.key === part.medium);
  return (
    <>
      <LevelSlider
        value={part.level_mm}
        low={Math.floor(evaluation.relief.min_height_mm)}
        high={Math.ceil(evaluation.relief.max_height_mm)}
        onChange={(value) => put("level_mm", value, "Level of")}
        key={pointer}
      />
      <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1 }}>
        <NumberField
          label="Level"
          unit="mm"
          step={0.2}
          width={110}
          value={part.level_mm}
          onChange={(value) => put("level_mm", value, "Level of")}
          onClear={() => clear("level_mm")}
        />
        <MaterialField
          label="Medium"
          families={["water"]}
          width={200}
          value={materials.length ? part.medium : null}
          onChange={(key) => put("medium", key)}
        />
        <NumberField
          label="Deepest layer"
          unit="mm"
          min={0.1}
          step={0.5}
          width={124}
          value={part.max_layer_mm ?? medium?.max_layer_mm}
          onChange={(value) => put("max_layer_mm", value)}
          onClear={() => clear("max_layer_mm")}
        />
        <NumberField
          label="Tint in 10 ml"
          unit="drops"
          min={0}
          step={1}
          width={134}
          value={part.tint?.drops_per_10ml}
          onChange={(value) => put("tint", { ...part.tint, drops_per_10ml: Math.min(value, 40) })}
        />
      </Stack>
      {pool && <PoolFigures pool={pool} own={part.layers !== undefined} onComputed={() => clear("layers")} />}
    </>
  );
}

function LevelSlider({
  value,
  low,
  high,
  onChange,
}: {
  value: number | undefined;
  low: number;
  high: number;
  onChange: (value: number) => void;
}) {
  const [shown, setShown] = useState(value ?? low);
  useEffect(() => setShown(value ?? low), [value, low]);
  return (
    <Box sx={{ px: 1 }}>
      <Slider
        aria-label="Slide the level"
        min={low}
        max={high}
        step={0.1}
        value={shown}
        valueLabelDisplay="auto"
        valueLabelFormat={(z) => `${short(z)} mm`}
        onChange={(_, z) => setShown(z as number)}
        onChangeCommitted={(_, z) => onChange(z as number)}
        marks={[
          { value: low, label: `${low} mm` },
          { value: high, label: `${high} mm` },
        ]}
        sx={{ "& .MuiSlider-markLabel": { fontSize: 12 } }}
      />
    </Box>
  );
}

/** How much, how deep, how far it spills, and the pour card of each layer, lowest first. */
function PoolFigures({ pool, own, onComputed }: { pool: Pool; own: boolean; onComputed: () => void }) {
  if (pool.volume_ml === null) return <Typography variant="body2">Without a level nothing is known of it.</Typography>;
  const facts = [
    `${short(pool.volume_ml)} ml`,
    `${short((pool.area_mm2 ?? 0) / 100)} cm² wet`,
    `${mm(pool.max_depth_mm)} deep at most`,
    `${mm(pool.shore_mm)} of shore`,
  ];
  if (pool.islands) facts.push(count(pool.islands, "island"));
  return (
    <Box>
      <Typography variant="body2">{facts.join(" · ")}</Typography>
      {((pool.spill_mm2 ?? 0) > 0 || (pool.dam_mm ?? 0) > 0 || (pool.dry_mm2 ?? 0) > 20) && (
        <Typography variant="body2" color="text.secondary">
          {[
            (pool.spill_mm2 ?? 0) > 0 && `${short(pool.spill_mm2 ?? 0)} mm² beyond its outline`,
            (pool.dam_mm ?? 0) > 0 && `${mm(pool.dam_mm)} of edge to dam`,
            (pool.dry_mm2 ?? 0) > 20 && `${short((pool.dry_mm2 ?? 0) / 100)} cm² of the outline stays dry`,
          ]
            .filter(Boolean)
            .join(" · ")}
        </Typography>
      )}
      <Stack sx={{ gap: 0.25, mt: 0.5 }}>
        {pool.layers.map((layer, index) => (
          <Typography key={layer.top_mm} variant="body2">
            <b>Layer {index + 1}</b>: {mm(layer.thickness_mm)}, mix {layer.mix_ml === null ? "unknown" : `${short(layer.mix_ml)} ml`}
            {layer.parts ? ` (${layer.parts.map((one) => `${one.name} ${short(one.mass_g)} g`).join(", ")})` : ""}
            {layer.drops ? `, ${count(layer.drops, "drop")} of tint` : ""}; hard in {span(layer.cure_min)}
          </Typography>
        ))}
      </Stack>
      {own && (
        <Button size="small" onClick={onComputed}>
          Let the layers be computed
        </Button>
      )}
      {pool.layers[0]?.parts && (
        <Typography variant="caption" color="text.secondary">
          Ratio from memory: the label of your resin overrules it.
        </Typography>
      )}
    </Box>
  );
}
