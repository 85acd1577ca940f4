import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { capital, count, mm, short, span } from "../../common/words";
import { HowComputed } from "../HowComputed";
import { useBuild, useFile } from "../useSession";

/** What to weigh for each pour, as a card to prop up beside the scales, with the layer drawn where it lies. */
export function PourCards() {
  const { evaluation } = useBuild();
  const file = useFile();
  const { tints, palette } = useTheme();
  const pools = evaluation.waters.filter((pool) => pool.layers.length > 0);
  if (!pools.length) return null;
  return (
    <Box component="section" aria-label="Pour cards" sx={{ mt: 2 }}>
      <Typography variant="h2">Pour cards</Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mt: 0.5 }}>
        {pools.flatMap((pool) =>
          pool.layers.map((layer, number) => {
            // Of running water each reach is poured by itself.
            const pile = pool.layers.filter((one) => one.reach === layer.reach);
            const bed = pile[0].bottom_mm;
            const whole = pile[pile.length - 1].top_mm - bed;
            const at = pile.indexOf(layer);
            return (
              <Box
                key={`${pool.id}${layer.reach}${layer.top_mm}`}
                sx={{
                  border: 1,
                  borderColor: "divider",
                  p: 1.25,
                  display: "flex",
                  gap: 1.5,
                  minWidth: 250,
                  bgcolor: "background.paper",
                }}
              >
                <svg width={40} height={74} role="img" aria-label={`Layer ${at + 1} of ${pile.length}`}>
                  {pile.map((one, i) => (
                    <rect
                      key={one.top_mm}
                      x={2}
                      width={36}
                      y={72 - ((one.top_mm - bed) / whole) * 70}
                      height={(one.thickness_mm / whole) * 70}
                      fill={i === at ? tints.wet : "transparent"}
                      stroke={palette.text.primary}
                      strokeDasharray={i === at ? undefined : "3 2"}
                    />
                  ))}
                </svg>
                <Box>
                  <Typography variant="h3">
                    {capital(file.waters?.find((water) => water.id === pool.id)?.name ?? pool.id)}
                    {layer.reach ? `, ${layer.reach}` : ""}, layer {at + 1} of {pile.length}
                  </Typography>
                  <Typography>
                    <b>{layer.mix_ml === null ? "unknown" : `${short(layer.mix_ml)} ml`}</b> for {mm(layer.thickness_mm)}
                    <HowComputed of={`waters/${pool.id}/pour/${number}`} about={`what to mix for layer ${at + 1}`} />
                  </Typography>
                  {layer.drops ? <Typography>{count(layer.drops, "drop")} of tint</Typography> : null}
                  <Typography variant="body2" color="text.secondary">
                    hard in {span(layer.cure_min)}
                    {layer.parts ? " · resin and hardener: see its mix card" : ""}
                  </Typography>
                </Box>
              </Box>
            );
          }),
        )}
      </Box>
    </Box>
  );
}
