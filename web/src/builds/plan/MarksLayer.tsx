import { useTheme } from "@mui/material/styles";
import type { Mark, Point } from "../../api/types";
import { type Box, wordsWide } from "../../common/labels";

const GUIDE = "#fffbe8";

/** Strokes of the judgements that are shown, over the plan, in screen pixels. Trouble is dashed as well as red. */
export function MarksLayer({ marks, toScreen }: { marks: Mark[]; toScreen: (point: Point) => Point }) {
  const { tints } = useTheme();
  const colour = { guide: GUIDE, good: "#b7e08a", trouble: "#ff7a5c" };
  const path = (points: Point[]) =>
    points
      .map(
        (point, i) =>
          `${i ? "L" : "M"}${toScreen(point)
            .map((v) => v.toFixed(1))
            .join(" ")}`,
      )
      .join("");
  return (
    <g pointerEvents="none" strokeLinejoin="round" strokeLinecap="round" data-testid="marks">
      {marks.map((mark, i) => {
        const stroke = colour[mark.tone];
        const dash = mark.tone === "trouble" ? "7 4" : mark.tone === "guide" ? "2 5" : undefined;
        const key = `${mark.kind}${i}`;
        if (mark.kind === "area")
          return (
            <path
              key={key}
              d={mark.rings.map((ring) => `${path(ring)}Z`).join("")}
              fill={stroke}
              fillOpacity={mark.tone === "guide" ? 0.07 : 0.22}
              fillRule="evenodd"
              stroke={stroke}
              strokeWidth={1.6}
              strokeDasharray={dash}
            />
          );
        if (mark.kind === "line")
          return <path key={key} d={path(mark.points)} fill="none" stroke={stroke} strokeWidth={2.2} strokeDasharray={dash} />;
        const [x, y] = toScreen(mark.points[0]);
        return mark.tone === "guide" ? null : <circle key={key} cx={x} cy={y} r={6} fill="none" stroke={stroke} strokeWidth={2.4} />;
      })}
      {labels(marks, toScreen).map(({ text, x, y, tone }) => (
        <text
          key={`${text}${x}${y}`}
          x={x}
          y={y}
          fontSize={FONT}
          fontWeight={700}
          textAnchor="middle"
          fill={tone === "trouble" ? "#ffd9cf" : GUIDE}
          stroke={tints.matDeep}
          strokeWidth={4}
          paintOrder="stroke"
        >
          {text}
        </text>
      ))}
    </g>
  );
}

const FONT = 14;
const LABEL_PX = 17;

/** Where their words lie, so that nothing else is written there, px. */
export const markBoxes = (marks: Mark[], toScreen: (point: Point) => Point): Box[] =>
  labels(marks, toScreen).map(({ text, x, y }) => {
    const half = wordsWide(text, FONT) / 2;
    return [x - half, y - FONT, x + half, y + 4];
  });

/** Each label by its stroke, pushed up where it would lie on another. */
function labels(marks: Mark[], toScreen: (point: Point) => Point) {
  const placed: { text: string; x: number; y: number; tone: Mark["tone"] }[] = [];
  for (const mark of marks) {
    if (!mark.label) continue;
    const points = mark.kind === "area" ? mark.rings[0] : mark.points;
    const [sx, sy] = points.reduce(([a, b], [x, y]) => [a + x / points.length, b + y / points.length], [0, 0]);
    let [x, y] = toScreen([sx, sy]);
    y -= 10;
    while (placed.some((other) => Math.abs(other.x - x) < 80 && Math.abs(other.y - y) < LABEL_PX)) y -= LABEL_PX;
    placed.push({ text: mark.label, x, y, tone: mark.tone });
  }
  return placed;
}
