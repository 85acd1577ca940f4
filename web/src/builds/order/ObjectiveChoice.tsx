import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import type { Calendar } from "../../api/types";
import { kindsOf, useCatalogue, usualOf } from "../../common/catalogue";
import { useBuildSession, useFile } from "../useSession";

/** What the order of work is for. */
export function ObjectiveChoice() {
  const { calendar } = useFile();
  const catalogue = useCatalogue();
  const session = useBuildSession();
  const choose = (objective: string) =>
    session.edit("Plan for something else", [
      calendar ? { op: "add", path: "/calendar/objective", value: objective } : { op: "add", path: "/calendar", value: { objective } },
    ]);
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      color="primary"
      aria-label="The plan is for"
      value={calendar?.objective ?? usualOf(catalogue, "objectives")}
      onChange={(_, next) => next && choose(next)}
      sx={{ mt: 1, flexWrap: "wrap" }}
    >
      {kindsOf(catalogue, "objectives").map(({ key, name, needs }) => (
        <ToggleButton
          key={key}
          value={key}
          disabled={needs !== undefined && !calendar?.[needs as keyof Calendar]}
          sx={{ textTransform: "none", color: "text.primary" }}
        >
          {name}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
