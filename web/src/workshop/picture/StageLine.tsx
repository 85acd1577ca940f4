import { useTheme } from "@mui/material/styles";
import type { MaterialPicture } from "../../api/types";
import { Patterns } from "../../builds/drying/ChartMarks";
import { span } from "../../common/words";

const WIDTH = 560;
const BAR = { top: 30, height: 26 };
const HEIGHT = 128;
const NAMES = { handle: "touch-dry", next: "next work", dry: "dry through", full: "full cure" } as const;

const minutes = (hours: number) => Math.round(hours * 60);

/** From being laid to full cure, along the roots of the hours, so that the first hour and the last day are both seen: wet, curing and
 * ready, and over each stage from when to when it may come. */
export function StageLine({ stages }: { stages: MaterialPicture["stages"] }) {
  const { tints, palette } = useTheme();
  const most = Math.max(...stages.map((stage) => stage.hours[2]));
  const x = (hours: number) => 8 + (WIDTH - 16) * Math.sqrt(hours / most);
  const typical = (key: string) => stages.find((stage) => stage.key === key)?.hours[1] ?? 0;
  const [wet, dry] = [typical("handle"), Math.max(typical("dry"), typical("handle"))];
  const bar = { y: BAR.top, height: BAR.height };
  const inTurn = [...stages].sort((a, b) => a.hours[1] - b.hours[1]);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: WIDTH, display: "block" }}
      role="img"
      aria-label={inTurn.map((stage) => `${NAMES[stage.key]} after ${span(minutes(stage.hours[1]))}`).join(", ")}
    >
      <Patterns />
      <rect x={x(0)} width={x(wet) - x(0)} {...bar} fill={tints.wet} />
      <rect x={x(0)} width={x(wet) - x(0)} {...bar} fill="url(#bar-wet)" />
      <rect x={x(wet)} width={x(dry) - x(wet)} {...bar} fill={tints.curing} />
      <rect x={x(wet)} width={x(dry) - x(wet)} {...bar} fill="url(#bar-curing)" />
      <rect x={x(dry)} width={x(most) - x(dry)} {...bar} fill={tints.ready} />
      {inTurn.map(({ key, hours: [low, middle, high] }, row) => (
        <g key={key} stroke={palette.text.primary}>
          <line x1={x(low)} x2={x(high)} y1={above(row)} y2={above(row)} strokeWidth={2.5} />
          <line x1={x(middle)} x2={x(middle)} y1={above(row) - 4} y2={below(row) - 4} strokeWidth={1.2} />
        </g>
      ))}
      {inTurn.map(({ key, hours: [low, middle, high] }, row) => {
        const right = x(middle) > WIDTH * 0.62;
        return (
          <text
            key={key}
            x={x(middle) + (right ? -5 : 5)}
            y={below(row)}
            fontSize={14}
            fill={palette.text.primary}
            textAnchor={right ? "end" : "start"}
            stroke={palette.background.default}
            strokeWidth={4}
            paintOrder="stroke"
          >
            {NAMES[key]} {span(minutes(middle))}
            <tspan fill={palette.text.secondary}>{low === high ? "" : ` (${span(minutes(low))} to ${span(minutes(high))})`}</tspan>
          </text>
        );
      })}
    </svg>
  );
}

/** Each stage has its range over the bar and its words under it, one lower than those before it, px. */
const above = (row: number): number => BAR.top - 6 - row * 5;
const below = (row: number): number => BAR.top + BAR.height + 18 + row * 17;
