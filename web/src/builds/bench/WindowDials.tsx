import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { useEffect, useRef } from "react";
import type { BenchWindow } from "../../api/types";
import { wallMoment } from "../../bench/clock";
import { signal } from "../../bench/sounds";
import { useTick } from "../../bench/useTick";
import { HowButton, HowTold } from "../../common/HowTold";
import { capital, clockWords, minutesOf, span } from "../../common/words";

/** Of the ring. */
const SIZE = 92;
const RADIUS = 38;
const ROUND = 2 * Math.PI * RADIUS;

/** Windows that run, each as a ring that empties: what opens and what closes is heard and felt. */
export function WindowDials({ windows }: { windows: BenchWindow[] }) {
  const now = minutesOf(wallMoment(useTick(1000)));
  const shown = windows.filter((one) => one.kind === "follow" || minutesOf(one.closes) >= now);
  useSignals(shown, now);
  if (!shown.length) return null;
  return (
    <Box component="section" aria-label="Windows" sx={{ display: "grid", gap: 1.5 }}>
      <Box component="h2" sx={{ m: 0, fontSize: 22 }}>
        While it lasts
      </Box>
      {shown.map((one) => (
        <WindowDial key={`${one.kind}${one.step}${one.from}`} window={one} now={now} />
      ))}
    </Box>
  );
}

function stateOf(one: BenchWindow, now: number): BenchWindow["state"] {
  if (now < minutesOf(one.opens)) return "waits";
  return now <= minutesOf(one.closes) ? "open" : "missed";
}

function WindowDial({ window, now }: { window: BenchWindow; now: number }) {
  const { tints, palette } = useTheme();
  const state = stateOf(window, now);
  const [opens, closes, from] = [minutesOf(window.opens), minutesOf(window.closes), minutesOf(window.from)];
  const share =
    state === "waits" ? (opens - now) / Math.max(opens - from, 1) : state === "open" ? (closes - now) / Math.max(closes - opens, 1) : 0;
  const colour = state === "open" ? tints.ready : state === "waits" ? tints.curing : tints.trouble;
  const left = state === "waits" ? opens - now : closes - now;
  return (
    <Box sx={{ display: "flex", gap: 1.5, alignItems: "center" }} data-window={window.kind} data-state={state}>
      <svg
        width={SIZE}
        height={SIZE}
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        role="img"
        aria-label={words(window, state, left)}
        style={{ flexShrink: 0 }}
      >
        <circle cx={SIZE / 2} cy={SIZE / 2} r={RADIUS} fill="none" stroke={tints.line} strokeWidth={10} />
        <circle
          cx={SIZE / 2}
          cy={SIZE / 2}
          r={RADIUS}
          fill="none"
          stroke={colour}
          strokeWidth={10}
          strokeDasharray={`${ROUND * Math.min(Math.max(share, 0), 1)} ${ROUND}`}
          transform={`rotate(-90 ${SIZE / 2} ${SIZE / 2})`}
        />
        <text x={SIZE / 2} y={SIZE / 2 + 7} textAnchor="middle" fontSize={22} fontWeight={700} fill={palette.text.primary}>
          {state === "missed" ? "✕" : short(left)}
        </text>
      </svg>
      <Box sx={{ minWidth: 0 }}>
        {words(window, state, left)}
        <HowButton large about={`until when: ${window.title}`}>
          <HowTold reckoning={window.how} />
        </HowButton>
      </Box>
    </Box>
  );
}

const short = (minutes: number): string => (minutes < 100 ? `${Math.ceil(minutes)}′` : `${Math.round(minutes / 60)} h`);

function words(window: BenchWindow, state: BenchWindow["state"], left: number): string {
  const until = clockWords(window.closes);
  if (window.kind === "pot") return `Lay it before ${until}: it sets in ${span(left)}`;
  if (window.kind === "work")
    return state === "waits"
      ? `${window.why ?? "Workable"} from ${clockWords(window.opens)} to ${until}: ${window.title}`
      : `${window.why ?? "Workable"} within ${span(left)}: ${window.title}`;
  if (state === "missed") return `Missed at ${until}: ${window.title}. ${capital(window.why ?? "")}`;
  return state === "waits" ? `${window.title}: from ${clockWords(window.opens)} to ${until}` : `${window.title}: before ${until}`;
}

/** Once for each that opens or is about to close. */
function useSignals(windows: BenchWindow[], now: number) {
  const told = useRef<Map<string, string> | null>(null);
  useEffect(() => {
    const states = new Map(windows.map((one) => [`${one.kind}${one.step}${one.from}`, stateOf(one, now)]));
    const before = told.current;
    if (before && [...states].some(([key, state]) => before.has(key) && before.get(key) !== state)) signal();
    told.current = states;
  }, [windows, now]);
}
