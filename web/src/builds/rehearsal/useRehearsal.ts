import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { create } from "zustand";
import { api } from "../../api/client";
import type { Drawing, Mark, PlinthFile, Section } from "../../api/types";
import { materialOf, useCatalogue } from "../../common/catalogue";
import { partOf, shapesOf } from "../plan/shapesOf";
import { useBuild, useOf, useSession } from "../useSession";
import { begun, drawn } from "./standing";

/** The moment that plan and section show; null: the finished base. */
export const useMoment = create<{ moment: string | null; go: (moment: string | null) => void }>((set) => ({
  moment: null,
  go: (moment) => set({ moment }),
}));

/** A base as it stands at a moment. */
export interface Rehearsed {
  drawing: Drawing;
  /** Further bodies as far as they have come, by their ids; null until the server has answered. */
  bodies: Map<string, { drawing: Drawing; placed: boolean }> | null;
  /** Cut through what is there; null until the server has answered. */
  sections: Section[] | null;
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
  return useAsItStands(useMoment((state) => state.moment));
}

/** The base as it stands at a moment of its plan, with its ground as it is then; null where there is none. Until the server has answered,
 * the finished base without what is not there yet. */
export function useAsItStands(moment: string | null): Rehearsed | null {
  const build = useBuild();
  const catalogue = useCatalogue();
  const cuts = useSession((state) => state.cuts);
  const root = useSession((state) => state.root);
  const of = useOf();
  const { schedule } = build.evaluation;
  const asked = useQuery({
    queryKey: ["standing", build.id, build.version, moment, cuts],
    queryFn: () => api.standing(build.id, moment as string, cuts),
    enabled: moment !== null && schedule !== null,
    placeholderData: keepPreviousData,
  });
  const stood = asked.data ?? null;
  return useMemo(() => {
    const { schedule, steps } = build.evaluation;
    if (!moment || !schedule) return null;
    const parts = new Map(schedule.timeline.map((part) => [part.where, part]));
    const there = (pointer: string) => begun(`${root}${pointer}`, parts, moment);
    const now = schedule.timeline.filter((part) => part.wet.some(([from, to]) => from <= moment && moment < to)).map((part) => part.where);
    const wet = root ? now.flatMap((where) => (where.startsWith(`${root}/`) ? where.slice(root.length) : [])) : now;
    const own = root ? stood?.bodies.find((one) => one.id === of)?.drawing : stood?.drawing;
    const placed = [...new Set(wet.map((where) => partOf(where)))];
    const titles = new Map(steps.map((step) => [step.id, step.title]));
    const named = new Set(placed);
    return {
      drawing: own ? withWet(own, named) : drawn(build.drawing, build.file, there, named, (key) => materialOf(catalogue, key)?.colour),
      bodies: stood && new Map(stood.bodies.map(({ id, ...body }) => [id, body])),
      sections: root ? null : (stood?.sections ?? null),
      marks: placed.flatMap((pointer) => wetMark(build.drawing, pointer)),
      there,
      wet: placed.map((pointer) => nameIn(build.drawing, pointer)).filter((name) => name !== ""),
      possible: schedule.steps
        .filter((step) => step.possible <= moment && moment < step.start)
        .map((step) => titles.get(step.id) ?? step.id),
    };
  }, [build, catalogue, moment, stood, root, of]);
}

/** What is wet says so in the name that the plan writes on it. */
const withWet = (drawing: Drawing, wet: Set<string>): Drawing => ({
  ...drawing,
  subjects: drawing.subjects.map((part) => (wet.has(part.pointer) ? { ...part, name: `${part.name}, wet` } : part)),
  waters: drawing.waters.map((part) => (wet.has(part.pointer) ? { ...part, name: `${part.name}, wet` } : part)),
});

const nameIn = (drawing: Drawing, pointer: string): string => shapesOf(drawing).find((part) => part.pointer === pointer)?.name ?? "";

function wetMark(drawing: Drawing, pointer: string): Mark[] {
  const part = shapesOf(drawing).find((one) => one.pointer === pointer);
  // Subjects and waters say it in the names that the plan writes on them.
  const label = /^\/(subjects|waters)/.test(pointer) ? null : "wet";
  return part?.rings.length ? [{ kind: "area", tone: "guide", points: [], rings: part.rings, label }] : [];
}

/** A section with only what is there; body: the pointer of the further body that it is cut through. */
export function sectionAt(section: Section, index: number, rehearsed: Rehearsed | null, file: PlinthFile, body = ""): Section {
  if (!rehearsed) return section;
  const cut = body ? undefined : rehearsed.sections?.[index];
  if (cut && cut.from.join() === section.from.join() && cut.to.join() === section.to.join()) return cut;
  const there = (pointer: string) => rehearsed.there(`${body}${pointer}`);
  const water = (id: string) => there(`/waters/${file.waters?.findIndex((one) => one.id === id) ?? 0}`);
  return {
    ...section,
    strata: section.strata.filter((stratum) => there(stratum.pointer)),
    standing: section.standing.filter((one) => there(one.pointer)),
    waters: section.waters.filter((one) => water(one.id)),
  };
}
