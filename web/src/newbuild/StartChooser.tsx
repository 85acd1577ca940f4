import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Drawing, Start } from "../api/types";
import { bounds } from "../builds/plan/outline";
import { PlanShapes } from "../builds/plan/PlanShapes";
import { Choice } from "../common/Choice";
import { DrawnChoice } from "./DrawnChoice";

/** What a build begins with: nothing but its base, one of the product's starts, or the scheme of a build on the shelf. */
export type Begin = { start: string } | { build: number } | null;

interface Props {
  begin: Begin;
  /** @param start what the start is by itself; null for a bare base */
  onStart: (start: Start | null) => void;
  onBuild: (build: { id: number; scale: number; copies: number; purpose: string }) => void;
}

/** Starting points as they look from above. */
export function StartChooser({ begin, onStart, onBuild }: Props) {
  const { data: starts = [] } = useQuery({ queryKey: ["starts"], queryFn: api.starts, staleTime: Number.POSITIVE_INFINITY });
  const { data: shelf } = useQuery({ queryKey: ["shelf", "schemes"], queryFn: () => api.shelf({ sort: "title", limit: 200 }) });
  const builds = shelf?.builds.filter((build) => !build.broken) ?? [];
  const lit = starts.find((start) => begin && "start" in begin && start.key === begin.start);
  return (
    <>
      <DrawnChoice
        label="Begin with"
        width={118}
        height={84}
        value={begin === null ? "" : "start" in begin ? begin.start : null}
        options={[
          { value: "", name: "Bare base", told: "Nothing is laid yet.", drawing: <Bare /> },
          ...starts.map((start) => ({
            value: start.key,
            name: start.name,
            told: start.story,
            drawing: <FromAbove drawing={start.drawing} />,
          })),
        ]}
        onChange={(key) => onStart(starts.find((start) => start.key === key) ?? null)}
      />
      {builds.length > 0 && (
        <Choice
          label="Or as one of your builds"
          width={260}
          value={begin && "build" in begin ? String(begin.build) : ""}
          options={builds.map((build) => [String(build.id), build.title] as const)}
          onChange={(id) => {
            const build = builds.find((one) => String(one.id) === id);
            if (build) onBuild(build);
          }}
        />
      )}
      <Typography variant="body2" color="text.secondary" sx={{ flex: 1, minWidth: 220, alignSelf: "center" }}>
        {lit?.story ?? (begin === null ? "Nothing is laid yet: you begin with the base." : "Its parts and courses, without its dates.")}
        {begin !== null && " It is made over for the scale and the base that you give."}
      </Typography>
    </>
  );
}

/** The whole of a base. */
export function FromAbove({ drawing }: { drawing: Drawing }) {
  const [x0, y0, x1, y1] = bounds(drawing.foot);
  const pad = Math.max(x1 - x0, y1 - y0) * 0.04;
  return (
    <svg width="100%" height="100%" viewBox={`${x0 - pad} ${-y1 - pad} ${x1 - x0 + 2 * pad} ${y1 - y0 + 2 * pad}`} aria-hidden>
      <g transform="scale(1 -1)">
        <PlanShapes drawing={drawing} thumbnail />
      </g>
    </svg>
  );
}

const Bare = () => (
  <svg width="100%" height="100%" viewBox="-60 -45 120 90" aria-hidden>
    <ellipse rx={52} ry={37} fill="#b59468" stroke="#f4efe2" strokeWidth={2} />
  </svg>
);
