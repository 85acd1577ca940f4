import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import type { Point, Relief } from "../../api/types";
import { useBuild, useOf } from "../useSession";

/** How the relief is laid over the plan. */
export const RELIEF_VIEWS = { off: "ground only", shade: "hills shaded", contours: "contours", slopes: "slopes" } as const;
export type ReliefView = keyof typeof RELIEF_VIEWS;

/** Contours, heights and slopes of the build as it stands, while somebody looks at them. */
export function useRelief(view: ReliefView, interval: number | null): Relief | undefined {
  const build = useBuild();
  const part = useOf();
  return useQuery({
    queryKey: ["relief", build.id, part, build.version, interval],
    queryFn: () => api.relief(build.id, interval, part),
    enabled: view !== "off",
    placeholderData: keepPreviousData,
  }).data;
}

/** Height and slope at a point of the plan; null off the base. */
export function spotAt(relief: Relief, [x, y]: Point): { height: number; degrees: number; name: string } | null {
  const { left_mm, front_mm, cell_mm, columns, rows, heights, degrees, slopes } = relief.grid;
  const [column, row] = [Math.floor((x - left_mm) / cell_mm), Math.floor((y - front_mm) / cell_mm)];
  if (column < 0 || row < 0 || column >= columns || row >= rows) return null;
  const at = row * columns + column;
  const height = heights[at];
  return height === null || slopes[at] < 0 ? null : { height: height / 100, degrees: degrees[at], name: relief.classes[slopes[at]].name };
}
