import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, Refused } from "../api/client";
import type { Catalogue, ScaleTable, ScaleThing } from "../api/types";
import { Choice } from "../common/Choice";
import { choices, kindOf, kindsOf, useCatalogue } from "../common/catalogue";
import { HowButton, HowTold } from "../common/HowTold";
import { capital } from "../common/words";
import { Comparison } from "./Comparison";
import { useAsked, useSettled } from "./useAsked";

const VERDICTS = { right: "✓ right", too_big: "▲ too big", too_small: "▲ too small", unknown: "? not known" };

/** What is asked first: the first packet that says what it begins with. */
function firstAsked(catalogue: Catalogue) {
  const packet = kindsOf(catalogue, "packets").find((one) => one.start);
  const { low = "", high = "", represents = "" } = (packet?.start ?? {}) as Record<string, string>;
  return { kind: packet?.key ?? "", low, high, represents };
}

/** What tells a thing from others of the same name. */
const labelOf = (catalogue: Catalogue, thing: ScaleThing): string =>
  catalogue.things.find((one) => one.key === thing.key)?.label ?? thing.name;

/** Type what the packet says; see what it is in life, what it passes for, and what size to look for. */
export function PacketCheck({ ratio, table }: { ratio: number; table: ScaleTable }) {
  const catalogue = useCatalogue();
  const [asked, setAsked] = useState(() => firstAsked(catalogue));
  const settled = useSettled(asked);
  const answer = useAsked(["check", ratio, settled], () => api.scaleCheck(ratio, settled), settled.low.trim() !== "");
  const { tints } = useTheme();
  const wrong = answer.error instanceof Refused ? (answer.error.problem.problems?.[0]?.message ?? answer.error.message) : null;
  const things: ScaleThing[] = kindOf(catalogue, "packets", asked.kind)?.seas
    ? table.waves
    : table.things.filter((thing) => table.kinds[asked.kind]?.includes(thing.key));
  const check = answer.isError ? undefined : answer.data;
  const put = (change: Partial<typeof asked>) => setAsked({ ...asked, ...change });
  return (
    <Box component="section" aria-label="What the packet says">
      <Typography variant="h2" sx={{ mb: 1.25 }}>
        What the packet says
      </Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap" }}>
        <Choice
          label="Kind"
          width={150}
          value={asked.kind}
          options={choices(catalogue, "packets")}
          onChange={(kind) => put({ kind, represents: "" })}
        />
        <TextField
          label="From"
          value={asked.low}
          onChange={(event) => put({ low: event.target.value })}
          sx={{ width: 92 }}
          error={Boolean(wrong)}
        />
        <TextField label="to, mm" value={asked.high} onChange={(event) => put({ high: event.target.value })} sx={{ width: 92 }} />
        <Choice
          label="Shall be"
          width={190}
          value={asked.represents}
          options={[["", "whatever it passes for"] as const, ...things.map((thing) => [thing.key, labelOf(catalogue, thing)] as const)]}
          onChange={(represents) => put({ represents })}
        />
      </Stack>
      {wrong && (
        <Typography color="error" variant="body2" sx={{ mt: 0.75 }}>
          {capital(wrong)}
        </Typography>
      )}
      {check && (
        <>
          <Typography
            sx={{
              mt: 1,
              fontWeight: 600,
              color: check.verdict === "right" ? tints.ready : check.verdict === "unknown" ? undefined : tints.trouble,
            }}
          >
            {VERDICTS[check.verdict]}
            {check.wanted && ` for ${check.wanted.name}`}{" "}
            <HowButton about={check.how.name}>
              <HowTold reckoning={check.how} />
            </HowButton>
          </Typography>
          <Typography role="status">{check.sentence}</Typography>
          {check.wanted && (
            <Comparison
              thing={check.wanted}
              things={table.things}
              ratio={ratio}
              packet={{ low: check.life[0].mm, high: check.life[1].mm, words: `packet: ${check.life[1].metric}` }}
            />
          )}
        </>
      )}
    </Box>
  );
}
