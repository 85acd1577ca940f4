import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { api } from "../../api/client";
import { onSent } from "../../bench/outbox";
import { at, count, dayWords, momentWords, money, span } from "../../common/words";
import { useToldHere } from "../bench/useToldHere";
import { useOfBuild } from "../useSession";
import { ClimateTrace } from "./ClimateTrace";
import { DayEntry } from "./DayEntry";
import { NoteForm } from "./NoteForm";

/** What really was: planned beside actual, day by day, with photographs; to be read, printed and kept. */
export function DaybookPage() {
  const id = useOfBuild((build) => build.id);
  const version = useOfBuild((build) => build.version);
  const { palette } = useTheme();
  useToldHere();
  const { data: story, refetch } = useQuery({ queryKey: ["daybook", id, version], queryFn: () => api.daybook(id) });
  useEffect(() => onSent((build) => void (build === id && refetch())), [id, refetch]);
  if (!story)
    return (
      <Typography role="status" sx={{ p: 3 }}>
        Opening the daybook…
      </Typography>
    );
  return (
    <Box sx={{ maxWidth: 1080, mx: "auto", p: 2 }}>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          Daybook
        </Typography>
        <Button variant="outlined" onClick={() => window.print()}>
          Print
        </Button>
        <Button variant="outlined" href={`/api/builds/${id}/daybook.html`}>
          As one page (.html)
        </Button>
        <Button variant="outlined" href={`/api/builds/${id}/daybook.zip`}>
          As text with pictures (.zip)
        </Button>
      </Box>
      {story.words && <Typography sx={{ mt: 1 }}>{story.words}</Typography>}
      <Typography sx={{ my: 1 }}>
        {story.from && story.to ? (
          <>
            {momentWords(story.from)} to {momentWords(story.to)}; <b>{span(story.hands_on_min)}</b> at the bench as far as it was timed,{" "}
            {span(story.planned_min)} planned; <b>{money(story.spent_minor)}</b> of material so far
            {story.unpriced.length > 0 && ` (no price is known of ${story.unpriced.join(", ")})`}
            {story.redos > 0 && `; ${count(story.redos, "step")} done again`}.
          </>
        ) : (
          "Nothing has been begun yet: what happens at the bench is told here."
        )}
      </Typography>
      {story.from && (
        <Box
          component="img"
          src={`/api/builds/${id}/daybook.svg?v=${version}&theme=${palette.mode}`}
          alt="Planned beside actual, step by step, on one line of time"
          sx={{ width: "100%", border: 1, borderColor: "divider" }}
        />
      )}
      <ClimateTrace climate={story.climate} />
      <NoteForm />
      {[...story.days].reverse().map((day) => (
        <Box component="section" key={day.day} aria-label={dayWords(at(day.day))} sx={{ mt: 2 }}>
          <Typography variant="h2" sx={{ borderBottom: 2, borderColor: "primary.main" }}>
            {dayWords(at(day.day))}
          </Typography>
          {day.entries.map((entry) => (
            <DayEntry key={`${entry.kind}${entry.at}${entry.step}${entry.picture}`} entry={entry} build={id} />
          ))}
        </Box>
      ))}
    </Box>
  );
}
