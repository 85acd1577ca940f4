import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import type { ToldMix } from "../api/types";
import { Swatch } from "../common/Swatch";
import { short } from "../common/words";

/** How far a new batch is off the tone it should have, side by side, and which of its paints to add. */
export function BatchOff({ told }: { told: ToldMix }) {
  const wanted = told.colour;
  const [batch, setBatch] = useState<string | null>(null);
  const paints = (told.parts ?? []).filter((part) => part.colour);
  const asked = { wanted: wanted ?? "", batch: batch ?? "", paints: paints.map((part) => ({ colour: part.colour as string })) };
  const { data } = useQuery({ queryKey: ["batch", asked], queryFn: () => api.mixCorrect(asked), enabled: !!wanted && !!batch });
  if (!wanted) return null;
  return (
    <Box component="section" aria-label="This batch" sx={{ mt: 2.5 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Is this batch the same?
      </Typography>
      <Stack direction="row" sx={{ gap: 2, alignItems: "center", flexWrap: "wrap" }}>
        <TextField
          type="color"
          label="It came out as"
          value={batch ?? wanted}
          onChange={(event) => setBatch(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ width: 130 }}
        />
        {batch && (
          <Box
            sx={{ display: "flex", border: 1, borderColor: "text.secondary" }}
            role="img"
            aria-label={`Wanted ${wanted} beside ${batch}`}
          >
            <Box sx={{ width: 56, height: 56, bgcolor: wanted }} />
            <Box sx={{ width: 56, height: 56, bgcolor: batch }} />
          </Box>
        )}
        {data && (
          <Box>
            <Typography>
              <b>{data.same ? "The same, side by side." : "It will be seen beside the last one."}</b> ΔE00 {short(data.difference)}
            </Typography>
            {!data.same && !data.add.length && <Typography>None of its paints brings it nearer: begin again.</Typography>}
            {!data.same &&
              data.add.slice(0, 2).map((one) => (
                <Stack key={one.paint} direction="row" sx={{ gap: 1, alignItems: "center" }}>
                  <Swatch colour={paints[one.paint]?.colour} />
                  <Typography>
                    Add {Math.round(one.share * 100)} ml of {paints[one.paint]?.name} to 100 ml: ΔE00 {short(one.difference)} is left.
                  </Typography>
                </Stack>
              ))}
          </Box>
        )}
      </Stack>
    </Box>
  );
}
