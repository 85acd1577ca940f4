import type { Evaluation, PatchOperation, PlinthFile } from "../../api/types";
import { plain } from "../../common/words";

/** Something laid or poured whose thickness can be tried. */
export interface Layer {
  key: string;
  name: string;
  label: string;
  value: number;
  range: [number, number];
  patch: (thickness: number) => PatchOperation[];
  water: string | null;
}

/** Courses with a thickness, and waters by the thickest layer they are poured in. */
export function layersOf(file: PlinthFile, evaluation: Evaluation): Layer[] {
  const courses = (file.zones ?? []).flatMap((zone, index) =>
    (zone.courses ?? []).flatMap((course, at) => {
      if (!course.thickness_mm) return [];
      const key = `/zones/${index}/courses/${at}`;
      return [
        {
          key,
          name: `${plain(course.material)} on ${zone.name ?? zone.id}`,
          label: "Laid thick",
          value: course.thickness_mm,
          range: [0.5, Math.max(Math.ceil(course.thickness_mm * 2), 4)] as [number, number],
          patch: (thickness: number): PatchOperation[] => [{ op: "add", path: `${key}/thickness_mm`, value: thickness }],
          water: null,
        },
      ];
    }),
  );
  const waters = (file.waters ?? []).flatMap((water, index) => {
    const pool = evaluation.waters.find((one) => one.id === water.id);
    const thickest = Math.max(...(pool?.layers.map((layer) => layer.thickness_mm ?? 0) ?? []));
    if (!pool || !Number.isFinite(thickest)) return [];
    const key = `/waters/${index}`;
    return [
      {
        key,
        name: `${water.name ?? water.id}, poured`,
        label: "Layers of at most",
        value: Math.round(thickest * 10) / 10,
        range: [0.5, Math.max(Math.ceil(pool.max_depth_mm ?? 2), 2)] as [number, number],
        patch: (thickness: number): PatchOperation[] => [
          ...(water.layers ? [{ op: "remove" as const, path: `${key}/layers` }] : []),
          { op: "add" as const, path: `${key}/max_layer_mm`, value: thickness },
        ],
        water: water.id,
      },
    ];
  });
  return [...courses, ...waters];
}
