import { useTheme } from "@mui/material/styles";
import type { PlinthFile, Point, Water } from "../../api/types";
import { short } from "../../common/words";
import { valueAt } from "./parts";

/** As large as a finger, px. */
const REACH = 13;

interface Props {
  /** As it will be while a hand pulls. */
  file: PlinthFile;
  /** Of the lit part; only running water has marks. */
  pointer: string;
  toScreen: (point: Point) => Point;
  onMark: (index: number, at: Point, event: React.PointerEvent) => void;
}

/** The line that running water falls along, from its source down, with the level at each mark: pulled by hand. */
export function FallMarks({ file, pointer, toScreen, onMark }: Props) {
  const { tints } = useTheme();
  const fall = (valueAt(file, pointer) as Water | undefined)?.fall;
  if (!fall) return null;
  const points = fall.map((mark) => toScreen(mark.at_mm));
  return (
    <g>
      <polyline
        points={points.map((at) => at.join()).join(" ")}
        fill="none"
        stroke={tints.accent}
        strokeWidth={2.5}
        strokeDasharray="2 5"
      />
      {fall.map((mark, index) => {
        const [x, y] = points[index];
        return (
          <g
            // biome-ignore lint/suspicious/noArrayIndexKey: marks have no names
            key={index}
            style={{ cursor: "grab" }}
            onPointerDown={(event) => onMark(index, mark.at_mm, event)}
            data-grip={`fall-${index}`}
          >
            <circle cx={x} cy={y} r={REACH} fill="transparent" />
            <path d={`M${x - 7} ${y - 6}h14l-7 12z`} fill={tints.wet} stroke="#fffdf5" strokeWidth={1.8} />
            <text
              x={x}
              y={y - 11}
              textAnchor="middle"
              fontSize={12}
              fontWeight={700}
              fill="#fffdf5"
              stroke="#1b231f"
              strokeWidth={3}
              paintOrder="stroke"
            >
              {short(mark.level_mm)}
            </text>
            <title>The surface stands {short(mark.level_mm)} mm high here</title>
          </g>
        );
      })}
    </g>
  );
}
