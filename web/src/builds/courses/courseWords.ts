import type { Catalogue, Course, Field } from "../../api/types";
import { kindOf, materialOf } from "../../common/catalogue";
import { count, short } from "../../common/words";
import { named, type Part, shownIn, valueIn } from "../inspector/partFields";

/** The measures of a course, by the family of its material. */
export const measuresOf = (catalogue: Catalogue, course: Course): Field[] =>
  named(catalogue, kindOf(catalogue, "families", materialOf(catalogue, course.material)?.family)?.measures ?? []);

/** A course's measure in a few words; the material's usual one is said to be that. */
export function courseWords(catalogue: Catalogue, course: Course): string {
  const measures = measuresOf(catalogue, course).filter((field) => field.words || field.counted);
  const own = measures.find((field) => valueIn(field, course));
  if (own) return inWords(own, valueIn(own, course));
  const usual = measures.find((field) => shownIn(catalogue, field, course as Part));
  if (usual) return `${inFigures(usual, shownIn(catalogue, usual, course as Part))}, usual`;
  return kindOf(catalogue, "families", materialOf(catalogue, course.material)?.family)?.usual_measure ?? "usual";
}

const inWords = (field: Field, value: unknown): string =>
  field.counted
    ? count(value as number, field.counted[0], field.counted[1])
    : (field.words ?? "").replace("%{value}", inFigures(field, value));

function inFigures(field: Field, value: unknown): string {
  const range = Array.isArray(value) ? [value[0], value[value.length - 1]] : [value];
  return `${range.map((figure) => short(figure as number)).join("–")} ${field.unit ?? ""}`.trim();
}
