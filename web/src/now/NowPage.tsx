import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useSearchParams } from "react-router";
import { api, Refused } from "../api/client";
import { onNews } from "../common/live";
import { MomentField } from "../common/MomentField";
import { PageHead } from "../common/PageHead";
import { againWhileUnfinished, Unfinished } from "../common/Unfinished";
import { Waiting } from "../common/Waiting";
import { momentWords, nowMoment } from "../common/words";
import { DoableRow } from "./DoableRow";
import { HandRow } from "./HandRow";
import { WetList } from "./WetList";

/** One evening over all builds: what the hands can do now, what presses most first, and what they keep off. */
export function NowPage() {
  const [search, setSearch] = useSearchParams();
  const at = search.get("at");
  const go = (moment: string | null) => setSearch(moment ? { at: moment } : {}, { replace: true });
  const work = useQuery({
    queryKey: ["now", at],
    queryFn: () => api.now(at),
    placeholderData: keepPreviousData,
    retry: false,
    refetchInterval: againWhileUnfinished,
  });
  const told = work.data;
  const client = useQueryClient();
  useEffect(() => onNews((news) => void ("build" in news && client.invalidateQueries({ queryKey: ["now"] }))), [client]);
  return (
    <Box
      component="main"
      sx={{
        maxWidth: 1180,
        mx: "auto",
        p: 2.5,
        // Read from a metre away, and tapped.
        "& section .MuiTypography-root": { fontSize: 20 },
        "& section h2": { fontSize: "22px !important" },
        "& section .MuiButton-root": { fontSize: 20, minHeight: 56 },
      }}
    >
      <PageHead title="What now">
        <MomentField label="At" optional={false} value={told?.at ?? at ?? nowMoment()} onChange={go} />
        {at && <Button onClick={() => go(null)}>This minute</Button>}
        {told?.next_at && (
          <Button variant="outlined" onClick={() => go(told.next_at)}>
            Next work: {momentWords(told.next_at)}
          </Button>
        )}
      </PageHead>
      {work.isLoading && <Waiting>Looking through the builds…</Waiting>}
      {work.isError && (
        <Typography color="error" role="alert">
          {work.error instanceof Refused ? work.error.problem.detail : String(work.error)}
        </Typography>
      )}
      <Unfinished told={told} />
      {told && (
        <Box sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 380px" }, gap: 3 }}>
          <Box component="section" aria-label="Can be done">
            {told.in_hand.length > 0 && (
              <Box component="section" aria-label="In hand" sx={{ mb: 2 }}>
                <Typography variant="h2" sx={{ mb: 1 }}>
                  In hand
                </Typography>
                {told.in_hand.map((one) => (
                  <HandRow key={`${one.build}/${one.step}`} work={one} />
                ))}
              </Box>
            )}
            <Typography variant="h2">Can be done, what presses most first</Typography>
            {told.doable.length > 0 && (
              <Typography variant="body2" color="text.secondary">
                Drawn over the coming 48 hours: first the work, then, in amber, the drying after it.
              </Typography>
            )}
            {told.doable.length === 0 && (
              <Typography sx={{ py: 2 }}>
                {told.next_at
                  ? `Nothing: no build has begun, or all wait for something to dry. The next work is planned for ${momentWords(told.next_at)}.`
                  : "Nothing is left to do on any build."}
              </Typography>
            )}
            {told.doable.map((one) => (
              <DoableRow key={`${one.build}/${one.step}`} work={one} at={told.at} />
            ))}
            {told.doable.some((one) => one.cautions.length > 0) && (
              <Typography variant="caption" color="text.secondary" component="p" sx={{ pt: 1 }}>
                The product's safety data sheet, local rules and qualified help come first; young makers work with an adult.
              </Typography>
            )}
            {told.undated.map((one) => (
              <Typography key={one.build} sx={{ pt: 1.5 }}>
                <b>
                  <Link to={`/builds/${one.build}/order`} style={{ color: "inherit" }}>
                    {one.build_title}
                  </Link>
                </b>{" "}
                has no dates: {one.detail}
              </Typography>
            ))}
          </Box>
          <WetList wet={told.wet} at={told.at} />
        </Box>
      )}
    </Box>
  );
}
