import { useTheme } from "@mui/material/styles";
import { useState } from "react";
import type { Drawing, Point, Within } from "../../api/types";
import { snapOf } from "../plan/gesture";
import { add, bounds, distance, less, roundedPoint } from "../plan/outline";
import { PlanShapes } from "../plan/PlanShapes";
import type { Rehearsed } from "../rehearsal/useRehearsal";
import { useBuildSession, useFile } from "../useSession";

/** Pixels that a hand may tremble by without moving anything. */
const TAP_PX = 5;
const ARROWS: Record<string, Point> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
/** By "[" and "]", as of all that is turned on the plan. */
const TURN_DEG: Record<string, number> = { "[": 5, "]": -5 };

type Place = NonNullable<Within["place"]>;
interface Props {
  within: Within[];
  /** As far as each has come at the moment that is rehearsed; null: finished, and moved by hand. */
  stood?: Rehearsed["bodies"];
  /** Of a pointer, mm on the plan. */
  over: (event: { clientX: number; clientY: number }) => Point;
  /** Screen pixels for each mm. */
  scale: number;
}

/** Further bodies where they are on the plan of the build: dragged to their place, and shown by themselves on a tap. */
export function FurtherBodies({ within, stood, ...props }: Props) {
  return within.map((one) => {
    if (!one.place) return null;
    const so_far = stood?.get(one.id);
    if (!so_far) return <FurtherBody key={one.id} one={one} place={one.place} {...props} />;
    return <BodySoFar key={one.id} drawing={so_far.drawing} placed={so_far.placed} place={one.place} />;
  });
}

/** On its way: seen through until it has come to its place. */
function BodySoFar({ drawing, placed, place }: { drawing: Drawing; placed: boolean; place: Place }) {
  return (
    <g transform={placedBy(place)} opacity={placed ? 1 : 0.55}>
      <PlanShapes drawing={drawing} />
    </g>
  );
}

const placedBy = ({ at_mm, turn_deg }: Pick<Place, "at_mm" | "turn_deg">) => `translate(${at_mm.join(" ")}) rotate(${turn_deg})`;

function FurtherBody({ one, place, over, scale }: Omit<Props, "within"> & { one: Within; place: Place }) {
  const session = useBuildSession();
  const body = useFile().bodies?.find(({ id }) => id === one.id);
  const { tints } = useTheme();
  const [pull, setPull] = useState<{ from: Point; to: Point } | null>(null);
  const by = (keys: { altKey: boolean; shiftKey: boolean }): Point =>
    pull ? roundedPoint(less(pull.to, pull.from), snapOf(keys).mm) : [0, 0];
  const [keys, setKeys] = useState({ altKey: false, shiftKey: false });
  const at = add(place.at_mm, by(keys));

  function put(label: string, values: Partial<Place>) {
    session.edit(label, [{ op: "add", path: `${one.pointer}/place`, value: { ...body?.place, ...values } }]);
  }

  function typed(event: React.KeyboardEvent) {
    const arrow = ARROWS[event.key];
    const deg = TURN_DEG[event.key];
    if (arrow) {
      const step = event.shiftKey ? 5 : event.altKey ? 0.1 : 1;
      put(`Move ${one.name}`, { at_mm: roundedPoint(add(place.at_mm, [arrow[0] * step, arrow[1] * step])) });
    } else if (deg) put(`Turn ${one.name}`, { turn_deg: (place.turn_deg + deg + 360) % 360 });
    else if (event.key === "Enter") session.enter(one.id);
    else return;
    event.preventDefault();
    event.stopPropagation();
  }

  function letGo(event: React.PointerEvent) {
    event.stopPropagation();
    if (!pull) return;
    setPull(null);
    const to = over(event);
    if (distance(to, pull.from) * scale <= TAP_PX) return session.enter(one.id);
    const moved = roundedPoint(less(to, pull.from), snapOf(event).mm);
    if (moved[0] || moved[1]) put(`Move ${one.name}`, { at_mm: roundedPoint(add(place.at_mm, moved)) });
  }

  const [x0, y0, x1, y1] = bounds(one.drawing.foot);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing within a drawing
    <g
      role="button"
      tabIndex={0}
      aria-label={`${one.name}: drag to move it, Enter to compose it by itself, arrows and brackets to move and turn it`}
      transform={placedBy({ ...place, at_mm: at })}
      opacity={place.carried ? 0.75 : 1}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        setPull({ from: over(event), to: over(event) });
      }}
      onPointerMove={(event) => {
        if (!pull) return;
        event.stopPropagation();
        setKeys({ altKey: event.altKey, shiftKey: event.shiftKey });
        setPull({ ...pull, to: over(event) });
      }}
      onPointerUp={letGo}
      onPointerCancel={() => setPull(null)}
      onKeyDown={typed}
      style={{ cursor: pull ? "grabbing" : "grab", touchAction: "none" }}
      data-body={one.id}
    >
      <PlanShapes drawing={one.drawing} />
      <title>{one.name}</title>
      {pull && (
        <rect
          x={x0}
          y={y0}
          width={x1 - x0}
          height={y1 - y0}
          fill="none"
          stroke={tints.accent}
          strokeWidth={2 / scale}
          strokeDasharray={`${6 / scale} ${4 / scale}`}
        />
      )}
    </g>
  );
}
