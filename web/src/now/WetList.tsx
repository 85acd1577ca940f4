import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { WetPart } from "../api/types";
import { minutesOf, momentWords, span } from "../common/words";
import { HoursBar } from "./HoursBar";

/** What is still wet or curing, and until when. */
export function WetList({ wet, at }: { wet: WetPart[]; at: string }) {
  const { tints } = useTheme();
  return (
    <Box component="section" aria-label="Do not touch">
      <Typography variant="h2">Do not touch</Typography>
      {wet.length === 0 && <Typography sx={{ py: 2 }}>Nothing is wet.</Typography>}
      {wet.map((part) => {
        const left = minutesOf(part.until) - minutesOf(at);
        return (
          <Box key={`${part.build}/${part.name}/${part.until}`} sx={{ borderBottom: 1, borderColor: tints.line, py: 1 }}>
            <Typography sx={{ fontWeight: 600 }}>{part.name}</Typography>
            <Typography color="text.secondary">
              <Link to={`/builds/${part.build}`} style={{ color: "inherit" }}>
                {part.build_title}
              </Link>
              : until {momentWords(part.until)}, {span(left)} more
            </Typography>
            <HoursBar hands={0} dries={left} label={`${part.name} dries for ${span(left)} more`} width={360} />
          </Box>
        );
      })}
    </Box>
  );
}
