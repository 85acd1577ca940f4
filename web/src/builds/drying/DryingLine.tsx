import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useCatalogue } from "../../common/catalogue";
import { airOf } from "../brief/air";
import { useOfBuild } from "../useSession";
import { DryingChart } from "./DryingChart";

/** The time chart: hands-on marks, then wet, curing and ready, each told by its pattern as well as its colour. */
export function DryingLine() {
  const schedule = useOfBuild((build) => build.evaluation.schedule);
  const steps = useOfBuild((build) => build.evaluation.steps);
  const infeasible = useOfBuild((build) => build.evaluation.infeasible);
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
        <DryingChart schedule={schedule} steps={steps} climate={`${air.temperature_c} °C, ${air.humidity_pct} %, ${air.airflow} air`} />
      ) : (
        <Box sx={{ p: 2 }}>
          <Typography variant="h2">Drying line</Typography>
          <Typography>No dates can be given. {infeasible}</Typography>
        </Box>
      )}
    </Box>
  );
}
