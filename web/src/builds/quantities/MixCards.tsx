import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { MixNeeded } from "../../api/types";
import { Cautions, COMES_FIRST } from "../../common/Cautions";
import { Swatch } from "../../common/Swatch";
import { capital } from "../../common/words";
import { MixCardView } from "../../mixes/MixCardView";
import { useBuild, useBuildSession } from "../useSession";
import { MixWords } from "./MixWords";

/** What is stirred up for the build, step by step; each unfolds to the card to do it by. */
export function MixCards() {
  const { evaluation } = useBuild();
  const [open, setOpen] = useState<string | null>(null);
  if (!evaluation.mixing.length) return null;
  return (
    <Box component="section" aria-label="Mix cards" sx={{ mt: 2 }}>
      <Typography variant="h2" sx={{ borderBottom: 2, borderColor: "primary.main" }}>
        Mix cards
      </Typography>
      {evaluation.mixing.map((needed) => {
        const key = `${needed.step}${needed.material}`;
        return <Needed key={key} needed={needed} open={open === key} onOpen={() => setOpen(open === key ? null : key)} />;
      })}
    </Box>
  );
}

function Needed({ needed, open, onOpen }: { needed: MixNeeded; open: boolean; onOpen: () => void }) {
  const { id, evaluation } = useBuild();
  const session = useBuildSession();
  const cautions = evaluation.steps.find((step) => step.id === needed.step)?.cautions ?? [];
  return (
    <Box sx={{ borderBottom: 1, borderColor: "divider" }} data-mix={needed.material}>
      <Button
        fullWidth
        color="inherit"
        aria-expanded={open}
        onClick={() => {
          onOpen();
          if (needed.where[0]) session.select(needed.where[0]);
        }}
        sx={{ justifyContent: "flex-start", textAlign: "left", gap: 1.5, py: 1, fontWeight: 400 }}
      >
        <Swatch colour={needed.colour} />
        <Box sx={{ flex: 1 }}>
          <b>{capital(needed.name)}</b> for {needed.title}
          <MixWords needed={needed} />
        </Box>
      </Button>
      {open && (
        <Box sx={{ px: 1, pb: 2, display: "grid", gap: 1.5 }}>
          <Cautions lines={cautions} last={COMES_FIRST} />
          <MixCardView of={{ material: needed.material, build: id }} start={needed.g} />
        </Box>
      )}
    </Box>
  );
}
