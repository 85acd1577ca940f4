import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useCatalogue } from "../../common/catalogue";
import { airOf } from "../brief/air";
import { useOfBuild } from "../useSession";
import { DryingChart } from "./DryingChart";

/** The time chart: hands-on marks, then wet, curing and ready, each told by its pattern as well as its colour. */
export function DryingLine() {
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
          climate={`${air.temperature_c} °C, ${air.humidity_pct} %, ${air.airflow} air`}
        />
      ) : (
        <Box sx={{ p: 2 }}>
          <Typography variant="h2">Drying line</Typography>
          <Typography>No dates can be given. {infeasible}</Typography>
        </Box>
      )}
    </Box>
  );
}
