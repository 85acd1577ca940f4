import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, Refused } from "../api/client";
import { HowButton, HowTold } from "../common/HowTold";
import { short } from "../common/words";
import { useAsked, useSettled } from "./useAsked";

/** A length in life ↔ in the model; whichever was typed last leads. */
export function LengthBothWays({ ratio }: { ratio: number }) {
  const [typed, setTyped] = useState<{ real?: string; model?: string }>({ real: "1.7 m" });
  const settled = useSettled(typed);
  const asked = useAsked(["length", ratio, settled], () => api.scaleLength(ratio, settled), Boolean(settled.real ?? settled.model));
  const wrong = asked.error instanceof Refused ? (asked.error.problem.problems?.[0]?.message ?? asked.error.message) : null;
  const answer = asked.isError ? undefined : asked.data;
  return (
    <Box component="section" aria-label="Both ways">
      <Typography variant="h2" sx={{ mb: 1.25 }}>
        Life ↔ model
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5, alignItems: "flex-start" }}>
        <TextField
          label="In life"
          value={typed.real ?? answer?.real.metric ?? ""}
          error={Boolean(wrong && typed.real !== undefined)}
          helperText={wrong && typed.real !== undefined ? wrong : (answer?.real.imperial ?? " ")}
          onChange={(event) => setTyped({ real: event.target.value })}
          placeholder="4.2 m, 13 ft 9 in"
          sx={{ flex: 1 }}
        />
        <Typography sx={{ pt: 1 }}>1:{short(ratio)}</Typography>
        <TextField
          label="In the model"
          value={typed.model ?? answer?.model.metric ?? ""}
          error={Boolean(wrong && typed.model !== undefined)}
          helperText={wrong && typed.model !== undefined ? wrong : (answer?.model.imperial ?? " ")}
          onChange={(event) => setTyped({ model: event.target.value })}
          placeholder="120 mm, 3/8 in"
          sx={{ flex: 1 }}
        />
        {answer && (
          <Box sx={{ pt: 1 }}>
            <HowButton about={answer.how.name}>
              <HowTold reckoning={answer.how} />
            </HowButton>
          </Box>
        )}
      </Stack>
    </Box>
  );
}
