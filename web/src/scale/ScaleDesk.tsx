import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../api/client";
import type { ScaleTable } from "../api/types";
import { useCatalogue, usualWork } from "../common/catalogue";
import { Waiting } from "../common/Waiting";
import { capital, short } from "../common/words";
import { Comparison } from "./Comparison";
import { LengthBothWays } from "./LengthBothWays";
import { PacketCheck } from "./PacketCheck";
import { Resize } from "./Resize";
import { ThingsTable } from "./ThingsTable";
import { useAsked } from "./useAsked";

/** Sizes in life and in the model at one scale. Every sum is the server's. */
export function ScaleDesk({ ratio }: { ratio: number }) {
  const table = useAsked(["scale", ratio], () => api.scale(ratio), ratio > 0);
  if (table.isError) return <Typography color="error">{(table.error as Error).message}</Typography>;
  if (!table.data) return <Waiting>Looking it up…</Waiting>;
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 4fr) minmax(0, 5fr)" }, gap: 3 }}>
      <Stack sx={{ gap: 3 }}>
        <LengthBothWays ratio={ratio} />
        <PacketCheck ratio={ratio} table={table.data} />
        <Resize ratio={ratio} />
      </Stack>
      <Stack sx={{ gap: 3 }}>
        <Beside table={table.data} ratio={ratio} />
        <ThingsTable table={table.data} ratio={ratio} />
      </Stack>
    </Box>
  );
}

/** Any reference thing beside a standing person. */
function Beside({ table, ratio }: { table: ScaleTable; ratio: number }) {
  const [key, setKey] = useState(usualWork(useCatalogue(), "beside_a_person")?.thing);
  const all = [...table.things, ...table.waves];
  const thing = all.find((one) => one.key === key) ?? all[0];
  return (
    <Box component="section" aria-label="Beside a person">
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "center", gap: 2 }}>
        <Typography variant="h2">Beside a person</Typography>
        <Autocomplete
          size="small"
          sx={{ width: 260 }}
          options={all}
          value={thing}
          disableClearable
          getOptionLabel={(one) => capital(one.name)}
          getOptionKey={(one) => one.key}
          onChange={(_, one) => setKey(one.key)}
          renderInput={(params) => <TextField {...params} label="Thing of life" />}
        />
      </Stack>
      <Comparison thing={thing} things={table.things} ratio={ratio} />
      <Typography variant="body2" color="text.secondary">
        {capital(thing.measure)} in life and at 1:{short(ratio)}. Source: {thing.source}.
      </Typography>
    </Box>
  );
}
