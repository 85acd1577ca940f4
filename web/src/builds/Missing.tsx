import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useMutation, useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api } from "../api/client";

/** In place of a build that is not there; one that was deleted can be brought back from here. */
export function Missing({ id, onBack }: { id: number | null; onBack?: () => void }) {
  const deleted = useQuery({ queryKey: ["deleted"], queryFn: api.deleted, enabled: id !== null });
  const back = useMutation({ mutationFn: api.bringBack, onSuccess: onBack });
  const thrown = deleted.data?.find((build) => build.id === id);
  return (
    <Box sx={{ p: 4 }}>
      <Typography variant="h1">{thrown ? `${thrown.title} was deleted` : "There is no such build"}</Typography>
      <Typography sx={{ my: 1 }}>
        {thrown ? "It can be brought back for 30 days." : "It may have been deleted in another window."}
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5 }}>
        {thrown && (
          <Button variant="contained" onClick={() => back.mutate(thrown.id)} disabled={back.isPending}>
            Bring it back
          </Button>
        )}
        <Button component={Link} to="/" variant={thrown ? "outlined" : "contained"}>
          To the shelf
        </Button>
      </Stack>
    </Box>
  );
}
