import { useTheme } from "@mui/material/styles";
import { minutesOf, momentWords, span } from "../../../common/words";
import type { Mark } from "./marks";

/** About how wide a letter is drawn, as a share of the letters' height. */
const LETTER = 0.52;
/** Less room than for so many letters tells nothing. */
const LEAST_LETTERS = 4;

interface Props {
  mark: Mark;
  rowHeight: number;
  /** Height of letters, px; 0: none are drawn. */
  letters: number;
  on: boolean;
  /** Whether the Tab key comes to it. */
  reached: boolean;
  held: boolean;
}

/** One step in the row of a part: its work as a block, then wet, curing and ready as a band behind it. */
export function StepMark({ mark, rowHeight, letters, on, reached, held }: Props) {
  const { tints, palette } = useTheme();
  const { step, when, y, from, to, handled, dry } = mark;
  const [top, high] = [y + rowHeight * 0.12, rowHeight * 0.76];
  // With words in the row the band lies below them.
  const [bandTop, bandHigh] = letters > 0 ? [top + high * 0.68, high * 0.32] : [top + high * 0.2, high * 0.6];
  const band = (start: number, end: number, fills: string[]) =>
    end > start && fills.map((fill) => <rect key={fill} x={start} y={bandTop} width={end - start} height={bandHigh} fill={fill} />);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside an SVG drawing
    <g
      role="button"
      tabIndex={reached ? 0 : -1}
      aria-pressed={on}
      aria-label={wordsOf(mark)}
      data-node={mark.step.id}
      data-key={mark.key}
      data-step={mark.step.id}
      data-lit={on || undefined}
      opacity={held ? 0.45 : 1}
      style={{ cursor: "grab", touchAction: "none" }}
    >
      <title>{wordsOf(mark)}</title>
      {handled !== null && dry !== null && (
        <>
          {band(to, handled, [tints.wet, "url(#bar-wet)"])}
          {band(handled, dry, [tints.curing, "url(#bar-curing)"])}
          {(step.tail_min ?? 0) > 0 && (
            <path
              d={`M${dry} ${bandTop - 1}l5 ${bandHigh / 2 + 1}l-5 ${bandHigh / 2 + 1}l-5 ${-bandHigh / 2 - 1}Z`}
              fill={tints.ready}
              stroke={palette.background.paper}
            />
          )}
        </>
      )}
      <rect
        x={from}
        y={top}
        width={to - from}
        height={high}
        rx={2}
        fill={when.done ? palette.text.secondary : palette.text.primary}
        stroke={on ? tints.accent : when.critical ? tints.trouble : palette.background.paper}
        strokeWidth={on ? 3 : when.critical ? 2 : 1}
      />
      {handled === null && letters > 0 && (
        <text x={to + 3} y={y + rowHeight * 0.5 + letters * 0.36} fontSize={letters} fill={palette.text.secondary}>
          ?
        </text>
      )}
      {letters > 0 && <Told mark={mark} letters={letters} rowHeight={rowHeight} />}
      <rect x={from - 3} y={y} width={Math.max(to - from + 6, 24)} height={rowHeight} fill="transparent" />
    </g>
  );
}

/** What is done: on the block where it fits, else behind it as far as there is room. */
function Told({ mark, letters, rowHeight }: { mark: Mark; letters: number; rowHeight: number }) {
  const { palette } = useTheme();
  const fits = (room: number) => Math.floor(room / (letters * LETTER));
  const inside = fits(mark.to - mark.from - 6);
  const behind = fits(mark.room - 8);
  const within = inside >= mark.told.length || inside >= behind;
  const most = within ? inside : behind;
  if (most < LEAST_LETTERS) return null;
  const text = mark.told.length <= most ? mark.told : `${mark.told.slice(0, most - 1)}…`;
  return (
    <text
      x={within ? mark.from + 3 : mark.to + 4}
      y={mark.y + (within ? rowHeight * 0.5 + letters * 0.36 : rowHeight * 0.12 + letters * 0.82)}
      fontSize={letters}
      fontWeight={600}
      fill={within ? palette.background.paper : palette.text.primary}
      stroke={within ? "none" : palette.background.paper}
      strokeWidth={within ? 0 : 3.5}
      paintOrder="stroke"
      pointerEvents="none"
    >
      {text}
    </text>
  );
}

function wordsOf({ step, when }: Mark): string {
  const drying =
    step.tail_min === null
      ? "how it dries is not known"
      : step.tail_min > 0
        ? `wet for ${span(step.drying.handle_min ?? 0)}, ready ${momentWords(when.ready)}`
        : "nothing to wait for";
  const work = minutesOf(when.finish) - minutesOf(when.start);
  return `${step.title}: ${momentWords(when.start)}, ${span(work)} of work; ${drying}`;
}
