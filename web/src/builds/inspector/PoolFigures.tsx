import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { capital, count, mm, short, span } from "../../common/words";
import { HowComputed } from "../HowComputed";
import { nameOf } from "../plan/parts";
import { useBuild, useBuildSession, useFile } from "../useSession";
import type { Part } from "./partFields";

/** How much, how deep, how far it spills, and the pour card of each layer, lowest first. */
export function PoolFigures({ part, pointer }: { part: Part; pointer: string }) {
  const session = useBuildSession();
  const name = nameOf(useFile(), pointer);
  const pool = useBuild().evaluation.waters.find((water) => water.id === part.id);
  if (!pool) return null;
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
      <Typography variant="body2">
        {facts.join(" · ")}
        <HowComputed of={`waters/${part.id}/volume`} about={`the volume of ${name}`} />
      </Typography>
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
          <Typography key={`${layer.reach} ${layer.top_mm}`} variant="body2">
            <b>{layer.reach ? capital(layer.reach) : `Layer ${index + 1}`}</b>: {mm(layer.thickness_mm)}, mix{" "}
            {layer.mix_ml === null ? "unknown" : `${short(layer.mix_ml)} ml`}
            {layer.parts ? ` (${layer.parts.map((one) => `${one.name} ${short(one.mass_g)} g`).join(", ")})` : ""}
            {layer.drops ? `, ${count(layer.drops, "drop")} of tint` : ""}; hard in {span(layer.cure_min)}
          </Typography>
        ))}
      </Stack>
      {part.layers !== undefined && (
        <Button size="small" onClick={() => session.edit(`Change ${name}`, [{ op: "remove", path: `${pointer}/layers` }])}>
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
