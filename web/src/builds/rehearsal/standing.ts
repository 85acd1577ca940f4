import type { Drawing, PlinthFile, TimelinePart } from "../../api/types";

/** The plinth and parts that no step makes were always there; a ground is there once its first course is begun. */
export function begun(pointer: string, parts: Map<string, TimelinePart>, moment: string): boolean {
  if (pointer === "/plinth") return true;
  const own = parts.get(pointer);
  if (own) return own.begun <= moment;
  const within = [...parts.values()].filter((part) => part.where.startsWith(`${pointer}/`));
  return within.length === 0 || within.some((part) => part.begun <= moment);
}

/** A plan without what is not there yet, its ground in the colour of what lies on top. */
export function drawn(
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
      const greenery = zone.greenery.filter(({ material }) => laid.some((course) => course.material === material));
      return { ...zone, greenery, colour: finished || !top ? zone.colour : (top.colour ?? colourOf(top.material) ?? zone.colour) };
    }),
  };
}
