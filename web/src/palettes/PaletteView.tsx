import Box from "@mui/material/Box";
import { ThemeProvider } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Palette, Tone } from "../api/types";
import { capital, short } from "../common/words";
import { plinthTheme } from "../theme";

const GROUNDS = [plinthTheme("light"), plinthTheme("dark")];

/** The tones of a build on a light and on a dark ground, since a tone looks otherwise on each; and its zones as wished beside as they come out. */
export function PaletteView({ palette, lit }: { palette: Palette; lit?: (tone: Tone) => boolean }) {
  const tones = lit ? palette.tones.filter(lit) : palette.tones;
  return (
    <Box>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 1 }}>
        {GROUNDS.map((theme) => (
          <ThemeProvider key={theme.palette.mode} theme={theme}>
            <Box
              sx={{ bgcolor: "background.default", color: "text.primary", p: 1.25, display: "flex", flexWrap: "wrap", gap: 1 }}
              role="group"
              aria-label={`On a ${theme.palette.mode} ground`}
            >
              {tones.map((tone) => (
                <ToneChip key={`${tone.colour}${tone.material}${tone.where[0]}`} tone={tone} />
              ))}
            </Box>
          </ThemeProvider>
        ))}
      </Box>
      {palette.zones.length > 0 && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, mt: 1 }}>
          {palette.zones.map((zone) => (
            <Box key={zone.where} sx={{ display: "flex", gap: 1, alignItems: "center" }}>
              <Box
                sx={{ display: "flex", border: 1, borderColor: "text.secondary" }}
                role="img"
                aria-label={zone.wished ? `Wished ${zone.wished}, comes to ${zone.comes_to}` : `Comes to ${zone.comes_to}`}
              >
                {zone.wished && <Box sx={{ width: 34, height: 34, bgcolor: zone.wished }} />}
                <Box sx={{ width: 34, height: 34, bgcolor: zone.comes_to }} />
              </Box>
              <Typography variant="body2">
                <b>{capital(zone.name)}</b>{" "}
                {zone.wished
                  ? `wished beside what its courses come to, ΔE00 ${short(zone.difference ?? 0)}`
                  : `comes to ${zone.comes_to} by all its courses`}
              </Typography>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

function ToneChip({ tone }: { tone: Tone }) {
  return (
    <Box sx={{ width: 128 }} title={tone.mix?.map((part) => `${Math.round(part.share * 100)} % ${part.name}`).join(", ")}>
      <Box sx={{ height: 46, display: "flex", border: 1, borderColor: "text.secondary" }}>
        <Box sx={{ flex: 2, bgcolor: tone.colour }} />
        {tone.mix?.map((part) => (
          <Box key={`${part.material}${part.colour}`} sx={{ flex: part.share, bgcolor: part.colour ?? undefined }} />
        ))}
      </Box>
      <Typography variant="body2" sx={{ fontWeight: 600, lineHeight: 1.25, mt: 0.25 }}>
        {capital(tone.places.join(", "))}
      </Typography>
      <Typography variant="body2" sx={{ lineHeight: 1.25 }}>
        {tone.name ?? "its own colour"} {tone.colour}
      </Typography>
    </Box>
  );
}
