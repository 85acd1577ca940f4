import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { ToldMix } from "../api/types";
import { Cautions } from "../common/Cautions";
import { short, span } from "../common/words";

/** What a mix comes to, drawn: its tone, its parts by volume and by mass; and what follows from them. */
export function ToldMixView({ told }: { told: ToldMix }) {
  if (!told.known || !told.parts) return <Typography>Nothing can be said of it: a part of it is not known.</Typography>;
  const measured = (name: string) => told.measured?.includes(name);
  const [low, typical, high] = told.dry_h ?? [];
  return (
    <Box component="section" aria-label="What it comes to">
      <Typography variant="h2" sx={{ mb: 1 }}>
        What it comes to
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5, mb: 1.5 }}>
        <Box sx={{ width: 128, height: 92, bgcolor: told.colour ?? undefined, border: 1, borderColor: "text.secondary", flexShrink: 0 }} />
        <Box>
          <Typography sx={{ fontWeight: 600 }}>{told.colour ?? "no colour known"}</Typography>
          <Typography variant="body2" color="text.secondary">
            {measured("colour")
              ? "As you measured it."
              : "A forecast by the colours of its parts; pigments tint more or less strongly than they look. Paint a swatch before you trust it."}
          </Typography>
        </Box>
      </Stack>
      <Shares told={told} of="volume_share" words="by volume" ratio={told.by_volume} />
      <Shares told={told} of="mass_share" words="by mass" ratio={told.by_mass} />
      <Box
        component="dl"
        sx={{ display: "grid", gridTemplateColumns: "auto 1fr", columnGap: 2, rowGap: 0.5, m: 0, mt: 1.5, "& dd": { m: 0 } }}
      >
        <Line name="Dries in" measured={measured("dry_h")}>
          {!told.sets
            ? "nothing in it sets"
            : typical === undefined
              ? "unknown"
              : low === high
                ? span(typical * 60)
                : `${span(typical * 60)} (${span(low * 60)} to ${span(high * 60)})`}
        </Line>
        <Line name="Workable for" measured={measured("open_min")}>
          {told.sets ? span(told.open_min) : "as long as you like"}
        </Line>
        <Line name="Weighs" measured={measured("density_g_ml")}>
          {told.density_g_ml === null || told.density_g_ml === undefined ? "unknown" : `${short(told.density_g_ml)} g/ml`}
        </Line>
        <Line name="Shrinks by" measured={measured("shrinkage_pct")}>
          {short(told.shrinkage_pct ?? 0)} %
        </Line>
        <Line name="Least to mix">{told.least_g ? `${short(told.least_g)} g: less cannot be measured truly` : "any amount"}</Line>
      </Box>
      <Box sx={{ mt: 1.5 }}>
        <Cautions lines={told.cautions ?? []} last="The data sheets of its parts, local rules and qualified help come first." />
      </Box>
    </Box>
  );
}

function Line({ name, measured, children }: { name: string; measured?: boolean; children: ReactNode }) {
  return (
    <>
      <Typography component="dt" color="text.secondary">
        {name}
      </Typography>
      <Typography component="dd">
        {children}
        <Typography component="span" variant="body2" color="text.secondary">
          {measured ? " · measured" : ""}
        </Typography>
      </Typography>
    </>
  );
}

/** The parts as one bar, each as wide as its share. */
function Shares({ told, of, words, ratio }: { told: ToldMix; of: "mass_share" | "volume_share"; words: string; ratio?: number[] | null }) {
  const { tints } = useTheme();
  const parts = told.parts ?? [];
  const known = parts.every((part) => part[of] !== null);
  return (
    <Box sx={{ mb: 0.75 }}>
      <Typography variant="body2">
        {known && ratio ? `${ratio.map((one) => short(one)).join(" : ")} ${words}` : `${words}: unknown, since a density is`}
      </Typography>
      {known && (
        <Box sx={{ display: "flex", height: 16, border: 1, borderColor: "text.secondary" }}>
          {parts.map((part, index) => (
            <Box
              // biome-ignore lint/suspicious/noArrayIndexKey: parts are told by their place
              key={index}
              title={`${part.name}: ${Math.round((part[of] ?? 0) * 100)} %`}
              sx={{
                width: `${(part[of] ?? 0) * 100}%`,
                bgcolor: part.colour ?? tints.lit,
                borderRight: index < parts.length - 1 ? 1 : 0,
                borderColor: "text.secondary",
              }}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}
