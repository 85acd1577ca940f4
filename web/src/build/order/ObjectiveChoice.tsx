import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import type { Calendar } from "../../api/types";
import { useBuildSession, useFile } from "../useSession";

const OBJECTIVES = [
  ["ready_soonest", "Ready soonest"],
  ["fewest_sittings", "Fewest sittings"],
  ["latest_start", "Begin as late as the date allows"],
] as const;

/** What the plan is for. */
export function ObjectiveChoice() {
  const file = useFile();
  const session = useBuildSession();
  const choose = (objective: NonNullable<Calendar["objective"]>) =>
    session.edit("Plan for something else", [
      file.calendar ? { op: "add", path: "/calendar/objective", value: objective } : { op: "add", path: "/calendar", value: { objective } },
    ]);
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      color="primary"
      aria-label="The plan is for"
      value={file.calendar?.objective ?? "ready_soonest"}
      onChange={(_, next) => next && choose(next)}
      sx={{ mt: 1, flexWrap: "wrap" }}
    >
      {OBJECTIVES.map(([key, name]) => (
        <ToggleButton
          key={key}
          value={key}
          disabled={key === "latest_start" && !file.calendar?.finish_by}
          sx={{ textTransform: "none", color: "text.primary" }}
        >
          {name}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
