import Alert from "@mui/material/Alert";

const AGAIN_MS = 500;

/** Asks again, soon, as long as there are builds that the server has not come to. */
export function againWhileUnfinished(query: { state: { data?: { unfinished: boolean } } }) {
  return query.state.data?.unfinished ? AGAIN_MS : false;
}

/** What is shown is not all yet. */
export function Unfinished({ told }: { told: { unfinished: boolean } | undefined }) {
  if (!told?.unfinished) return null;
  return (
    <Alert severity="info" sx={{ mb: 2 }}>
      Some of this is still being worked out: it comes in a moment.
    </Alert>
  );
}
