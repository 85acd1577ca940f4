import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link as To } from "react-router";
import { api } from "../api/client";
import type { Tone } from "../api/types";
import { PageHead } from "../common/PageHead";
import { PaletteView } from "./PaletteView";

/** The palettes of all builds beside each other; “what did I paint the bank with?” is answered by a word. */
export function PalettesPage() {
  const { data, error } = useQuery({ queryKey: ["palettes"], queryFn: api.palettes });
  const [sought, setSought] = useState("");
  const words = sought.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const builds = (data?.builds ?? []).filter((build) => build.palette);
  const answers = builds
    .map((build) => ({ build, tones: build.palette?.tones.filter((tone) => said(tone, build.title, words)) ?? [] }))
    .filter((one) => one.tones.length > 0);
  return (
    <Box sx={{ maxWidth: 1240, mx: "auto", p: 2 }}>
      <PageHead title="Colours" />
      <TextField
        label="What did I paint … with?"
        placeholder="a place, a material, a colour, a build"
        type="search"
        value={sought}
        onChange={(event) => setSought(event.target.value)}
        sx={{ width: 420, maxWidth: "100%", mb: 2 }}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      {error && <Typography color="error">The palettes cannot be read: {error.message}</Typography>}
      {data && builds.length === 0 && <Typography>No build has a colour yet.</Typography>}
      {builds.length > 0 && answers.length === 0 && <Typography>Nothing of these builds is painted so.</Typography>}
      <Box component="main">
        {answers.map(({ build, tones }) => (
          <Box key={build.build} component="section" aria-label={build.title} sx={{ mb: 2.5 }}>
            <Typography variant="h2" sx={{ mb: 0.75 }}>
              <Link component={To} to={`/builds/${build.build}/build-up`} color="inherit">
                {build.title}
              </Link>
            </Typography>
            {build.palette && <PaletteView palette={words.length ? { ...build.palette, tones, zones: [] } : build.palette} />}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const said = (tone: Tone, title: string, words: string[]): boolean => {
  const text = [title, tone.name, tone.colour, ...tone.places, ...(tone.mix ?? []).map((part) => part.name)].join(" ").toLowerCase();
  return words.every((word) => text.includes(word));
};
