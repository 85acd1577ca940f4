import { useCallback, useEffect, useRef, useState } from "react";
import type { Point } from "../../api/types";

/** Where the plan is looked at: the mm at the middle of the window, and screen pixels for each mm. */
export interface View {
  centre: Point;
  scale: number;
}

const SCALES = [0.2, 60];
/** Kept free round a fitted plan for the rulers and the ends of the section line, px. */
const ROOM = { left: 70, beside: 42, top: 74, below: 40 };

/** Pan and zoom of a window of some size over the plan; y runs up on the plan and down on the screen. */
export function usePlanView(box: [number, number, number, number], size: { width: number; height: number }) {
  const fitted = useCallback((): View => {
    const [x0, y0, x1, y1] = box;
    const scale = Math.max(
      Math.min((size.width - ROOM.left - ROOM.beside) / Math.max(x1 - x0, 1), (size.height - ROOM.top - ROOM.below) / Math.max(y1 - y0, 1)),
      SCALES[0],
    );
    return {
      centre: [(x0 + x1) / 2 - (ROOM.left - ROOM.beside) / 2 / scale, (y0 + y1) / 2 + (ROOM.top - ROOM.below) / 2 / scale],
      scale,
    };
  }, [box, size]);

  const [view, setView] = useState<View>(fitted);
  const touched = useRef(false);
  // Until the maker pans or zooms, the plan stays fitted to its window.
  useEffect(() => {
    if (!touched.current && size.width > 0) setView(fitted());
  }, [fitted, size.width]);

  const toScreen = useCallback(
    ([x, y]: Point): Point => [size.width / 2 + (x - view.centre[0]) * view.scale, size.height / 2 - (y - view.centre[1]) * view.scale],
    [view, size],
  );
  const toPlan = useCallback(
    ([x, y]: Point): Point => [view.centre[0] + (x - size.width / 2) / view.scale, view.centre[1] - (y - size.height / 2) / view.scale],
    [view, size],
  );

  const zoom = useCallback(
    (factor: number, about?: Point) => {
      touched.current = true;
      setView((now) => {
        const scale = Math.min(Math.max(now.scale * factor, SCALES[0]), SCALES[1]);
        if (!about) return { ...now, scale };
        const keep = 1 / now.scale - 1 / scale;
        return {
          scale,
          centre: [now.centre[0] + (about[0] - size.width / 2) * keep, now.centre[1] - (about[1] - size.height / 2) * keep],
        };
      });
    },
    [size],
  );

  const pan = useCallback((dx: number, dy: number) => {
    touched.current = true;
    setView((now) => ({ ...now, centre: [now.centre[0] - dx / now.scale, now.centre[1] + dy / now.scale] }));
  }, []);

  const fit = useCallback(() => {
    touched.current = false;
    setView(fitted());
  }, [fitted]);

  return { view, toScreen, toPlan, zoom, pan, fit };
}

/** The size of an element, kept up to date. */
export function useSize<T extends Element>() {
  const ref = useRef<T>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const watch = new ResizeObserver(([entry]) => setSize({ width: entry.contentRect.width, height: entry.contentRect.height }));
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  return { ref, size };
}
