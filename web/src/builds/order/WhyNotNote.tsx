import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { WhyNot } from "../../api/types";

/** What a drop here would break, link by link; or that it may be dropped. */
export function WhyNotNote({ answer }: { answer: WhyNot | null }) {
  const { tints } = useTheme();
  if (!answer) return null;
  const free = answer.reasons.length === 0;
  return (
    <Box
      role="status"
      sx={{
        borderLeft: 5,
        borderColor: free ? tints.ready : tints.trouble,
        bgcolor: free ? tints.lit : tints.troublePaper,
        px: 1.25,
        py: 0.5,
      }}
    >
      {free ? (
        <Typography variant="body2">
          {answer.patch.length
            ? "Nothing stands against it: drop it, and it is written down as your wish."
            : "Both are work on one part: its courses say their order."}
        </Typography>
      ) : (
        <>
          <Typography variant="body2" sx={{ fontWeight: 600 }}>
            That would break {answer.reasons.length === 1 ? "a rule" : `a chain of ${answer.reasons.length} rules`}:
          </Typography>
          {answer.reasons.map((reason) => (
            <Typography key={`${reason.first}${reason.later}`} variant="body2">
              {reason.first} comes before {reason.later}: {reason.why} ({reason.strength})
            </Typography>
          ))}
        </>
      )}
    </Box>
  );
}
