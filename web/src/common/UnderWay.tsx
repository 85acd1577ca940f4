import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import type { Asked } from "./useHeavy";

/** How far a heavy question has come, and a way to let it be. */
export function UnderWay({ asked, doing }: { asked: Asked<unknown>; doing: string }) {
  const { underWay, error, dropped } = asked;
  if (error)
    return (
      <Typography color="error" role="alert">
        {error.message}
      </Typography>
    );
  if (dropped)
    return (
      <Typography>
        {doing}: stopped.{" "}
        <Button size="small" onClick={asked.again}>
          Try again
        </Button>
      </Typography>
    );
  if (!underWay) return null;
  const { done, of, state } = underWay;
  const words = state === "waiting" ? "waits for its turn" : of > 0 ? `${done} of ${of}` : "begun";
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, my: 0.5, maxWidth: 720 }}>
      <Typography role="status" sx={{ whiteSpace: { sm: "nowrap" } }}>
        {doing}: {words}
      </Typography>
      <LinearProgress
        aria-label={doing}
        variant={of > 0 ? "determinate" : "indeterminate"}
        value={of > 0 ? (100 * done) / of : undefined}
        sx={{ flex: 1, minWidth: 60, height: 8 }}
      />
      <Button size="small" onClick={asked.drop}>
        Stop
      </Button>
    </Box>
  );
}
