import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { FileButton } from "../common/FileButton";
import { count } from "../common/words";

/** All builds, own materials and notes as one file, to keep elsewhere or to bring in from elsewhere. */
export function Everything({ onTaken, onProblem }: { onTaken: () => void; onProblem: (error: unknown) => void }) {
  const bring = useMutation({ mutationFn: api.bringIn, onSuccess: onTaken, onError: onProblem });
  const session = useQuery({ queryKey: ["session"], queryFn: api.session });
  return (
    <Box component="section" aria-label="Everything" sx={{ mt: 4 }}>
      <Typography variant="h2">Everything as one file</Typography>
      <Typography color="text.secondary">
        All builds, your own materials and techniques and what you noted of drying, as open files in a zip. What is brought in is added to
        what is here.
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5, mt: 1, flexWrap: "wrap" }}>
        <Button component="a" variant="outlined" href={api.everything}>
          Save everything
        </Button>
        <FileButton label="Bring everything in" file="Everything" accept=".zip,application/zip" onFile={(file) => bring.mutate(file)} />
        {session.data?.asks_password && (
          <Button component="a" href="/logout">
            Leave: ask for the password again
          </Button>
        )}
      </Stack>
      {bring.data && (
        <Alert severity={bring.data.left.length ? "warning" : "success"} sx={{ mt: 1 }}>
          Brought in: {count(bring.data.builds.length, "build")}, {count(bring.data.entries.length, "entry", "entries")} of the catalogue,{" "}
          {count(bring.data.notes, "note")}.{bring.data.left.map((one) => ` Left out: ${one.file}, ${one.reason}.`)}
        </Alert>
      )}
    </Box>
  );
}
