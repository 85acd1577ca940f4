import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import type { BenchEvent } from "../../api/types";
import { eventMoment, instantNow, wallMoment } from "../../bench/clock";
import { kindsOf, useCatalogue } from "../../common/catalogue";
import { uuid } from "../../common/uuid";
import { momentWords, money, span } from "../../common/words";
import { bounds, ringsPath } from "../plan/outline";
import { PlanShapes } from "../plan/PlanShapes";
import { partOf, shapesOf } from "../plan/shapesOf";
import { useAsItStands } from "../rehearsal/useRehearsal";
import { useFile, useOfBuild } from "../useSession";
import { useTell } from "./useTell";

const MARGIN = 0.05;

/** What comes off: chosen on the drawing; what must be done again and what it costs is told before it is so. */
export function RipOut({ part, onClose }: { part: string | null; onClose: () => void }) {
  const id = useOfBuild((build) => build.id);
  const version = useOfBuild((build) => build.version);
  const finished = useOfBuild((build) => build.drawing);
  // What is not there yet cannot come off.
  const [now] = useState(() => wallMoment(instantNow()));
  const drawing = useAsItStands(now)?.drawing ?? finished;
  const steps = useOfBuild((build) => build.evaluation.steps);
  const begun = useOfBuild((build) => build.evaluation.schedule?.steps.some((step) => step.done) ?? false);
  const file = useFile();
  const tell = useTell();
  const { tints } = useTheme();
  const catalogue = useCatalogue();
  const [chosen, setChosen] = useState<string | null>(part);
  const [why, setWhy] = useState<string | null>(null);
  const [asked] = useState<BenchEvent>(() => ({ id: uuid(), kind: "redone", at: eventMoment(instantNow()) }) as BenchEvent);
  const removal = useQuery({
    queryKey: ["removal", id, version, chosen],
    queryFn: () => api.removal(id, chosen as string, asked),
    enabled: chosen !== null,
  });
  const [x0, y0, x1, y1] = bounds(drawing.foot);
  const room = Math.max(x1 - x0, y1 - y0) * MARGIN;
  const off = new Set((removal.data?.parts ?? []).map((one) => partOf(one)));
  const place = chosen && partOf(chosen);
  const zone = place?.startsWith("/zones/") ? file.zones?.[Number(place.split("/")[2])] : undefined;
  const told = removal.data;
  return (
    <Box
      component="section"
      aria-label="What comes off"
      sx={{ p: 2, display: "grid", gap: 2, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 420px" }, alignItems: "start" }}
    >
      <Box>
        <Box component="h2" sx={{ m: 0, fontSize: 26 }}>
          What comes off? Tap it.
        </Box>
        <Box sx={{ bgcolor: tints.mat, borderRadius: 1, p: 0.5 }}>
          {/* biome-ignore lint/a11y/useSemanticElements: a drawing whose parts are pressed */}
          <svg
            role="group"
            aria-label="Plan: tap what comes off"
            viewBox={`${x0 - room} ${-y1 - room} ${x1 - x0 + 2 * room} ${y1 - y0 + 2 * room}`}
            style={{ display: "block", width: "100%", maxHeight: 430 }}
          >
            <g transform="scale(1 -1)">
              <PlanShapes drawing={drawing} thumbnail />
              {shapesOf(drawing).map((shape) => (
                // biome-ignore lint/a11y/useSemanticElements: a shape of a drawing
                <path
                  key={shape.pointer}
                  role="button"
                  tabIndex={0}
                  aria-label={shape.name}
                  aria-pressed={place === shape.pointer}
                  d={ringsPath(shape.rings)}
                  fill={off.has(shape.pointer) ? tints.trouble : "transparent"}
                  fillOpacity={0.45}
                  stroke={place === shape.pointer ? tints.accent : "none"}
                  strokeWidth={room / 3}
                  style={{ cursor: "pointer" }}
                  onClick={() => setChosen(shape.pointer)}
                  onKeyDown={(event) => (event.key === "Enter" || event.key === " ") && setChosen(shape.pointer)}
                />
              ))}
            </g>
          </svg>
        </Box>
        {zone?.courses && zone.courses.length > 1 && (
          <Box role="group" aria-label="From which course on" sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
            <Button variant={chosen === place ? "contained" : "outlined"} onClick={() => setChosen(place)}>
              All of it
            </Button>
            {zone.courses.map((course, index) => {
              const pointer = `${place}/courses/${index}`;
              const title = steps.find((step) => step.where.includes(pointer))?.title ?? course.material;
              return (
                <Button key={pointer} variant={chosen === pointer ? "contained" : "outlined"} onClick={() => setChosen(pointer)}>
                  From: {title}
                </Button>
              );
            })}
          </Box>
        )}
      </Box>
      <Box sx={{ display: "grid", gap: 1.5 }}>
        {chosen === null && <Box>Nothing is chosen. {!begun && "Nothing has been done yet."}</Box>}
        {removal.error && (
          <Box role="alert">
            {removal.error instanceof Refused ? removal.error.problem.detail : "It cannot be asked for without the server."}
          </Box>
        )}
        {told && told.again.length === 0 && <Box>Nothing of it has been done yet: nothing comes off.</Box>}
        {told && told.again.length > 0 && (
          <>
            <Box component="h3" sx={{ m: 0, fontSize: 22 }}>
              To be done again
            </Box>
            <Box component="ul" sx={{ m: 0, pl: 3 }}>
              {told.again.map((one) => (
                <li key={one.step}>
                  {one.title} ({span(one.hands_on_min)})
                </li>
              ))}
            </Box>
            <Box sx={{ bgcolor: tints.advicePaper, p: 1.5 }}>
              It costs <b>{span(told.hands_on_min)}</b> of work and <b>{money(told.cost_minor)}</b> of material
              {told.unpriced.length > 0 && ` (no price is known of ${told.unpriced.join(", ")})`}
              {told.ready_after === null
                ? "; no date can be given then."
                : (told.later_min ?? 0) > 0
                  ? `; it is ready ${span(told.later_min)} later, ${momentWords(told.ready_after)}.`
                  : "; the ready date stands."}
            </Box>
            <Box role="group" aria-label="Why" sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
              {kindsOf(catalogue, "mishaps").map(({ key, name = key }) => (
                <Button
                  key={key}
                  variant={why === name ? "contained" : "outlined"}
                  aria-pressed={why === name}
                  onClick={() => setWhy(name)}
                >
                  {name}
                </Button>
              ))}
            </Box>
            <TextField
              label="Or in your own words"
              value={why ?? ""}
              onChange={(event) => setWhy(event.target.value || null)}
              slotProps={{ htmlInput: { maxLength: 400 } }}
              sx={{ "& input, & label": { fontSize: 20 }, "& input": { minHeight: 40 } }}
            />
            <Button
              variant="contained"
              color="error"
              sx={{ minHeight: 72 }}
              onClick={() => {
                const { id: _, kind: __, at: ___, ...event } = told.event as BenchEvent;
                void tell("redone", { ...event, data: { ...event.data, ...(why ? { why } : {}) } });
                onClose();
              }}
            >
              Take it off
            </Button>
          </>
        )}
        <Button variant="outlined" onClick={onClose}>
          Back to the bench
        </Button>
      </Box>
    </Box>
  );
}
