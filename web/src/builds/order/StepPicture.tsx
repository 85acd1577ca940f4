import { useTheme } from "@mui/material/styles";
import { useMemo } from "react";
import type { Build, ScheduledStep, Section, Step } from "../../api/types";
import { materialOf, standingKind, useCatalogue } from "../../common/catalogue";
import { bounds, ringsPath } from "../plan/outline";
import { PlanShapes } from "../plan/PlanShapes";
import { shapesOf } from "../plan/shapesOf";
import { begun, drawn } from "../rehearsal/standing";
import { Hatches, hatchOf } from "../section/hatches";
import { shape } from "../section/Standing";
import type { Run } from "../section/sectionScale";
import { useBuild, within } from "../useSession";

/** px */
export const PICTURE = { width: 124, height: 66 };

interface Props {
  step: Step;
  when: ScheduledStep;
}

/** The base as it stands after a step: cut through where the step is met by the section, else from above; what is new is lit. */
export function StepPicture({ step, when }: Props) {
  const build = useBuild();
  const { schedule } = build.evaluation;
  const parts = useMemo(() => new Map((schedule?.timeline ?? []).map((part) => [part.where, part])), [schedule]);
  const there = (pointer: string) => begun(pointer, parts, when.finish);
  const fresh = (pointer: string) => step.where.some((where) => within(pointer, where));
  const section = build.sections[0];
  const cut = section && met(section, build, fresh);
  return (
    <svg
      width={PICTURE.width}
      height={PICTURE.height}
      viewBox={`0 0 ${PICTURE.width} ${PICTURE.height}`}
      role="img"
      aria-label={`After ${step.title}, ${cut ? "cut through" : "from above"}`}
      style={{ display: "block" }}
    >
      {cut ? <Cut section={section} there={there} fresh={fresh} name={step.id} /> : <FromAbove there={there} fresh={fresh} />}
    </svg>
  );
}

const idOf = (build: Build, id: string) => `/waters/${build.file.waters?.findIndex((water) => water.id === id) ?? 0}`;

const met = (section: Section, build: Build, fresh: (pointer: string) => boolean): boolean =>
  section.strata.some((stratum) => fresh(stratum.pointer)) || section.waters.some((water) => fresh(idOf(build, water.id)));

interface StandsProps {
  there: (pointer: string) => boolean;
  fresh: (pointer: string) => boolean;
}

/** All pictures of an order are to one scale: that of the whole section. */
function Cut({ section, there, fresh, name }: StandsProps & { section: Section; name: string }) {
  const build = useBuild();
  const catalogue = useCatalogue();
  const { tints, palette } = useTheme();
  const heights = [...section.strata, ...section.waters].flatMap((layer) => layer.runs.flat()).flatMap(([, low, high]) => [low, high]);
  const [low, high] = [Math.min(...heights), Math.max(...heights)];
  const across = (PICTURE.width - 8) / section.length_mm;
  // The plinth is drawn from as far down as there is room for; what is laid is stretched to be seen.
  const up = Math.min((PICTURE.height - 8) / (high - low), across * 5);
  const x = (s: number) => 4 + s * across;
  const y = (z: number) => 4 + (high - z) * up;
  const layerPath = (run: Run) =>
    `M${run.map(([s, , top]) => `${x(s).toFixed(1)} ${y(top).toFixed(1)}`).join("L")}L${[...run]
      .reverse()
      .map(([s, bottom]) => `${x(s).toFixed(1)} ${y(bottom).toFixed(1)}`)
      .join("L")}Z`;
  const hatches = `step${name.replaceAll(/[^\w]/g, "-")}`;
  const layer = (key: string, runs: Run[], fill: string, isNew: boolean, hatch?: string) =>
    runs.map((run) => (
      <g key={`${key} ${run[0][0]}`} data-new={isNew || undefined}>
        <path d={layerPath(run)} fill={fill} stroke={isNew ? tints.accent : palette.text.primary} strokeWidth={isNew ? 2.4 : 0.5} />
        {hatch && <path d={layerPath(run)} fill={`url(#${hatches}-${hatch})`} />}
      </g>
    ));
  return (
    <>
      <Hatches id={hatches} />
      {section.standing
        .filter((one) => there(one.pointer))
        .map((one) => {
          const drawnAs = standingKind(catalogue, one.kind, one.pointer)?.[one.silhouette];
          return shape(one, drawnAs, { x, y, top: 2 }).map((path) => (
            <path key={one.pointer + path.d} {...path} fill={palette.text.secondary} fillOpacity={one.cut ? 0.45 : 0.2} />
          ));
        })}
      {section.strata
        .filter((stratum) => there(stratum.pointer))
        .map((stratum) =>
          layer(stratum.pointer, stratum.runs, stratum.colour ?? "#b59468", fresh(stratum.pointer), hatchOf(catalogue, stratum.family)),
        )}
      {section.waters
        .filter((water) => there(idOf(build, water.id)))
        .map((water) => layer(water.id, water.runs, tints.wet, fresh(idOf(build, water.id)), "water"))}
    </>
  );
}

function FromAbove({ there, fresh }: StandsProps) {
  const { drawing, file } = useBuild();
  const catalogue = useCatalogue();
  const { tints } = useTheme();
  const stands = useMemo(
    () => drawn(drawing, file, there, new Set(), (key) => materialOf(catalogue, key)?.colour),
    [drawing, file, there, catalogue],
  );
  const [x0, y0, x1, y1] = bounds(stands.foot);
  const pad = Math.max(x1 - x0, y1 - y0) * 0.04;
  const lit = shapesOf(stands).filter((part) => fresh(part.pointer));
  return (
    <svg
      width={PICTURE.width}
      height={PICTURE.height}
      viewBox={`${x0 - pad} ${-y1 - pad} ${x1 - x0 + 2 * pad} ${y1 - y0 + 2 * pad}`}
      aria-hidden
    >
      <g transform="scale(1 -1)">
        <PlanShapes drawing={stands} thumbnail />
        {lit.map((part) => (
          <path key={part.pointer} d={ringsPath(part.rings)} fill="none" stroke={tints.accent} strokeWidth={(x1 - x0) / 45} data-new />
        ))}
      </g>
    </svg>
  );
}
