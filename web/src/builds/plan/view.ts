import { useCallback, useEffect, useRef, useState } from "react";
import type { Point } from "../../api/types";

/** Where the plan is looked at: the mm at the middle of the window, and screen pixels for each mm. */
export interface View {
  centre: Point;
  scale: number;
}

export interface Size {
  width: number;
  height: number;
}

type Box = [number, number, number, number];

const SCALES = [0.2, 60];
/** Kept free round a fitted plan for the rulers and the ends of the section line, px. */
const ROOM = { left: 70, beside: 42, top: 46, below: 40 };

/** The view that shows a whole box, mm, in a window. */
export function fitted([x0, y0, x1, y1]: Box, { width, height }: Size): View {
  const across = (width - ROOM.left - ROOM.beside) / Math.max(x1 - x0, 1);
  const up = (height - ROOM.top - ROOM.below) / Math.max(y1 - y0, 1);
  const scale = Math.max(Math.min(across, up), SCALES[0]);
  return {
    centre: [(x0 + x1) / 2 - (ROOM.left - ROOM.beside) / 2 / scale, (y0 + y1) / 2 + (ROOM.top - ROOM.below) / 2 / scale],
    scale,
  };
}

/** Plan mm to window px; y runs up on the plan and down on the screen. */
export const onScreen = ({ centre, scale }: View, { width, height }: Size, [x, y]: Point): Point => [
  width / 2 + (x - centre[0]) * scale,
  height / 2 - (y - centre[1]) * scale,
];

/** Window px to plan mm. */
export const onPlan = ({ centre, scale }: View, { width, height }: Size, [x, y]: Point): Point => [
  centre[0] + (x - width / 2) / scale,
  centre[1] - (y - height / 2) / scale,
];

/** Nearer or farther by a factor; what lies under a point of the window, px, stays under it. */
export function zoomed(view: View, { width, height }: Size, factor: number, about?: Point): View {
  const scale = Math.min(Math.max(view.scale * factor, SCALES[0]), SCALES[1]);
  if (!about) return { ...view, scale };
  const keep = 1 / view.scale - 1 / scale;
  return { scale, centre: [view.centre[0] + (about[0] - width / 2) * keep, view.centre[1] - (about[1] - height / 2) * keep] };
}

/** The same as a transform of SVG. */
export const matrixOf = ({ centre, scale }: View, { width, height }: Size): string =>
  `translate(${width / 2 - centre[0] * scale} ${height / 2 + centre[1] * scale}) scale(${scale} ${-scale})`;

/** Pan and zoom of a window of some size over the plan. */
export function usePlanView(box: Box, size: Size) {
  const [view, setView] = useState<View>(() => fitted(box, size));
  const touched = useRef(false);
  // Until the maker pans or zooms, the plan stays fitted to its window.
  useEffect(() => {
    if (!touched.current && size.width > 0) setView(fitted(box, size));
  }, [box, size]);

  const toScreen = useCallback((point: Point) => onScreen(view, size, point), [view, size]);
  const toPlan = useCallback((point: Point) => onPlan(view, size, point), [view, size]);
  const zoom = useCallback(
    (factor: number, about?: Point) => {
      touched.current = true;
      setView((now) => zoomed(now, size, factor, about));
    },
    [size],
  );
  const pan = useCallback((dx: number, dy: number) => {
    touched.current = true;
    setView((now) => ({ ...now, centre: [now.centre[0] - dx / now.scale, now.centre[1] + dy / now.scale] }));
  }, []);
  const fit = useCallback(() => {
    touched.current = false;
    setView(fitted(box, size));
  }, [box, size]);
  return { view, toScreen, toPlan, zoom, pan, fit };
}

/** The size of an element, kept up to date. */
export function useSize<T extends Element>() {
  const ref = useRef<T>(null);
  const [size, setSize] = useState<Size>({ width: 0, height: 0 });
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const watch = new ResizeObserver(([entry]) => setSize({ width: entry.contentRect.width, height: entry.contentRect.height }));
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  return { ref, size };
}
