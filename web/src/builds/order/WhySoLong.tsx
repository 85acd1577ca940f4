import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ScheduledStep, Step } from "../../api/types";
import { momentWords, plain, short, span } from "../../common/words";
import { DryingNote } from "./DryingNote";

/** The drying time taken apart: what makes it longer or shorter than at the reference state, and where each comes from. */
export function WhySoLong({ step, when }: { step: Step; when: ScheduledStep | null }) {
  const { drying } = step;
  return (
    <Box>
      <Typography variant="h3">Why so long?</Typography>
      <Typography variant="body2">
        {drying.material ? plain(drying.material.replace("mix:", "")) : "It"}: touch-dry in {span(drying.handle_min)}, next work after{" "}
        {span(drying.next_min)}, dry through in {span(drying.dry_min)}, full cure in {span(drying.full_min)}
        {when && step.tail_min ? `; ready ${momentWords(when.ready)}` : ""}.
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {drying.factors.map((factor) => (
          <li key={factor.name}>
            <Typography variant="body2" component="span">
              <b>×{short(factor.value)}</b> {factor.name}: {factor.why}{" "}
              <Typography component="span" variant="caption" color="text.secondary">
                ({factor.source})
              </Typography>
            </Typography>
          </li>
        ))}
      </Box>
      <DryingNote step={step} />
    </Box>
  );
}
