import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";

/** What to mind, each in a sentence; what comes first is said below. */
export function Cautions({ lines, last }: { lines: string[]; last: string }) {
  const { tints } = useTheme();
  if (!lines.length) return null;
  return (
    <Box sx={{ borderLeft: 5, borderColor: tints.trouble, pl: 1.25, bgcolor: tints.troublePaper, py: 0.5 }}>
      {lines.map((line) => (
        <Typography key={line} variant="body2">
          <b aria-hidden>⚠ </b>
          {line}
        </Typography>
      ))}
      <Typography variant="caption" color="text.secondary">
        {last}
      </Typography>
    </Box>
  );
}

/** After the cautions of a step. */
export const COMES_FIRST = "The product's safety data sheet, local rules and qualified help come first; young makers work with an adult.";
