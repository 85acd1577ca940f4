import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useBuildSession, useSession } from "./useSession";

/** The same build was changed in another window: a choice, never a silent overwrite. */
export function ConflictDialog() {
  const session = useBuildSession();
  const conflict = useSession((state) => state.conflict);
  const queue = useSession((state) => state.queue);
  return (
    <Dialog open={conflict !== null} aria-labelledby="conflict-title">
      <DialogTitle id="conflict-title">This build was changed in another window</DialogTitle>
      <DialogContent>
        <Typography>Theirs: {conflict?.undo ?? "an earlier state of it"}.</Typography>
        <Typography sx={{ mt: 1 }}>Yours, not saved yet: {queue.map((edit) => edit.label).join(", ")}.</Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={() => session.settle("theirs")}>Keep theirs, drop mine</Button>
        <Button variant="contained" onClick={() => session.settle("mine")}>
          Put mine on top of theirs
        </Button>
      </DialogActions>
    </Dialog>
  );
}
