import { useTheme } from "@mui/material/styles";
import type { MixCard } from "../api/types";
import { short } from "../common/words";

const WIDTH = 150;
const HEIGHT = 190;
const TOP = 14;
const BOTTOM = 180;
const WIDE = 58;
const NARROW = 42;
const MIDDLE = 62;

/** Half of the cup's width at a height, 0 at the bottom … 1 at the rim. */
const half = (share: number) => NARROW + (WIDE - NARROW) * share;
const y = (share: number) => BOTTOM - share * (BOTTOM - TOP);
/** So full the cup is drawn when all is in it. */
const FULL = 0.85;

interface Props {
  card: MixCard;
  /** How much of each part is in it, g; without it, the cup as it should be filled. */
  poured?: (number | null)[];
}

/** The cup with its marks: how high it stands after each part. The marks go by volume, as in a cup with straight sides. */
export function Cup({ card, poured }: Props) {
  const { palette, tints } = useTheme();
  const whole = card.marks_ml?.at(-1);
  const ink = palette.text.primary;
  const outline = `M${MIDDLE - WIDE} ${TOP} L${MIDDLE - NARROW} ${BOTTOM} H${MIDDLE + NARROW} L${MIDDLE + WIDE} ${TOP}`;
  if (!whole || !card.marks_ml)
    return (
      <svg width={WIDTH} height={HEIGHT} role="img" aria-label="A cup; its marks are unknown, since the densities are">
        <path d={outline} fill="none" stroke={ink} strokeWidth={2} />
        <text x={MIDDLE} y={110} textAnchor="middle" fill={palette.text.secondary} fontSize={14}>
          by mass only
        </text>
      </svg>
    );
  const share = (ml: number) => (ml / whole) * FULL;
  let from = 0;
  const layers = card.parts.map((part, index) => {
    const g = poured ? (poured[index] ?? 0) : part.g;
    const ml = part.g > 0 ? ((part.ml ?? 0) * g) / part.g : 0;
    const layer = { part, index, from, to: from + ml };
    from += ml;
    return layer;
  });
  return (
    <svg width={WIDTH} height={HEIGHT} role="img" aria-label={`Marks at ${card.marks_ml.map((mark) => `${short(mark)} ml`).join(", ")}`}>
      {layers.map(({ part, index, from: low, to }) => {
        const [bottom, top] = [share(low), Math.min(share(to), 1)];
        return (
          <path
            key={`${part.name}${index}`}
            d={`M${MIDDLE - half(bottom)} ${y(bottom)} H${MIDDLE + half(bottom)} L${MIDDLE + half(top)} ${y(top)} H${MIDDLE - half(top)} z`}
            fill={part.colour ?? (index % 2 ? tints.curing : tints.wet)}
            fillOpacity={part.colour ? 1 : 0.55}
          />
        );
      })}
      <path d={outline} fill="none" stroke={ink} strokeWidth={2} />
      {marks(card.marks_ml, share).map(({ mark, at, text }) => (
        <g key={mark}>
          <line x1={MIDDLE - half(share(mark))} x2={MIDDLE + half(share(mark)) + 4} y1={at} y2={at} stroke={ink} strokeDasharray="4 3" />
          <line x1={MIDDLE + half(share(mark)) + 4} y1={at} x2={MIDDLE + WIDE + 4} y2={text} stroke={ink} />
          <text x={MIDDLE + WIDE + 6} y={text + 4} fontSize={12} fill={ink}>
            {short(mark)}
          </text>
        </g>
      ))}
      <text x={MIDDLE + WIDE + 6} y={HEIGHT - 4} fontSize={12} fill={palette.text.secondary}>
        ml
      </text>
    </svg>
  );
}

/** Marks whose numbers would lie over each other are written one above the other. */
function marks(values: number[], share: (ml: number) => number) {
  let above = Number.POSITIVE_INFINITY;
  return values.map((mark) => {
    const at = y(share(mark));
    const text = Math.min(at, above - 13);
    above = text;
    return { mark, at, text };
  });
}
