import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { useCatalogue } from "../../common/catalogue";
import { airOf } from "../brief/air";
import { useOfBuild } from "../useSession";
import { DryingChart } from "./DryingChart";

/** The time chart: hands-on marks, then wet, curing and ready, each told by its pattern as well as its colour.
 * @param choice what is shown in its place, to be chosen at its head
 */
export function DryingLine({ choice }: { choice: ReactNode }) {
  const evaluation = useOfBuild((build) => build.evaluation);
  const { schedule, infeasible } = evaluation;
  const air = airOf(
    useCatalogue(),
    useOfBuild((build) => build.file),
  );
  return (
    <Box
      component="section"
      aria-label="Drying line"
      sx={{ height: "100%", display: "flex", flexDirection: "column", bgcolor: "background.paper" }}
    >
      {schedule ? (
        <DryingChart
          evaluation={evaluation}
          schedule={schedule}
          choice={choice}
          climate={`${air.temperature_c} °C, ${air.humidity_pct} %, ${air.airflow} air`}
        />
      ) : (
        <Box sx={{ p: 2 }}>
          {choice}
          <Typography>No dates can be given. {infeasible}</Typography>
        </Box>
      )}
    </Box>
  );
}
