import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, Refused } from "../api/client";
import { Choice } from "../common/Choice";
import { HowButton, HowTold } from "../common/HowTold";
import { short } from "../common/words";
import { useAsked, useSettled } from "./useAsked";

const WAYS = [
  ["scale", "its scale is known"],
  ["size", "its size is known"],
] as const;

/** By how much to resize a print or a scan before it is made. */
export function Resize({ ratio }: { ratio: number }) {
  const [way, setWay] = useState<"scale" | "size">("scale");
  const [typed, setTyped] = useState({ from: "28", real: "1.7 m", present: "32 mm" });
  const settled = useSettled(way === "scale" ? { from: typed.from } : { real: typed.real, present: typed.present });
  const asked = useAsked(["resize", ratio, settled], () => api.scaleResize(ratio, settled), Object.values(settled).every(Boolean));
  const wrong = asked.error instanceof Refused ? (asked.error.problem.problems?.[0]?.message ?? asked.error.message) : null;
  return (
    <Box component="section" aria-label="Resize a print">
      <Typography variant="h2" sx={{ mb: 1.25 }}>
        Resize a print or a scan
      </Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap", alignItems: "flex-start" }}>
        <Choice label="Of the object" width={180} value={way} options={WAYS} onChange={setWay} />
        {way === "scale" ? (
          <TextField
            label="It is now 1 :"
            value={typed.from}
            onChange={(event) => setTyped({ ...typed, from: event.target.value })}
            sx={{ width: 120 }}
          />
        ) : (
          <>
            <TextField
              label="In life"
              value={typed.real}
              onChange={(event) => setTyped({ ...typed, real: event.target.value })}
              sx={{ width: 120 }}
            />
            <TextField
              label="It is now"
              value={typed.present}
              onChange={(event) => setTyped({ ...typed, present: event.target.value })}
              sx={{ width: 120 }}
            />
          </>
        )}
      </Stack>
      <Stack direction="row" sx={{ mt: 0.75, gap: 0.5, alignItems: "center" }}>
        <Typography role="status" color={wrong ? "error" : undefined}>
          {wrong ?? (asked.data ? `Print it at ${short(asked.data.percent)} % of its present size for 1:${short(ratio)}.` : " ")}
        </Typography>
        {!wrong && asked.data && (
          <HowButton about={asked.data.how.name}>
            <HowTold reckoning={asked.data.how} />
          </HowButton>
        )}
      </Stack>
    </Box>
  );
}
