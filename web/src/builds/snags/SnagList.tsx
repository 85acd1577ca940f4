import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { Snag } from "../../api/types";
import { placedPart } from "../plan/parts";
import { related, useOfBuild, useSelection } from "../useSession";
import { SnagCard, WantedSnag } from "./SnagCard";

/** What will go wrong or look wrong, why, and what one click does about it. The lit part's own come first. */
export function SnagList() {
  const found = useOfBuild((build) => build.evaluation.snags);
  const wanted = useOfBuild((build) => build.evaluation.wanted_snags);
  const { pointer } = useSelection();
  const own = (snag: Snag) => pointer !== null && snag.where !== "" && related(snag.where, placedPart(pointer));
  const snags = [...found].sort((a, b) => Number(own(b)) - Number(own(a)));
  return (
    <Box component="section" aria-label="Snags" id="snags">
      <Typography variant="h2">Snags</Typography>
      {snags.length === 0 && (
        <Typography color="text.secondary">None found. Fit, relief, water, materials, drying and dates were looked at.</Typography>
      )}
      <Stack sx={{ gap: 1, mt: 0.5 }}>
        {snags.map((snag) => (
          <SnagCard key={`${snag.code}${snag.where}${snag.message}`} snag={snag} lit={own(snag)} />
        ))}
      </Stack>
      {wanted.length > 0 && (
        <Stack sx={{ gap: 0.75, mt: 1.25 }} component="section" aria-label="Wanted so">
          <Typography variant="h3">Wanted so</Typography>
          {wanted.map((snag) => (
            <WantedSnag key={`${snag.code}${snag.where}`} snag={snag} />
          ))}
        </Stack>
      )}
    </Box>
  );
}
