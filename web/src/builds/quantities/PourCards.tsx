import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { capital, count, mm, short, span } from "../../common/words";
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
          pool.layers.map((layer, index) => {
            const whole = pool.max_depth_mm ?? layer.thickness_mm;
            const bed = pool.layers[0].bottom_mm;
            return (
              <Box
                key={`${pool.id}${layer.top_mm}`}
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
                <svg width={40} height={74} role="img" aria-label={`Layer ${index + 1} of ${pool.layers.length}`}>
                  {pool.layers.map((one, i) => (
                    <rect
                      key={one.top_mm}
                      x={2}
                      width={36}
                      y={72 - ((one.top_mm - bed) / whole) * 70}
                      height={(one.thickness_mm / whole) * 70}
                      fill={i === index ? tints.wet : "transparent"}
                      stroke={palette.text.primary}
                      strokeDasharray={i === index ? undefined : "3 2"}
                    />
                  ))}
                </svg>
                <Box>
                  <Typography variant="h3">
                    {capital(file.waters?.find((water) => water.id === pool.id)?.name ?? pool.id)}, layer {index + 1} of{" "}
                    {pool.layers.length}
                  </Typography>
                  <Typography>
                    <b>{layer.mix_ml === null ? "unknown" : `${short(layer.mix_ml)} ml`}</b> for {mm(layer.thickness_mm)}
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
