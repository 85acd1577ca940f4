import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { count } from "../common/words";
import type { Session } from "./sessionState";
import { useSession } from "./useSession";

/** Where the maker's changes are: safe, on their way, or waiting here for the server. */
export function Saved() {
  const saving = useSession((state) => state.saving);
  const latency = useSession((state) => state.latency);
  const words = useSession(wordsOf);
  const away = useSession((state) => state.away);
  const { tints } = useTheme();
  return (
    <Typography
      role="status"
      variant="body2"
      title={
        saving === "waiting" ? (away?.detail ?? "It cannot be reached. What you change is kept here and sent when it is back.") : undefined
      }
      data-latency={latency ?? undefined}
      sx={{
        color: saving === "waiting" ? tints.trouble : "text.secondary",
        fontWeight: saving === "waiting" ? 600 : 400,
        mr: 0.5,
        minWidth: 58,
      }}
    >
      {saving === "waiting" ? "■ " : ""}
      {words}
    </Typography>
  );
}

/** e.g. "Server away, 2 changes kept here" */
function wordsOf({ saving, queue, away, unkept }: Session): string {
  if (saving === "saved") return "Saved";
  if (saving === "saving") return "Saving…";
  const why = away ? away.title : "Server away";
  if (!queue.length) return why;
  return `${why}, ${count(queue.length, "change")} kept here${unkept ? ": leave this window open, the browser keeps no more" : ""}`;
}
