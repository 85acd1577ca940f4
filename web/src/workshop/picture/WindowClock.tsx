import { useTheme } from "@mui/material/styles";
import type { MaterialPicture } from "../../api/types";
import { span } from "../../common/words";

const SIZE = 170;
const MIDDLE = SIZE / 2;
const RIM = 72;
/** How wide the band of one window is, px. */
const BAND = 12;
/** What one turn of the hand can stand for, minutes. */
const TURNS = [2, 10, 30, 60, 120, 240, 720, 1440, 2880];

const spot = (share: number, r: number): string => {
  const angle = 2 * Math.PI * share - Math.PI / 2;
  return `${(MIDDLE + r * Math.cos(angle)).toFixed(2)} ${(MIDDLE + r * Math.sin(angle)).toFixed(2)}`;
};

/** A band of a ring, from one share of a turn to another. */
function band(from: number, to: number, outer: number): string {
  const end = Math.min(to, 0.9999);
  const large = end - from > 0.5 ? 1 : 0;
  const inner = outer - BAND + 2;
  return `M${spot(from, outer)}A${outer} ${outer} 0 ${large} 1 ${spot(end, outer)}L${spot(end, inner)}A${inner} ${inner} 0 ${large} 0 ${spot(from, inner)}Z`;
}

/** What may be done with it when, on a dial that starts as it is laid: how long it is workable, and each window from and to. */
export function WindowClock({ picture }: { picture: MaterialPicture }) {
  const { tints, palette } = useTheme();
  const rows = [
    ...(picture.workable_min ? [{ name: "workable", from_min: 0, to_min: picture.workable_min[1], fill: tints.wet }] : []),
    ...picture.windows.map((one) => ({ ...one, fill: tints.accent })),
  ];
  const last = Math.max(...rows.map((row) => row.to_min));
  const turn = TURNS.find((minutes) => last <= minutes) ?? last;
  return (
    <div style={{ display: "flex", gap: 12, alignItems: "center", flexWrap: "wrap" }}>
      <svg width={SIZE} height={SIZE} role="img" aria-label={rows.map((row) => `${row.name}: ${words(row)}`).join("; ")}>
        <circle cx={MIDDLE} cy={MIDDLE} r={RIM + 4} fill="none" stroke={palette.text.primary} strokeWidth={1.5} />
        {Array.from({ length: 12 }, (_, i) => (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: marks of a dial
            key={i}
            d={`M${spot(i / 12, RIM + 4)}L${spot(i / 12, RIM + (i % 3 ? 9 : 12))}`}
            stroke={palette.text.primary}
            strokeWidth={i % 3 ? 1 : 2}
          />
        ))}
        {rows.map((row, i) => (
          <path
            key={row.name}
            d={band(row.from_min / turn, row.to_min / turn, RIM - i * BAND)}
            fill={row.fill}
            stroke={palette.text.primary}
          />
        ))}
        <text x={MIDDLE} y={MIDDLE + 5} textAnchor="middle" fontSize={13} fill={palette.text.primary}>
          {span(turn)}
        </text>
      </svg>
      <ul style={{ margin: 0, padding: 0, listStyle: "none" }}>
        {rows.map((row) => (
          <li key={row.name} style={{ display: "flex", gap: 6, alignItems: "center" }}>
            <svg width={14} height={14} aria-hidden>
              <rect width={14} height={14} fill={row.fill} stroke={palette.text.primary} />
            </svg>
            {row.name}, {words(row)}
          </li>
        ))}
      </ul>
    </div>
  );
}

const words = ({ from_min, to_min }: { from_min: number; to_min: number }): string =>
  from_min ? `from ${span(from_min)} to ${span(to_min)}` : `until ${span(to_min)}`;
