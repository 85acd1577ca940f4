import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import { Link } from "react-router";
import type { ShelfBuild } from "../api/types";
import { useKept } from "../common/useKept";

/** Whoever is here for the first time is shown round; told once, and found again under `?`. */
export function FirstWalk({ build }: { build: ShelfBuild | undefined }) {
  const [told, setTold] = useKept("browser", "walk-told", false);
  if (told || !build) return null;
  return (
    <Paper
      component="section"
      aria-label="First time here"
      variant="outlined"
      sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", p: 1.5, mb: 2 }}
    >
      <span style={{ flex: "1 1 260px" }}>
        First time here? Five steps round “{build.title}” show what is where. Later they are found under “?”.
      </span>
      <Button onClick={() => setTold(true)}>Not now</Button>
      <Button variant="contained" component={Link} to={`/builds/${build.id}/build-up?walk=1`} onClick={() => setTold(true)}>
        Show me round
      </Button>
    </Paper>
  );
}
