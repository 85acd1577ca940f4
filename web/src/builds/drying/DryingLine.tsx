import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useCatalogue } from "../../common/catalogue";
import { airOf } from "../brief/air";
import { useBuild } from "../useSession";
import { DryingChart } from "./DryingChart";

/** The time chart: hands-on marks, then wet, curing and ready, each told by its pattern as well as its colour. */
export function DryingLine() {
  const { evaluation, file } = useBuild();
  const { schedule } = evaluation;
  const air = airOf(useCatalogue(), file);
  return (
    <Box
      component="section"
      aria-label="Drying line"
      sx={{ height: "100%", display: "flex", flexDirection: "column", bgcolor: "background.paper" }}
    >
      {schedule ? (
        <DryingChart
          schedule={schedule}
          steps={evaluation.steps}
          climate={`${air.temperature_c} °C, ${air.humidity_pct} %, ${air.airflow} air`}
        />
      ) : (
        <Box sx={{ p: 2 }}>
          <Typography variant="h2">Drying line</Typography>
          <Typography>No dates can be given. {evaluation.infeasible}</Typography>
        </Box>
      )}
    </Box>
  );
}
