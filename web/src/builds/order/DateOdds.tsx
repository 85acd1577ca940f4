import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import type { Chance, Rescue } from "../../api/types";
import { HowButton, HowTold } from "../../common/HowTold";
import { UnderWay } from "../../common/UnderWay";
import { useHeavy } from "../../common/useHeavy";
import { capital, momentWords, short, span } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

const told = (moment: string | null): string => (moment ? momentWords(moment) : "no date that can be told");

/** How sure the date is, and what would bring it forward, each with its gain and its cost. */
export function DateOdds() {
  const build = useBuild();
  const session = useBuildSession();
  const { tints } = useTheme();
  const late = (build.evaluation.schedule?.late_min ?? 0) > 0;
  const [asked, setAsked] = useState(false);
  // Of the plan as it is: a longer search may better it while the build stays what it is.
  const ready = build.evaluation.schedule?.ready_at ?? "";
  const odds = useHeavy<Chance>(["chance", ready], build, () => api.chance(build.id));
  const rescues = useHeavy<Rescue[]>(["rescues", ready], build, () => api.rescues(build.id), late || asked);
  const chance = odds.answer;
  return (
    <Box component="section" aria-label="How sure the date is" sx={{ mt: 1.5 }}>
      <UnderWay asked={odds} doing="Trying how sure the date is" />
      {chance && (
        <Typography>
          As things usually vary it is ready by <b>{told(chance.ready_50)}</b> in half of all tries, by {told(chance.ready_80)} in four of
          five, by {told(chance.ready_95)} in nineteen of twenty
          {chance.in_time_pct !== null && (
            <>
              ; in time in <b>{short(chance.in_time_pct)} %</b> of {chance.samples}
            </>
          )}
          {chance.failed > 0 && `; in ${chance.failed} of ${chance.samples} a window closed before the next step could be begun`}.
          <HowButton about="how sure the date is">
            <HowTold reckoning={chance.how} />
          </HowButton>
        </Typography>
      )}
      {!late && !asked && (
        <Button size="small" onClick={() => setAsked(true)}>
          What would make it sooner?
        </Button>
      )}
      {rescues.answer && (
        <Stack sx={{ gap: 0.5, mt: 0.75 }}>
          <Typography variant="h2">{late ? "What would save the date" : "What would make it sooner"}</Typography>
          {rescues.answer.length === 0 && <Typography>Nothing that was tried gains half an hour or more.</Typography>}
          {rescues.answer.map((way) => (
            <Box
              key={way.label}
              data-rescue={way.label}
              sx={{ display: "flex", gap: 1.5, alignItems: "center", borderBottom: 1, borderColor: tints.line, py: 0.5, flexWrap: "wrap" }}
            >
              <Box sx={{ flex: "1 1 320px" }}>
                <Typography sx={{ fontWeight: 600 }}>
                  {way.saves !== null && (
                    <Box component="span" sx={{ color: way.saves ? tints.ready : "text.secondary" }}>
                      {way.saves ? "✓ in time: " : "○ helps: "}
                    </Box>
                  )}
                  {capital(way.label)}
                </Typography>
                <Typography variant="body2" color="text.secondary">
                  It costs: {way.cost}
                </Typography>
              </Box>
              <Typography sx={{ width: 250 }}>
                {span(way.gain_min)} sooner, {momentWords(way.ready_at)}
              </Typography>
              <Button variant="outlined" onClick={() => session.edit(capital(way.label).slice(0, 120), way.patch)}>
                Do it
              </Button>
            </Box>
          ))}
        </Stack>
      )}
      <UnderWay asked={rescues} doing="Trying what would help" />
    </Box>
  );
}
