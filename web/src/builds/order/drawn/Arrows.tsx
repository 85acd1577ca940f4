import { useTheme } from "@mui/material/styles";
import type { After } from "../../../api/types";
import { span } from "../../../common/words";
import { chain, type Mark } from "./marks";

const DASHES: Record<string, string | undefined> = { must: undefined, wish: undefined, school: "7 4", advice: "2 4" };

/** The chain that sets the date, always; and what a picked step waits for and what waits for it. */
export function Arrows({ marks, picked, rowHeight }: { marks: Mark[]; picked: string | null; rowHeight: number }) {
  const { tints, palette } = useTheme();
  // A step that works on several parts is drawn in each row; its arrows go from the first.
  const byId = new Map([...marks].reverse().map((mark) => [mark.step.id, mark]));
  const touching: { from: Mark; to: Mark; after: After }[] = picked
    ? [...byId.values()].flatMap((to) =>
        to.step.after.flatMap((after) => {
          const from = byId.get(after.step);
          return from && (to.step.id === picked || from.step.id === picked) ? [{ from, to, after }] : [];
        }),
      )
    : [];
  const middle = (mark: Mark) => mark.y + rowHeight / 2;
  return (
    <g pointerEvents="none" fill="none">
      <g opacity={picked ? 0.35 : 0.9}>
        {chain(marks).map(([from, to]) => (
          <path
            key={`${from.key}>${to.key}`}
            d={curve(from.to, middle(from), to.from, middle(to))}
            stroke={tints.trouble}
            strokeWidth={2}
            data-chain
          />
        ))}
      </g>
      {touching.map(({ from, to, after }) => (
        <g key={`${from.key}>${to.key}`} data-arrow={after.code}>
          <path d={curve(from.to, middle(from), to.from, middle(to))} stroke={palette.background.paper} strokeWidth={6} />
          <path
            d={curve(from.to, middle(from), to.from, middle(to))}
            stroke={tints.accent}
            strokeWidth={2.6}
            strokeDasharray={DASHES[after.strength]}
          />
          <path d={`M${to.from} ${middle(to)}l-9 -4.5v9Z`} fill={tints.accent} />
          {after.at_least_min > 0 && (
            <text
              x={(from.to + to.from) / 2}
              y={(middle(from) + middle(to)) / 2 - 3}
              fontSize={12}
              fontWeight={600}
              textAnchor="middle"
              fill={palette.text.primary}
              stroke={palette.background.paper}
              strokeWidth={4}
              paintOrder="stroke"
            >
              {span(after.at_least_min)}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}

/** From the end of one mark to the beginning of another, level at both ends. */
function curve(x0: number, y0: number, x1: number, y1: number): string {
  const bend = Math.max(12, Math.abs(x1 - x0) * 0.4);
  return `M${x0} ${y0}C${x0 + bend} ${y0} ${x1 - bend} ${y1} ${x1} ${y1}`;
}
