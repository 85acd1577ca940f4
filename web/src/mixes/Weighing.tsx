import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { api } from "../api/client";
import type { MixCard, Poured } from "../api/types";
import { capital, grams } from "../common/words";
import { Cup } from "./Cup";
import type { CardOf } from "./MixCardView";
import { useScales } from "./useScales";

/** What the hand pours while the button is held, g/s: the last grams slowly. */
const FAST = 4;
const SLOW = 0.6;
/** Less than the noise of the scales is nothing, g. */
const LEAST_G = 0.05;
/** A pan that was emptied comes to rest within this, ms. */
const REST_MS = 1500;

/** The card beside the scales: each part in its turn, the cup filling as it weighs, and what the others must become when one was poured over. */
export function Weighing({ of, card }: { of: CardOf; card: MixCard }) {
  const [weighing, setWeighing] = useState(false);
  const { there, reading, tare } = useScales(weighing);
  if (!there) return null;
  if (!weighing)
    return (
      <Button variant="outlined" sx={{ mt: 1.5, minHeight: 44 }} onClick={() => setWeighing(true)}>
        Weigh it on the scales
      </Button>
    );
  return (
    <Pan
      key={JSON.stringify([of, card.g])}
      of={of}
      card={card}
      g={reading?.g ?? null}
      stable={reading?.stable ?? false}
      tare={tare}
      onEnd={() => setWeighing(false)}
    />
  );
}

interface PanProps {
  of: CardOf;
  card: MixCard;
  /** Of the part that is poured now; null while the scales say nothing. */
  g: number | null;
  stable: boolean;
  tare: (after_ms?: number) => void;
  onEnd: () => void;
}

function Pan({ of, card, g, stable, tare, onEnd }: PanProps) {
  const { tints } = useTheme();
  /** What is in the cup of each part already, without what is poured now. */
  const [held, setHeld] = useState<(number | null)[]>(card.parts.map(() => null));
  /** The part that is poured now; null before the first and after the last. */
  const [part, setPart] = useState<number | null>(null);
  const begun = part !== null || held.some((one) => one !== null);
  const finished = part === null && begun;
  const poured = held.map((one, index) => (index === part && g !== null && g > LEAST_G ? (one ?? 0) + g : one));
  const pouring = { ...of, g: card.g, poured_g: poured };
  const { data } = useQuery({
    queryKey: ["poured", pouring],
    queryFn: () => api.mixPoured(pouring),
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
  const command = (body: Parameters<typeof api.commandScales>[0]) => void api.commandScales(body).catch(() => undefined);
  const begin = () => {
    command({ do: "clear" });
    setHeld(card.parts.map(() => null));
    setPart(0);
    // The pan comes to rest first.
    tare(REST_MS);
  };
  const pour = (index: number) => {
    tare();
    setPart(index);
  };
  const next = () => {
    if (g === null || part === null) return;
    const now = held.map((one, index) => (index === part ? (one ?? 0) + Math.max(g, 0) : one));
    const left = now.indexOf(null);
    setHeld(now);
    tare();
    setPart(left < 0 ? null : left);
  };
  const now = part === null ? undefined : data?.parts[part];
  const more = finished ? (data?.parts ?? []).flatMap((one, index) => (one.state === "short" && data?.saved ? [index] : [])) : [];
  return (
    <Box sx={{ mt: 2, border: 2, borderColor: "primary.main", p: 1.5 }} role="group" aria-label="On the scales">
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "baseline", flexWrap: "wrap", gap: 1 }}>
        <Typography variant="h3">On the scales</Typography>
        <Typography variant="body2" sx={{ bgcolor: tints.advicePaper, px: 1 }}>
          These scales are simulated: hold the button to pour.
        </Typography>
      </Stack>
      <Stack direction="row" sx={{ gap: 2.5, mt: 1, flexWrap: "wrap", alignItems: "flex-start" }}>
        <Cup card={card} poured={poured} />
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography aria-live="off" sx={{ fontSize: "2.6rem", fontWeight: 600, lineHeight: 1.1 }}>
            {g === null ? "…" : grams(Math.round(g * 100) / 100)}
            <Box component="span" sx={{ fontSize: "1rem", ml: 1, color: "text.secondary", fontWeight: 400 }}>
              {g === null ? "waiting for the scales" : stable ? "still" : "moving"}
            </Box>
          </Typography>
          {part !== null && now && (
            <>
              <Typography sx={{ fontSize: "1.2rem", mt: 0.5 }}>
                {capital(card.parts[part].name)}: <b>{grams(Number(now.becomes_g.toFixed(2)))}</b>
                {now.becomes_g > now.wanted_g * 1.001 && ` instead of ${grams(Number(now.wanted_g.toFixed(2)))}`}
              </Typography>
              <Band poured={poured[part] ?? 0} wanted={now.becomes_g} tolerance={now.tolerance_g} />
            </>
          )}
          <Stack direction="row" sx={{ gap: 1, mt: 1.5, flexWrap: "wrap" }}>
            {part === null ? (
              <>
                {more.map((index) => (
                  <Button key={card.parts[index].name} variant="contained" onClick={() => pour(index)} sx={{ minHeight: 56 }}>
                    Add {card.parts[index].name}
                  </Button>
                ))}
                <Button variant={more.length ? "outlined" : "contained"} onClick={begin} sx={{ minHeight: 56 }}>
                  {finished ? "Once more, with an empty cup" : "Empty cup on the pan: begin"}
                </Button>
              </>
            ) : (
              <>
                <Pour words="Pour" rate={FAST} command={command} />
                <Pour words="Drop by drop" rate={SLOW} command={command} />
                <Button variant="outlined" onClick={next} disabled={g === null || g < LEAST_G || !stable} sx={{ minHeight: 56 }}>
                  {held.filter((one) => one === null).length <= 1 ? "That is in" : "That is in: next part"}
                </Button>
              </>
            )}
            <Button onClick={onEnd} sx={{ minHeight: 56 }}>
              Put the scales away
            </Button>
          </Stack>
          {/* Below the buttons: what is said must not move them away from under the finger. */}
          {data && <Verdict data={data} card={card} finished={finished} />}
        </Box>
      </Stack>
    </Box>
  );
}

