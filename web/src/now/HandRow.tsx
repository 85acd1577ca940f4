import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Now } from "../api/types";
import { momentWords, span } from "../common/words";

/** A step that was begun and is not done: the way to the bench it lies on. */
export function HandRow({ work }: { work: Now["in_hand"][number] }) {
  const { tints } = useTheme();
  return (
    <Box
      data-hand={work.step}
      sx={{ display: "flex", gap: 2, alignItems: "center", border: 2, borderColor: tints.accent, borderRadius: 1, p: 1.5, mb: 1 }}
    >
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ fontWeight: 600 }}>{work.title}</Typography>
        <Typography color="text.secondary">
          {work.build_title}: begun {momentWords(work.begun)}, {span(work.hands_on_min)} planned
        </Typography>
      </Box>
      <Button variant="contained" component={Link} to={`/builds/${work.build}/bench`} aria-label={`To the bench: ${work.title}`}>
        To the bench
      </Button>
    </Box>
  );
}
