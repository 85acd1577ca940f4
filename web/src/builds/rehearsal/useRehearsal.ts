import { useMemo } from "react";
import { create } from "zustand";
import type { Drawing, Mark, PlinthFile, Section, TimelinePart } from "../../api/types";
import { materialOf, useCatalogue } from "../../common/catalogue";
import { useBuild } from "../useSession";

/** The moment that plan and section show; null: the finished base. */
export const useMoment = create<{ moment: string | null; go: (moment: string | null) => void }>((set) => ({
  moment: null,
  go: (moment) => set({ moment }),
}));

/** A base as it stands at a moment. */
export interface Rehearsed {
  drawing: Drawing;
  /** What is still wet or curing, to be drawn over the plan. */
  marks: Mark[];
  /** Whether a part, or a course of it, is there yet. */
  there: (pointer: string) => boolean;
  /** Names of what must not be touched. */
  wet: string[];
  /** Titles of work that could be done now though it is planned for later. */
  possible: string[];
}

export function useRehearsed(): Rehearsed | null {
  const build = useBuild();
  const catalogue = useCatalogue();
  const moment = useMoment((state) => state.moment);
  return useMemo(() => {
    const { schedule, steps } = build.evaluation;
    if (!moment || !schedule) return null;
    const parts = new Map(schedule.timeline.map((part) => [part.where, part]));
    const there = (pointer: string) => begun(pointer, parts, moment);
    const wet = schedule.timeline.filter((part) => part.wet.some(([from, to]) => from <= moment && moment < to)).map((part) => part.where);
    const placed = [...new Set(wet.map((where) => where.split("/").slice(0, 3).join("/")))];
    const titles = new Map(steps.map((step) => [step.id, step.title]));
    return {
      drawing: drawn(build.drawing, build.file, there, new Set(placed), (key) => materialOf(catalogue, key)?.colour),
      marks: placed.flatMap((pointer) => wetMark(build.drawing, pointer)),
      there,
      wet: placed.map((pointer) => nameIn(build.drawing, pointer)).filter((name) => name !== ""),
      possible: schedule.steps
        .filter((step) => step.possible <= moment && moment < step.start)
        .map((step) => titles.get(step.id) ?? step.id),
    };
  }, [build, catalogue, moment]);
}

/** The plinth and parts that no step makes were always there; a ground is there once its first course is begun. */
function begun(pointer: string, parts: Map<string, TimelinePart>, moment: string): boolean {
  if (pointer === "/plinth") return true;
  const own = parts.get(pointer);
  if (own) return own.begun <= moment;
  const within = [...parts.values()].filter((part) => part.where.startsWith(`${pointer}/`));
  return within.length === 0 || within.some((part) => part.begun <= moment);
}

function drawn(
  drawing: Drawing,
  file: PlinthFile,
  there: (pointer: string) => boolean,
  wet: Set<string>,
  colourOf: (material: string) => string | null | undefined,
): Drawing {
  const kept = <T extends { pointer: string }>(list: T[]) => list.filter((part) => there(part.pointer));
  const named = <T extends { pointer: string; name: string }>(list: T[]) =>
    kept(list).map((part) => (wet.has(part.pointer) ? { ...part, name: `${part.name}, wet` } : part));
  return {
    ...drawing,
    forms: kept(drawing.forms),
    features: kept(drawing.features),
    subjects: named(drawing.subjects),
    waters: named(drawing.waters),
    zones: kept(drawing.zones).map((zone) => {
      const courses = file.zones?.[Number(zone.pointer.split("/")[2])].courses ?? [];
      const laid = courses.filter((_, index) => there(`${zone.pointer}/courses/${index}`));
      const top = laid[laid.length - 1];
      const finished = laid.length === courses.length;
      const greenery = zone.greenery.filter((key) => laid.some((course) => course.material === key));
      return { ...zone, greenery, colour: finished || !top ? zone.colour : (top.colour ?? colourOf(top.material) ?? zone.colour) };
    }),
  };
}

const shapes = (drawing: Drawing) => [
  ...drawing.zones,
  ...drawing.forms,
  ...drawing.features,
  ...drawing.subjects,
  ...drawing.waters.map((water) => ({ ...water, rings: water.wet.length ? water.wet : water.drawn })),
];
const nameIn = (drawing: Drawing, pointer: string): string => shapes(drawing).find((part) => part.pointer === pointer)?.name ?? "";

function wetMark(drawing: Drawing, pointer: string): Mark[] {
  const part = shapes(drawing).find((one) => one.pointer === pointer);
  // Subjects and waters say it in the names that the plan writes on them.
  const label = /^\/(subjects|waters)/.test(pointer) ? null : "wet";
  return part?.rings.length ? [{ kind: "area", tone: "guide", points: [], rings: part.rings, label }] : [];
}

/** A section with only what is there. */
export function sectionAt(section: Section, rehearsed: Rehearsed | null, file: PlinthFile): Section {
  if (!rehearsed) return section;
  const water = (id: string) => rehearsed.there(`/waters/${file.waters?.findIndex((one) => one.id === id) ?? 0}`);
  return {
    ...section,
    strata: section.strata.filter((stratum) => rehearsed.there(stratum.pointer)),
    standing: section.standing.filter((one) => rehearsed.there(one.pointer)),
    waters: section.waters.filter((one) => water(one.id)),
  };
}
