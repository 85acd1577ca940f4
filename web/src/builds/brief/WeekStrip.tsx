import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { type PointerEvent, useRef, useState } from "react";
import { clockWords } from "../../common/words";
import { clock, type Day, days, type Evening, joined, minuteAt, minutes, painted, shareOf } from "./week";

interface Props {
  rows: Evening[];
  /** The stretch that is lit, by its place in rows. */
  lit: number | null;
  onLight: (index: number | null) => void;
  onChange: (rows: Evening[]) => void;
}

/** What is pulled: a new stretch from where it began, or an end of one that is there. */
interface Pull {
  day: Day;
  /** Where the other end stays, minutes. */
  fixed: number;
  at: number;
  /** Where the pulled end was. */
  began: number;
  index: number | null;
}

const HOURS = [0, 6, 12, 18, 24];
const words = (time: string) => clockWords(`2027-01-04T${time}`);

/** The week as a strip for each day: dragged along, time is painted free; its ends are dragged, and a tap lights a stretch to be typed. */
export function WeekStrip({ rows, lit, onLight, onChange }: Props) {
  const { tints, palette } = useTheme();
  const strips = useRef(new Map<Day, HTMLDivElement>());
  const [pull, setPull] = useState<Pull | null>(null);
  const placeOn = (day: Day, event: PointerEvent): number => {
    const frame = strips.current.get(day)?.getBoundingClientRect();
    return frame ? minuteAt((event.clientX - frame.left) / frame.width) : 0;
  };
  function begin(event: PointerEvent, next: Pull) {
    event.stopPropagation();
    strips.current.get(next.day)?.setPointerCapture(event.pointerId);
    setPull(next);
  }
  /** Where it is let go of: there may have been no move to that place. */
  function end(event: PointerEvent) {
    if (!pull) return;
    setPull(null);
    const at = placeOn(pull.day, event);
    if (at === pull.fixed || (pull.index !== null && at === pull.began)) return;
    const row = painted(pull.day, pull.fixed, at);
    onChange(
      joined(
        rows.filter((_, index) => index !== pull.index),
        row,
      ),
    );
    onLight(null);
  }
  const shown = (row: Evening, index: number): Evening =>
    pull?.index === index && pull.at !== pull.fixed ? painted(row.day, pull.fixed, pull.at) : row;
  return (
    <Box role="group" aria-label="Free times of the week" sx={{ width: "100%", maxWidth: 900, userSelect: "none" }}>
      {days().map(([day, name]) => (
        <Box key={day} sx={{ display: "flex", alignItems: "center", gap: 1, height: 30 }}>
          <Box sx={{ width: 44, fontSize: 14 }}>{name.slice(0, 3)}</Box>
          <Box
            ref={(element: HTMLDivElement | null) => void (element && strips.current.set(day, element))}
            data-day={day}
            onPointerDown={(event) => {
              const at = placeOn(day, event);
              begin(event, { day, fixed: at, at, began: at, index: null });
            }}
            onPointerMove={(event) => pull?.day === day && setPull({ ...pull, at: placeOn(day, event) })}
            onPointerUp={end}
            onPointerCancel={() => setPull(null)}
            sx={{
              position: "relative",
              flex: 1,
              height: 24,
              border: 1,
              borderColor: tints.line,
              cursor: "crosshair",
              touchAction: "none",
              backgroundImage: `repeating-linear-gradient(to right, ${tints.line} 0 1px, transparent 1px calc(100% / 24))`,
            }}
          >
            {rows.map((row, index) =>
              row.day === day ? (
                <Stretch
                  key={`${row.from}-${row.to}`}
                  row={shown(row, index)}
                  lit={lit === index}
                  onLight={() => onLight(lit === index ? null : index)}
                  onEnd={(which, event) => {
                    const [from, to] = [minutes(row.from), minutes(row.to)];
                    const began = which === "from" ? from : to;
                    begin(event, { day, fixed: which === "from" ? to : from, at: began, began, index });
                  }}
                />
              ) : null,
            )}
            {pull?.day === day && pull.index === null && pull.at !== pull.fixed && (
              <Box sx={{ ...place(painted(day, pull.fixed, pull.at)), bgcolor: tints.accent, opacity: 0.6, pointerEvents: "none" }} />
            )}
          </Box>
        </Box>
      ))}
      <Box sx={{ display: "flex", pl: "52px" }} aria-hidden>
        <Box sx={{ position: "relative", flex: 1, height: 20, fontSize: 12, color: palette.text.secondary }}>
          {HOURS.map((hour) => (
            <Box key={hour} component="span" sx={{ position: "absolute", left: `${(hour / 24) * 100}%`, transform: "translateX(-50%)" }}>
              {hour === 24 ? "24" : words(clock(hour * 60))}
            </Box>
          ))}
        </Box>
      </Box>
    </Box>
  );
}

const place = (row: Evening) => ({
  position: "absolute" as const,
  top: 0,
  bottom: 0,
  left: `${shareOf(row.from) * 100}%`,
  width: `${Math.max(shareOf(row.to) - shareOf(row.from), 0.01) * 100}%`,
});

interface StretchProps {
  row: Evening;
  lit: boolean;
  onLight: () => void;
  onEnd: (which: "from" | "to", event: PointerEvent) => void;
}

function Stretch({ row, lit, onLight, onEnd }: StretchProps) {
  const { tints } = useTheme();
  const end = (which: "from" | "to") => (
    <Box
      data-end={which}
      onPointerDown={(event) => onEnd(which, event)}
      sx={{
        position: "absolute",
        top: 0,
        bottom: 0,
        width: 12,
        cursor: "ew-resize",
        [which === "from" ? "left" : "right"]: -6,
        touchAction: "none",
      }}
    />
  );
  return (
    <Box sx={place(row)}>
      <Box
        component="button"
        type="button"
        aria-label={`${row.day} ${words(row.from)} to ${words(row.to)}`}
        aria-pressed={lit}
        onPointerDown={(event) => event.stopPropagation()}
        onClick={onLight}
        sx={{
          display: "block",
          width: "100%",
          height: "100%",
          p: 0,
          border: lit ? `2px solid ${tints.accent}` : 0,
          bgcolor: tints.mat,
          color: tints.matInk,
          fontFamily: "inherit",
          fontSize: 11,
          overflow: "hidden",
          whiteSpace: "nowrap",
          cursor: "pointer",
        }}
      >
        {words(row.from)}–{words(row.to)}
      </Box>
      {end("from")}
      {end("to")}
    </Box>
  );
}
