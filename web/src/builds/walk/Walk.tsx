import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useCallback, useEffect, useRef, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { useKeys } from "../../common/useKeys";
import { WALK } from "./steps";

/** Of the address: which step of the walk is shown. */
const PARAM = "walk";
/** What is lit is looked for again after this pause, ms: pages and drawings come in a little later. */
const LOOK_MS = 250;
const ROOM = { lit: 8, card: 16, wide: 380 };

/** Round a build in five steps, each with what it is about lit and the rest in shade. Left at any time; the address knows the step, so
 * that going back goes a step back. */
export function Walk({ id, stage }: { id: number; stage: string }) {
  const [search] = useSearchParams();
  const at = Number(search.get(PARAM));
  const step = WALK[at - 1];
  const navigate = useNavigate();
  const go = useCallback(
    (next: number | null) => {
      const to = next === null ? `/builds/${id}/${stage}` : `/builds/${id}/${WALK[next - 1].stage}?${PARAM}=${next}`;
      navigate(to, { replace: next === null });
    },
    [id, stage, navigate],
  );
  useKeys((event) => {
    if (!step || event.key !== "Escape") return false;
    go(null);
    return true;
  });
  const frame = useFrame(step && step.stage === stage ? step.lit : null);
  if (!step || step.stage !== stage) return null;
  return (
    <>
      {frame && <Shade frame={frame} />}
      <Card frame={frame}>
        <Dots at={at} />
        <Typography variant="h2" sx={{ mt: 0.5 }}>
          {step.title}
        </Typography>
        <Typography sx={{ mt: 0.5, mb: 1.5 }}>{step.words}</Typography>
        <Stack direction="row" sx={{ gap: 1 }}>
          <Button onClick={() => go(null)}>{at < WALK.length ? "Skip the walk" : "Look round"}</Button>
          <span style={{ flex: 1 }} />
          {at > 1 && <Button onClick={() => go(at - 1)}>Back</Button>}
          {at < WALK.length && (
            <Button variant="contained" onClick={() => go(at + 1)}>
              Next
            </Button>
          )}
        </Stack>
      </Card>
    </>
  );
}

/** Where on the screen something is; null while it is not there. */
function useFrame(selector: string | null): DOMRect | null {
  const [frame, setFrame] = useState<DOMRect | null>(null);
  useEffect(() => {
    if (!selector) return setFrame(null);
    const found = () => document.querySelector(selector);
    found()?.scrollIntoView({ block: "nearest" });
    const look = () => {
      const next = found()?.getBoundingClientRect() ?? null;
      setFrame((before) => (before && next && same(before, next) ? before : next));
    };
    look();
    const timer = setInterval(look, LOOK_MS);
    return () => clearInterval(timer);
  }, [selector]);
  return frame;
}

const same = (a: DOMRect, b: DOMRect) => a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height;

/** The page in shade but for what is lit, which is still under the hand. */
function Shade({ frame }: { frame: DOMRect }) {
  const { tints, zIndex } = useTheme();
  const [x, y, w, h] = [frame.x - ROOM.lit, frame.y - ROOM.lit, frame.width + 2 * ROOM.lit, frame.height + 2 * ROOM.lit];
  return (
    <svg
      aria-hidden
      width="100%"
      height="100%"
      style={{ position: "fixed", inset: 0, zIndex: zIndex.modal, pointerEvents: "none" }}
      data-testid="walk-shade"
    >
      <path d={`M0 0H9999V9999H0ZM${x} ${y}V${y + h}H${x + w}V${y}Z`} fill="#0b1410" fillOpacity={0.55} fillRule="evenodd" />
      <rect x={x} y={y} width={w} height={h} fill="none" stroke={tints.accent} strokeWidth={3} />
    </svg>
  );
}

/** Beside what is lit: below it, else above it, else over its lower end. */
function Card({ frame, children }: { frame: DOMRect | null; children: React.ReactNode }) {
  const { zIndex } = useTheme();
  const card = useRef<HTMLDivElement>(null);
  useEffect(() => card.current?.focus(), []);
  const high = card.current?.offsetHeight ?? 190;
  const wide = Math.min(ROOM.wide, window.innerWidth - 2 * ROOM.card);
  const left = Math.min(Math.max((frame?.x ?? 0) + ROOM.card, ROOM.card), window.innerWidth - wide - ROOM.card);
  const below = (frame?.bottom ?? 0) + ROOM.card;
  const above = (frame?.y ?? 0) - high - ROOM.card;
  const last = window.innerHeight - high - ROOM.card;
  const top = below <= last ? below : above >= ROOM.card ? above : last;
  return (
    <Paper
      ref={card}
      role="dialog"
      aria-label="A first walk"
      tabIndex={-1}
      elevation={8}
      sx={{ position: "fixed", top, left, width: wide, p: 2, zIndex: zIndex.modal + 1, outline: "none" }}
    >
      {children}
    </Paper>
  );
}

/** How far the walk has come. */
function Dots({ at }: { at: number }) {
  const { tints, palette } = useTheme();
  return (
    <svg width={WALK.length * 18} height={14} role="img" aria-label={`Step ${at} of ${WALK.length}`}>
      {WALK.map((step, i) => (
        <circle
          key={step.title}
          cx={8 + i * 18}
          cy={7}
          r={i + 1 === at ? 6 : 4}
          fill={i + 1 <= at ? tints.accent : "none"}
          stroke={palette.text.primary}
          strokeWidth={1.2}
        />
      ))}
    </svg>
  );
}
