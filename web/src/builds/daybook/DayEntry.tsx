import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import type { DaybookEntry } from "../../api/types";
import { Swatch } from "../../common/Swatch";
import { clockWords, count, minutesOf, momentWords, span } from "../../common/words";

const WORDS: Record<DaybookEntry["kind"], string> = {
  done: "",
  left_out: "Left out",
  redone: "Went wrong",
  skipped: "Left out",
  seen_dry: "Found dry",
  still_wet: "Still wet",
  noted: "Note",
  pictured: "Photograph",
  measured: "Measured",
  used: "Used",
};
/** A step begun so much away from its first plan is told to be, minutes. */
const ELSEWHEN = 720;

/** One thing of a day. */
export function DayEntry({ entry, build }: { entry: DaybookEntry; build: number }) {
  const { tints } = useTheme();
  const wrong = entry.kind === "redone";
  return (
    <Box
      data-entry={entry.kind}
      sx={{ display: "flex", gap: 1.5, py: 0.75, borderBottom: 1, borderColor: tints.line, breakInside: "avoid" }}
    >
      <Box component="time" sx={{ width: 64, color: "text.secondary", flexShrink: 0 }}>
        {clockWords(entry.at)}
      </Box>
      <Box sx={{ width: 26, flexShrink: 0 }}>{entry.colour && <Swatch colour={entry.colour} />}</Box>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        {WORDS[entry.kind] && (
          <Box component="b" sx={{ color: wrong ? tints.trouble : undefined }}>
            {wrong ? "▲ " : ""}
            {WORDS[entry.kind]}
            {entry.title || entry.text ? ": " : ""}
          </Box>
        )}
        {entry.kind === "done" ? <b>{entry.title}</b> : entry.title}
        {entry.text && <Box component="span">{entry.title ? `: ${entry.text}` : entry.text}</Box>}
        {entry.kind === "done" && <Box sx={{ color: "text.secondary" }}>{doneWords(entry)}</Box>}
        {entry.picture && (
          <a href={`/api/builds/${build}/picture/${entry.picture}`}>
            <Box
              component="img"
              src={`/api/builds/${build}/picture/${entry.picture}`}
              alt={entry.text ?? entry.title ?? "Photograph"}
              loading="lazy"
              sx={{ display: "block", maxWidth: "100%", maxHeight: 320, mt: 0.5 }}
            />
          </a>
        )}
      </Box>
    </Box>
  );
}

function doneWords(entry: DaybookEntry): string {
  const words: string[] = [];
  if (entry.spent_min != null) words.push(`${span(entry.spent_min)} of work, ${span(entry.planned_min)} planned`);
  else if (entry.planned_min != null) words.push(`${span(entry.planned_min)} planned, not timed`);
  if (entry.dry_min != null) words.push(`dry after ${span(entry.dry_min)}, ${span(entry.foretold_min)} foretold`);
  if (entry.begun && entry.planned_start) {
    const by = minutesOf(entry.begun) - minutesOf(entry.planned_start);
    if (Math.abs(by) >= ELSEWHEN)
      words.push(`${span(Math.abs(by))} ${by > 0 ? "later" : "sooner"} than first planned (${momentWords(entry.planned_start)})`);
  }
  if (entry.redos) words.push(`done again ${count(entry.redos, "time")}`);
  return words.join("; ");
}
