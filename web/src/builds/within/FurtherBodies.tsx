import type { Within } from "../../api/types";
import { PlanShapes } from "../plan/PlanShapes";

/** Further bodies where they are on the plan of the build: what floats over it is seen through. A tap shows one by itself. */
export function FurtherBodies({ within, onEnter }: { within: Within[]; onEnter: (id: string) => void }) {
  return within.map(
    (one) =>
      one.place && (
        <g
          key={one.id}
          transform={`translate(${one.place.at_mm.join(" ")}) rotate(${one.place.turn_deg})`}
          opacity={one.place.carried ? 0.75 : 1}
          onPointerDown={(event) => event.stopPropagation()}
          onClick={() => onEnter(one.id)}
          style={{ cursor: "pointer" }}
          data-body={one.id}
        >
          <PlanShapes drawing={one.drawing} />
          <title>{one.name}</title>
        </g>
      ),
  );
}
