import Alert from "@mui/material/Alert";
import Snackbar from "@mui/material/Snackbar";
import { problemWords } from "../common/placeWords";
import { useBuildSession, useFile, useSession } from "./useSession";

/** Why the last change was not made, place by place. */
export function RefusedNote() {
  const session = useBuildSession();
  const file = useFile();
  const refused = useSession((state) => state.refused);
  return (
    <Snackbar open={refused !== null} anchorOrigin={{ vertical: "bottom", horizontal: "center" }}>
      <Alert severity="error" variant="filled" onClose={session.hideRefusal}>
        That change was not made. {refused?.problems?.map((one) => problemWords(one, file)).join("; ") ?? refused?.detail}
      </Alert>
    </Snackbar>
  );
}
