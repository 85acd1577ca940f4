import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, Refused } from "../api/client";
import type { PlannedBuild } from "../api/types";
import { HowButton, HowTold } from "../common/HowTold";
import { PageHead } from "../common/PageHead";
import { againWhileUnfinished, Unfinished } from "../common/Unfinished";
import { Waiting } from "../common/Waiting";
import { minutesOf, momentWords, span } from "../common/words";
import { buildColours } from "./buildColours";
import { WeekSheets } from "./WeekSheets";

/** All builds at one bench: one pair of hands shared out, week by week, and what sharing costs each. */
export function WeeksPage() {
  const weeks = useQuery({
    queryKey: ["weeks"],
    queryFn: api.weeks,
    retry: false,
    refetchOnMount: "always",
    refetchInterval: againWhileUnfinished,
  });
  const shared = weeks.data;
  const colours = buildColours(shared?.builds ?? []);
  return (
    <Box component="main" sx={{ maxWidth: 1240, mx: "auto", p: 2.5 }}>
      <PageHead title="All builds at one bench">
        <Button component={Link} to="/now">
          What now
        </Button>
      </PageHead>
      {weeks.isLoading && <Waiting>Sharing out the hands…</Waiting>}
      {weeks.isError && (
        <Typography color="error" role="alert">
          {weeks.error instanceof Refused ? weeks.error.problem.detail : String(weeks.error)}
        </Typography>
      )}
      <Unfinished told={shared} />
      {shared && shared.builds.length === 0 && <Typography>No build is left to plan: all are ready, or none has dates.</Typography>}
      {shared && shared.builds.length > 0 && (
        <>
          <Typography sx={{ mb: 1 }}>
            All are planned as one: while one build dries, another is under your hands.
            {shared.gain_min > 0 && ` One after the other they would take ${span(shared.gain_min)} longer, added up.`}
          </Typography>
          <Box
            component="table"
            sx={{
              borderCollapse: "collapse",
              width: "100%",
              "& td, & th": { p: 0.75, textAlign: "left", fontSize: "1rem", borderBottom: 1, borderColor: "divider" },
            }}
          >
            <thead>
              <tr>
                <th>Build</th>
                <th>Wanted by</th>
                <th>Ready, bench shared</th>
                <WideOnly>Ready, alone at the bench</WideOnly>
                <WideOnly>Sharing costs it</WideOnly>
              </tr>
            </thead>
            <tbody>
              {shared.builds.map((build) => (
                <Row key={build.build} build={build} colour={colours.get(build.build) as string} />
              ))}
            </tbody>
          </Box>
          <WeekSheets shared={shared} colours={colours} />
        </>
      )}
      {shared?.undated.map((one) => (
        <Typography key={one.build} sx={{ pt: 1.5 }}>
          <Link to={`/builds/${one.build}/order`} style={{ color: "inherit" }}>
            {one.build_title}
          </Link>{" "}
          has no dates: {one.detail}
        </Typography>
      ))}
    </Box>
  );
}

/** A cell that a telephone has no room for. */
function WideOnly({ as = "th", children }: { as?: "th" | "td"; children: React.ReactNode }) {
  return (
    <Box component={as} sx={{ display: { xs: "none", sm: "table-cell" } }}>
      {children}
    </Box>
  );
}

function Row({ build, colour }: { build: PlannedBuild; colour: string }) {
  const costs = build.shared ? minutesOf(build.shared) - minutesOf(build.alone) : null;
  return (
    <tr>
      <td>
        <Box
          component="span"
          aria-hidden
          sx={{ display: "inline-block", width: 14, height: 14, bgcolor: colour, mr: 1, verticalAlign: "-1px" }}
        />
        <Link to={`/builds/${build.build}/order`} style={{ color: "inherit" }}>
          {build.title}
        </Link>
      </td>
      <td>{build.finish_by ? momentWords(build.finish_by) : "no date"}</td>
      <td>
        <b>{build.shared ? momentWords(build.shared) : "no sittings left"}</b>
        {build.late_min !== null && (build.late_min > 0 ? `, ${span(build.late_min)} late` : `, ${span(-build.late_min)} to spare`)}
        <HowButton about={`when ${build.title} is ready`}>
          <HowTold reckoning={build.how} />
        </HowButton>
      </td>
      <WideOnly as="td">{momentWords(build.alone)}</WideOnly>
      <WideOnly as="td">{costs === null ? "its plan" : costs > 0 ? span(costs) : "nothing"}</WideOnly>
    </tr>
  );
}
