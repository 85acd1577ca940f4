import type { Course, Material } from "../../api/types";
import { count, mm, short } from "../../common/words";

/** Which measures apply to a course, by the family of its material. */
export type Measure = "thickness_mm" | "coats" | "cover_pct" | "count" | "grain_mm" | "length_mm";

const BY_FAMILY: Record<string, Measure[]> = {
  paste: ["thickness_mm", "cover_pct"],
  bulk: ["thickness_mm", "cover_pct"],
  grain: ["grain_mm", "thickness_mm", "cover_pct"],
  coating: ["coats", "cover_pct"],
  glue: ["coats", "cover_pct"],
  pigment: ["cover_pct"],
  greenery: ["length_mm", "count", "cover_pct"],
  wetting: ["cover_pct"],
};

export const measuresOf = (material: Material | undefined): Measure[] =>
  BY_FAMILY[material?.family ?? ""] ?? ["thickness_mm", "coats", "cover_pct"];

/** A course's measure in a few words; the material's usual one is said to be that. */
export function measureWords(course: Course, material: Material | undefined): string {
  if (course.count) return count(course.count, "piece");
  if (course.grain_mm) return `${short(course.grain_mm[0])}–${short(course.grain_mm[1])} mm grains`;
  if (course.length_mm) return `${mm(course.length_mm)} long`;
  if (course.thickness_mm) return mm(course.thickness_mm);
  if (course.coats) return count(course.coats, "coat");
  if (material?.grain_mm) return `${short(material.grain_mm[0])}–${short(material.grain_mm[2])} mm, usual`;
  if (material?.reference_mm && ["paste", "bulk"].includes(material.family)) return `${mm(material.reference_mm)}, usual`;
  return material?.family === "coating" ? "1 coat" : "usual";
}
