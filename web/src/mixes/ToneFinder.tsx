import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import type { Jar, Recipe, ToneFound } from "../api/types";
import { Choice } from "../common/Choice";
import { materialOf, useCatalogue } from "../common/catalogue";
import { Swatch } from "../common/Swatch";
import { capital, count, short } from "../common/words";
import { GreyCardPicker } from "./GreyCardPicker";

/** As many as are searched in a moment. */
const MOST_PAINTS = 40;

/** A wished tone, and the mixes of the paints on the shelf that come nearest to it. */
export function ToneFinder({ onTake }: { onTake: (recipe: Recipe) => void }) {
  const catalogue = useCatalogue();
  const { data } = useQuery({ queryKey: ["stores"], queryFn: api.stores });
  const [wanted, setWanted] = useState("#8a7a5c");
  const [kind, setKind] = useState<string | null>(null);
  const coloured = (data?.jars ?? []).filter(
    (jar) => jar.colour && ["by_colour", "tints"].every((trait) => materialOf(catalogue, jar.jar.material)?.traits.includes(trait)),
  );
  // Paints of one kind: oil and acrylic are not stirred together.
  const kinds = [...new Set(coloured.map((jar) => jar.jar.material))].map(
    (key) => [key, `${materialOf(catalogue, key)?.name ?? key} (${coloured.filter((jar) => jar.jar.material === key).length})`] as const,
  );
  const chosen = kind ?? kinds[0]?.[0] ?? "";
  const paints = coloured.filter((jar) => jar.jar.material === chosen).slice(0, MOST_PAINTS);
  // With what was asked: the tone and the paints may be others by the time the answer is looked at.
  const search = useMutation({
    mutationFn: async () => {
      const offered = paints.map((jar) => ({ colour: jar.colour as string, material: jar.jar.material }));
      return { ...(await api.mixMatch({ wanted, paints: offered, count: 5 })), wanted, paints };
    },
  });
  return (
    <Box component="section" aria-label="Find a tone">
      <Typography variant="h2">Which of my paints make this tone?</Typography>
      <Typography sx={{ mb: 1.5 }}>
        Every mix of up to three of the {count(paints.length, "paint")} on your shelf, in up to ten parts, is looked at; the nearest are
        told. Pick a recipe on the left to read or change it.
      </Typography>
      <Stack direction="row" sx={{ gap: 2, alignItems: "center", flexWrap: "wrap", mb: 2 }}>
        <TextField
          type="color"
          label="Wished tone"
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ width: 110 }}
        />
        {kinds.length > 1 && <Choice label="Of my" value={chosen} options={kinds} onChange={setKind} width={220} />}
        <Button variant="contained" disabled={!paints.length || search.isPending} onClick={() => search.mutate()}>
          Find mixes
        </Button>
      </Stack>
      <GreyCardPicker onTone={setWanted} />
      {!paints.length && <Alert severity="info">There are no paints in the stores yet: put them on the shelf with their colours.</Alert>}
      {search.error && <Alert severity="error">{search.error.message}</Alert>}
      {search.data?.found.map((found) => (
        <FoundMix key={JSON.stringify(found.parts)} found={found} wanted={search.data.wanted} paints={search.data.paints} onTake={onTake} />
      ))}
    </Box>
  );
}

function FoundMix({
  found,
  wanted,
  paints,
  onTake,
}: {
  found: ToneFound["found"][number];
  wanted: string;
  paints: Jar[];
  onTake: (recipe: Recipe) => void;
}) {
  const parts = found.parts.map(({ paint, parts }) => ({ jar: paints[paint], parts })).filter((one) => one.jar);
  const recipe: Recipe = {
    name: `tone ${wanted}`,
    by: "drops",
    parts: parts.map(({ jar, parts: amount }) => ({ material: jar.jar.material, amount, colour: jar.colour as string })),
  };
  return (
    <Stack direction="row" sx={{ gap: 2, alignItems: "center", py: 1, borderBottom: 1, borderColor: "divider", flexWrap: "wrap" }}>
      <Box sx={{ display: "flex" }} role="img" aria-label={`Wished ${wanted} beside ${found.colour}`}>
        <Box sx={{ width: 56, height: 56, bgcolor: wanted }} />
        <Box sx={{ width: 56, height: 56, bgcolor: found.colour }} />
      </Box>
      <Box sx={{ flex: 1, minWidth: 220 }}>
        {parts.map(({ jar, parts: amount }) => (
          <Stack key={jar.id} direction="row" sx={{ gap: 1, alignItems: "center" }}>
            <Swatch colour={jar.colour} width={18} height={18} />
            <Typography>
              <b>{amount}</b> {capital(jar.name)}
            </Typography>
          </Stack>
        ))}
      </Box>
      <Typography sx={{ width: 190 }}>
        {found.words}
        <Typography component="span" variant="body2" color="text.secondary" sx={{ display: "block" }}>
          ΔE00 {short(found.difference)}
        </Typography>
      </Typography>
      <Button onClick={() => onTake(recipe)}>Make it a recipe</Button>
    </Stack>
  );
}