/** Pours for as long as it is held, by hand or by key. */
function Pour({ words, rate, command }: { words: string; rate: number; command: (body: { do: "flow"; g_per_s: number }) => void }) {
  const flow = (g_per_s: number) => command({ do: "flow", g_per_s });
  // By key: a finger that goes to another button takes the focus from this one, and must not stop that one.
  const keyed = useRef(false);
  const key = (down: boolean) => {
    if (down === keyed.current) return;
    keyed.current = down;
    flow(down ? rate : 0);
  };
  return (
    <Button
      variant="contained"
      sx={{ minHeight: 56, touchAction: "none" }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        flow(rate);
      }}
      onLostPointerCapture={() => flow(0)}
      onKeyDown={(event) => (event.key === " " || event.key === "Enter") && key(true)}
      onKeyUp={() => key(false)}
      onBlur={() => key(false)}
    >
      {words}
    </Button>
  );
}

const WIDTH = 300;

/** How near the needle is to what is wanted; the band is what counts as right. */
function Band({ poured, wanted, tolerance }: { poured: number; wanted: number; tolerance: number }) {
  const { tints, palette } = useTheme();
  const whole = wanted * 1.35;
  const x = (g: number) => Math.min(Math.max(g / whole, 0), 1) * WIDTH;
  const over = poured > wanted + tolerance;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 34`}
      width="100%"
      style={{ maxWidth: 420 }}
      role="img"
      aria-label={over ? "poured over" : `${grams(poured)} of ${grams(wanted)}`}
    >
      <rect x={0} y={8} width={WIDTH} height={18} fill="none" stroke={palette.text.secondary} />
      <rect
        x={x(wanted - tolerance)}
        y={4}
        width={Math.max(x(wanted + tolerance) - x(wanted - tolerance), 3)}
        height={26}
        fill={tints.ready}
        opacity={0.45}
      />
      <rect x={0} y={11} width={x(poured)} height={12} fill={over ? tints.trouble : tints.curing} />
      <line x1={x(wanted)} x2={x(wanted)} y1={0} y2={34} stroke={palette.text.primary} strokeWidth={2} />
    </svg>
  );
}

function Verdict({ data, card, finished }: { data: Poured; card: MixCard; finished: boolean }) {
  const short = data.parts.map((part, index) => ({ part, name: card.parts[index].name })).filter(({ part }) => part.state === "short");
  if (!data.saved)
    return (
      <Alert severity="error" sx={{ mt: 1 }}>
        Too much was poured: saving it would take more than twice the batch. Begin with an empty cup, and keep this for something else.
      </Alert>
    );
  if (data.grown)
    return (
      <Alert severity="warning" sx={{ mt: 1 }}>
        Poured over. It can be saved: the whole becomes {grams(Number(data.g.toFixed(1)))}.{" "}
        {data.parts
          .map((part, index) => `${capital(card.parts[index].name)} must become ${grams(Number(part.becomes_g.toFixed(2)))}`)
          .filter((_, index) => data.parts[index].state !== "right")
          .join("; ")}
        .
      </Alert>
    );
  if (finished && !short.length)
    return (
      <Alert severity="success" sx={{ mt: 1 }}>
        All in, within its tolerance. Stir it, and scrape the sides.
      </Alert>
    );
  return finished ? (
    <Alert severity="warning" sx={{ mt: 1 }}>
      Short of{" "}
      {short.map(({ part, name }) => `${name}, by ${grams(Number((part.becomes_g - (part.poured_g ?? 0)).toFixed(2)))}`).join(", ")}: add
      it.
    </Alert>
  ) : null;
}
