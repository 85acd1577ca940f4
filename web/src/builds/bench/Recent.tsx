import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import { useState } from "react";
import type { BenchRecent } from "../../api/types";
import { wallMoment } from "../../bench/clock";
import { clockWords, at as dateOf, dayWords } from "../../common/words";
import { useTell } from "./useTell";

const WORDS: Record<BenchRecent["kind"], string> = {
  started: "begun",
  resumed: "gone on with",
  paused: "paused",
  laid: "done",
  skipped: "left out",
  seen_dry: "found dry",
  still_wet: "still wet",
  redone: "went wrong",
  pinned: "pinned",
  replanned: "planned anew",
  used: "used",
  measured: "measured",
  noted: "noted",
  pictured: "photographed",
  forgot: "forgotten",
  took_back: "taken back",
};
const SHOWN = 4;

/** What happened last, each with a way back for as long as one likes. */
export function Recent({ recent, tookBack, onWrong }: { recent: BenchRecent[]; tookBack: Set<string>; onWrong: () => void }) {
  const tell = useTell();
  const { tints } = useTheme();
  const [all, setAll] = useState(false);
  const shown = recent.filter((one) => !tookBack.has(one.id));
  if (!shown.length) return null;
  return (
    <Box component="section" aria-label="What happened last">
      <Box component="h2" sx={{ m: 0, fontSize: 22 }}>
        What happened last
      </Box>
      {shown.slice(0, all ? shown.length : SHOWN).map((one) => {
        const moment = wallMoment(Date.parse(one.at));
        return (
          <Box
            key={one.id}
            data-event={one.id}
            sx={{ display: "flex", gap: 1, alignItems: "center", borderBottom: 1, borderColor: tints.line }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <b>
                {WORDS[one.kind]} {clockWords(moment)}
              </b>{" "}
              <Box component="span" sx={{ color: "text.secondary" }}>
                {dayWords(dateOf(moment))} {one.title ?? ""} {one.copies ? `base ${one.copies.join(", ")}` : ""}
              </Box>
            </Box>
            <Button
              onClick={() => void tell("took_back", { data: { event: one.id } })}
              aria-label={`Take back: ${WORDS[one.kind]} ${one.title ?? ""}`}
            >
              Take back
            </Button>
          </Box>
        );
      })}
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        {shown.length > SHOWN && <Button onClick={() => setAll(!all)}>{all ? "Fewer" : "More"}</Button>}
        <Button color="error" onClick={onWrong}>
          Something came off
        </Button>
      </Box>
    </Box>
  );
}
