import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { Link, useNavigate } from "react-router";
import type { Doable } from "../api/types";
import { tell } from "../bench/outbox";
import { momentWords, span } from "../common/words";
import { HoursBar } from "./HoursBar";

/** A step that nothing holds back: how long it takes, how long it then dries, how long it may be left. */
export function DoableRow({ work, at }: { work: Doable; at: string }) {
  const { tints } = useTheme();
  const navigate = useNavigate();
  /** It is under hand from now on: the bench of its build shows it. */
  async function begin() {
    await tell(work.build, "started", { step: work.step });
    navigate(`/builds/${work.build}/bench`);
  }
  const presses = work.spare_min <= 0;
  return (
    <Box data-doable={work.step} sx={{ borderBottom: 1, borderColor: tints.line, py: 1 }}>
      <Box sx={{ display: "flex", gap: 2, alignItems: "baseline", flexWrap: "wrap" }}>
        <Typography sx={{ fontWeight: 600, flex: "1 1 300px" }}>{work.title}</Typography>
        <Button variant="outlined" onClick={() => void begin()} aria-label={`Begin: ${work.title}`} sx={{ order: 2 }}>
          Begin
        </Button>
        <Typography sx={{ color: presses ? tints.trouble : undefined, fontWeight: presses ? 600 : 400 }}>
          {work.spare_min < 0
            ? `▲ late by ${span(-work.spare_min)}`
            : presses
              ? "● sets the ready date"
              : `may be left for ${span(work.spare_min)}`}
        </Typography>
      </Box>
      <Typography color="text.secondary">
        <Link to={`/builds/${work.build}/order`} style={{ color: "inherit" }}>
          {work.build_title}
        </Link>
        : {span(work.hands_on_min)} of work,{" "}
        {work.tail_min === null
          ? "then dries for an unknown time"
          : work.tail_min > 0
            ? `then dries ${span(work.tail_min)}`
            : "nothing to wait for"}
        {work.planned !== at && `; planned for ${momentWords(work.planned)}`}
      </Typography>
      <HoursBar hands={work.hands_on_min} dries={work.tail_min ?? 0} label={`${work.title}: work, then drying`} width={640} />
      {work.cautions.map((line) => (
        <Typography key={line} variant="body2" sx={{ color: tints.trouble }}>
          <b aria-hidden>⚠ </b>
          {line}
        </Typography>
      ))}
    </Box>
  );
}
