import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Schedule } from "../../api/types";
import { minutesOf, momentWords } from "../../common/words";
import { useMoment, useRehearsed } from "./useRehearsal";

const PLAY_MS = 900;
const momentOf = (minutes: number): string => new Date(minutes * 60000).toISOString().slice(0, 16);

/** A handle through the weeks: plan, section and turntable show the base as it stands then, sitting by sitting, by hand or by itself. */
export function RehearsalBar({ schedule }: { schedule: Schedule }) {
  const { moment, go } = useMoment();
  const rehearsed = useRehearsed();
  const [playing, setPlaying] = useState(false);
  const first = minutesOf(schedule.start);
  const last = minutesOf(schedule.ready_at);
  const stops = [...schedule.sittings.map((sitting) => sitting.to), schedule.ready_at].map((stop) => stop.slice(0, 16)).sort();
  const next = () => stops.find((stop) => stop > (moment ?? "")) ?? null;
  const before = () => [...stops].reverse().find((stop) => stop < (moment ?? "~")) ?? momentOf(first);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the next stop follows from the moment
  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => {
      const stop = next();
      if (stop) go(stop);
      else setPlaying(false);
    }, PLAY_MS);
    return () => clearTimeout(timer);
  }, [playing, moment]);

  if (moment === null)
    return (
      <Button size="small" onClick={() => go(momentOf(first))}>
        Rehearse
      </Button>
    );
  return (
    <Stack
      direction="row"
      sx={{ alignItems: "center", gap: 1, flexWrap: "wrap", order: 1, flex: "1 0 100%", minWidth: 0 }}
      role="group"
      aria-label="Rehearsal"
    >
      <Button size="small" onClick={() => go(before())} aria-label="One sitting back" sx={{ minWidth: 34 }}>
        |◀
      </Button>
      <Button
        size="small"
        onClick={() => setPlaying(!playing)}
        aria-label={playing ? "Stop the rehearsal" : "Play the rehearsal"}
        sx={{ minWidth: 34 }}
      >
        {playing ? "■" : "▶"}
      </Button>
      <Button size="small" onClick={() => go(next() ?? moment)} aria-label="One sitting on" sx={{ minWidth: 34 }}>
        ▶|
      </Button>
      <Slider
        size="small"
        aria-label="Moment of the rehearsal"
        value={minutesOf(moment)}
        min={first}
        max={last}
        step={15}
        onChange={(_, value) => go(momentOf(value as number))}
        sx={{ flex: "1 1 160px", maxWidth: 420, mx: 1 }}
      />
      <Typography variant="body2" sx={{ flex: "2 1 320px", minWidth: 0 }} role="status">
        <b>{momentWords(moment)}</b> {told(rehearsed)}
      </Typography>
      <Button
        size="small"
        onClick={() => {
          setPlaying(false);
          go(null);
        }}
      >
        End
      </Button>
    </Stack>
  );
}

/** What must not be touched, and what could be done meanwhile. */
function told(rehearsed: ReturnType<typeof useRehearsed>): string {
  if (!rehearsed) return "";
  const wet = rehearsed.wet.length ? `Do not touch: ${rehearsed.wet.join(", ")}` : "Nothing is wet";
  const free = rehearsed.possible.length
    ? `could be done now: ${rehearsed.possible.slice(0, 2).join(", ")}`
    : "nothing else can be done yet";
  return `${wet}; ${free}.`;
}
