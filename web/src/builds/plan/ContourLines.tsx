import type { Point, Relief } from "../../api/types";

const INK = "#1b1510";
/** A label for every line at least this long on the screen, px. */
const LABELLED_PX = 70;

/** Contours with their heights, in screen pixels; every fifth is drawn stronger. */
export function ContourLines({ relief, toScreen, scale }: { relief: Relief; toScreen: (point: Point) => Point; scale: number }) {
  return (
    <g pointerEvents="none" fill="none" stroke={INK} strokeLinejoin="round" data-testid="contours">
      {relief.contours.map((contour) => {
        const strong = Math.round(contour.z / relief.interval_mm) % 5 === 0;
        return contour.lines.map((line) => {
          const points = line.map(toScreen);
          const middle = points[Math.floor(points.length / 3)];
          const long = line.reduce((sum, p, i) => (i ? sum + Math.hypot(p[0] - line[i - 1][0], p[1] - line[i - 1][1]) : 0), 0) * scale;
          return (
            <g key={`${contour.z}:${line[0].join()}`}>
              <path
                d={points.map(([x, y], i) => `${i ? "L" : "M"}${x.toFixed(1)} ${y.toFixed(1)}`).join("")}
                strokeWidth={strong ? 2 : 1}
                strokeOpacity={strong ? 0.85 : 0.6}
              />
              {long > LABELLED_PX && (
                <text
                  x={middle[0]}
                  y={middle[1] + 4}
                  textAnchor="middle"
                  fontSize={12}
                  fontWeight={600}
                  fill={INK}
                  stroke="#f4efe2"
                  strokeWidth={3}
                  paintOrder="stroke"
                >
                  {contour.z}
                </text>
              )}
            </g>
          );
        });
      })}
    </g>
  );
}
