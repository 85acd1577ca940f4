import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import { useState } from "react";
import type { BenchStage, Step } from "../../api/types";
import { instantNow, timerWords, wallMoment } from "../../bench/clock";
import { type Hand, spent } from "../../bench/pending";
import { useTick } from "../../bench/useTick";
import { capital, dateWords, span } from "../../common/words";
import { MixCardView } from "../../mixes/MixCardView";
import { PinnedPhotographs } from "../photographs/PinnedPhotographs";
import { usePhotographs } from "../photographs/usePhotographs";
import { partOf } from "../plan/shapesOf";
import { useOfBuild } from "../useSession";
import { BasesRow } from "./BasesRow";
import { StepDrawing } from "./StepDrawing";
import { useTell } from "./useTell";

interface Props {
  hand: Hand;
  step: Step;
  troubles: BenchStage["troubles"];
  /** Bases of the build. */
  copies: number;
  /** The part went wrong. */
  onWrong: (part: string | null) => void;
}

/** The step under hand: drawn, timed, with what to look at and mind; one tap to pause it, one when the hands are off. */
export function InHand({ hand, step, troubles, copies, onWrong }: Props) {
  const { tints } = useTheme();
  const tell = useTell();
  const [mixing, setMixing] = useState(false);
  const running = hand.running_since !== null;
  useTick(running ? 1000 : 60_000);
  const seconds = spent(hand, instantNow());
  const id = useOfBuild((build) => build.id);
  const mixes = useOfBuild((build) => build.evaluation.mixing).filter((one) => one.step === step.id);
  const parts = step.where.map(partOf);
  const pinned = usePhotographs()?.references.filter((one) => one.part && parts.includes(one.part)) ?? [];
  const before = troubles.find((one) => one.technique === step.technique)?.times ?? [];
  return (
    <Box
      component="section"
      aria-label={`In hand: ${step.title}`}
      sx={{ bgcolor: "background.paper", border: 2, borderColor: running ? tints.accent : tints.line, borderRadius: 1, p: 2 }}
    >
      <Box sx={{ display: "flex", gap: 2, alignItems: "center", flexWrap: "wrap" }}>
        <Box sx={{ flex: "1 1 260px", minWidth: 0 }}>
          <Box component="h2" sx={{ m: 0, fontSize: 26, lineHeight: 1.2 }}>
            {step.title}
          </Box>
          <Box sx={{ color: "text.secondary" }}>
            {step.rig ? `${capital(step.rig)}; ` : ""}
            {span(step.hands_on_min)} planned
            {hand.waits ? "; waits to be sent" : ""}
          </Box>
        </Box>
        <Box
          role="timer"
          aria-label="Hands on it"
          sx={{ fontSize: 44, fontWeight: 700, color: running ? "text.primary" : "text.secondary", minWidth: 120, textAlign: "right" }}
        >
          {timerWords(seconds)}
        </Box>
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 2fr" }, gap: 1.5, my: 1.5 }}>
        <Button
          variant="outlined"
          size="large"
          sx={{ minHeight: 72 }}
          onClick={() => void tell(running ? "paused" : "resumed", { step: hand.step })}
        >
          {running ? "Pause" : "Go on"}
        </Button>
        <Button
          variant="contained"
          size="large"
          sx={{ minHeight: 72, fontSize: "24px !important" }}
          onClick={() => void tell("laid", { step: hand.step })}
        >
          {copies > 1 ? "All are done: hands off" : "Done: hands off"}
        </Button>
      </Box>
      {copies > 1 && <BasesRow hand={hand} step={step} copies={copies} />}
      <StepDrawing step={step} now={wallMoment(instantNow())} />
      {pinned.length > 0 && <PinnedPhotographs references={pinned} />}
      {step.cautions.map((line) => (
        <Box key={line} sx={{ color: tints.trouble, mt: 1 }}>
          <b aria-hidden>⚠ </b>
          {line}
        </Box>
      ))}
      {step.cautions.length > 0 && (
        <Box sx={{ color: "text.secondary", fontSize: 18 }}>The safety data sheet and local rules come first.</Box>
      )}
      {before.map((one) => (
        <Box key={`${one.at}${one.title}`} sx={{ bgcolor: tints.advicePaper, p: 1, mt: 1 }}>
          <b>Last time it went wrong</b> ({dateWords(one.at)}, {one.title}):{" "}
          {[one.what, one.why].filter(Boolean).join(": ") || "no reason was noted"}
        </Box>
      ))}
      <Box
        component="dl"
        sx={{
          m: 0,
          mt: 1,
          display: "grid",
          gridTemplateColumns: "auto 1fr",
          columnGap: 1.5,
          rowGap: 0.5,
          "& dt": { fontWeight: 700 },
          "& dd": { m: 0 },
        }}
      >
        {step.look && (
          <>
            <dt>Look</dt>
            <dd>{step.look}</dd>
          </>
        )}
        {step.trouble && (
          <>
            <dt>If</dt>
            <dd>{step.trouble}</dd>
          </>
        )}
        {step.notes.map((note) => (
          <Box key={note} sx={{ display: "contents" }}>
            <dt>Mind</dt>
            <dd>{note}</dd>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", mt: 1.5 }}>
        {mixes.length > 0 && (
          <Button variant="outlined" aria-expanded={mixing} onClick={() => setMixing(!mixing)}>
            Mix card
          </Button>
        )}
        {mixes.length > 0 && (
          <Button
            variant="outlined"
            onClick={() => void tell("used", { step: hand.step, data: { material: mixes[0].material, mixed: true } })}
          >
            Stirred up now
          </Button>
        )}
        <Button variant="outlined" onClick={() => void tell("skipped", { step: hand.step })}>
          Leave it out
        </Button>
        <Button variant="outlined" color="error" onClick={() => onWrong(step.where[0] ?? null)}>
          It went wrong
        </Button>
      </Box>
      {mixing && mixes.map((one) => <MixCardView key={one.material} of={{ material: one.material, build: id }} start={one.g} />)}
    </Box>
  );
}
