import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { momentWords } from "../common/words";

/** What was deleted of late, to be brought back. */
export function DeletedBuilds({ onBack, onProblem }: { onBack: () => void; onProblem: (error: unknown) => void }) {
  const deleted = useQuery({ queryKey: ["deleted"], queryFn: api.deleted, refetchOnMount: "always" });
  const back = useMutation({ mutationFn: api.bringBack, onSuccess: onBack, onError: onProblem });
  if (!deleted.data?.length) return null;
  return (
    <Box component="section" aria-label="Deleted" sx={{ mt: 4 }}>
      <Typography variant="h2">Deleted</Typography>
      <Typography color="text.secondary">Kept for 30 days.</Typography>
      <Box component="ul" sx={{ listStyle: "none", p: 0, m: 0 }}>
        {deleted.data.map((build) => (
          <Box component="li" key={build.id} sx={{ display: "flex", alignItems: "center", gap: 2, py: 0.5 }}>
            <Typography sx={{ flex: 1, maxWidth: 520 }}>
              {build.title}, deleted {momentWords(build.deleted_at.slice(0, 16))}
            </Typography>
            <Button onClick={() => back.mutate(build.id)} disabled={back.isPending} aria-label={`Bring ${build.title} back`}>
              Bring it back
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
