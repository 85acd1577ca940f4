import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import type { BenchBeginning, BenchStage, Step } from "../../api/types";
import { momentWords, span } from "../../common/words";
import { useTell } from "./useTell";

interface Props {
  stage: BenchStage;
  byId: Map<string, Step>;
  /** Whether something is under hand: then this is what can be done meanwhile. */
  busy: boolean;
  left: { laid: Set<string>; hands: { step: string }[] };
}

/** So many are offered at once: what presses most. */
const SHOWN = 6;

/** What can be begun, what sets the date first; what should not be begun any more, and why; what comes when something has dried. */
export function NextUp({ stage, byId, busy, left }: Props) {
  const gone = (step: string) => left.laid.has(step) || left.hands.some((hand) => hand.step === step);
  const there = stage.beginnings.filter((one) => byId.has(one.step) && !gone(one.step));
  const may = there.filter((one) => one.not_now === null);
  const not = there.filter((one) => one.not_now !== null);
  const coming = stage.coming && byId.get(stage.coming.step);
  return (
    <Box component="section" aria-label={busy ? "Meanwhile" : "Next"} sx={{ display: "grid", gap: 1 }}>
      <Box component="h2" sx={{ m: 0, fontSize: 22 }}>
        {busy ? "Meanwhile" : "Next"}
      </Box>
      {may.length === 0 && (
        <Box>
          {coming && stage.coming
            ? `Nothing: the next, “${coming.title}”, when it is dry, ${momentWords(stage.coming.at)}.`
            : not.length
              ? "Nothing that fits into this sitting."
              : busy
                ? "Nothing else can be done until this is."
                : "Nothing is left to do."}
        </Box>
      )}
      {may.slice(0, SHOWN).map((one, index) => (
        <Doable key={one.step} one={one} step={byId.get(one.step) as Step} first={index === 0 && !busy} />
      ))}
      {may.length > 0 && coming && stage.coming && (
        <Box sx={{ color: "text.secondary" }}>
          Then, when it is dry: {coming.title}, {momentWords(stage.coming.at)}.
        </Box>
      )}
      {not.length > 0 && (
        <Box component="section" aria-label="Not any more in this sitting">
          <Box component="h3" sx={{ m: 0, fontSize: 20 }}>
            Not any more in this sitting
          </Box>
          {not.slice(0, SHOWN).map((one) => (
            <Box key={one.step} sx={{ color: "text.secondary" }}>
              {byId.get(one.step)?.title}: {one.not_now}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

function Doable({ one, step, first }: { one: BenchBeginning; step: Step; first: boolean }) {
  const tell = useTell();
  const { tints } = useTheme();
  return (
    <Box data-begin={one.step} sx={{ display: "flex", gap: 1.5, alignItems: "center", borderBottom: 1, borderColor: tints.line, py: 1 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box sx={{ fontWeight: 600 }}>{step.title}</Box>
        <Box sx={{ color: "text.secondary" }}>
          {span(step.hands_on_min)}
          {step.tail_min === null ? ", then dries for an unknown time" : step.tail_min > 0 ? `, then dries ${span(step.tail_min)}` : ""};{" "}
          <Box component="span" sx={{ color: one.slack_min <= 0 ? tints.trouble : undefined }}>
            {one.slack_min <= 0 ? "● sets the ready date" : `may be left for ${span(one.slack_min)}`}
          </Box>
        </Box>
      </Box>
      <Button
        variant={first ? "contained" : "outlined"}
        sx={{ minWidth: 110, minHeight: first ? 72 : 56 }}
        aria-label={`Begin: ${step.title}`}
        onClick={() => void tell("started", { step: one.step })}
      >
        Begin
      </Button>
    </Box>
  );
}
