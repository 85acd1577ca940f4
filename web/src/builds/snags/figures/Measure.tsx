import { figureWords } from "../../../common/figureWords";
import { wordsWide } from "../../../common/labels";
import { short } from "../../../common/words";
import { Drawn, type Of, TYPE, useInks, Words } from "./frame";

/** How much of the scale's end is free beyond what is told. */
const BEYOND = 1.15;
/** The scale, px. */
const [LEFT, RIGHT] = [14, 286];

/** One measure on a scale from nothing, what would do as a stretch of it. */
export function Measure({ figure: { own: value, unit, least, most } }: { figure: Of<"measure"> }) {
  const { ink, own, right } = useInks();
  const end = Math.max(value, least ?? 0, most ?? 0) * BEYOND || 1;
  const x = (at: number) => LEFT + (Math.min(at, end) / end) * (RIGHT - LEFT);
  const [from, to] = [x(least ?? 0), most === null ? RIGHT : x(most)];
  const told = (at: number) => figureWords({ value: at, unit });
  const wanted =
    least === null ? (most ? `up to ${told(most)}` : "none") : most === null ? `${told(least)} and more` : `${short(least)}–${told(most)}`;
  const inwards = (at: number, words: string) =>
    Math.min(Math.max(at, LEFT + wordsWide(words, TYPE) / 2), RIGHT - wordsWide(words, TYPE) / 2);
  return (
    <Drawn words={`${told(value)} where ${wanted} would do`}>
      <line x1={LEFT} x2={RIGHT} y1={48} y2={48} stroke={ink} />
      <line x1={LEFT} x2={LEFT} y1={43} y2={53} stroke={ink} />
      <rect x={from} y={40} width={Math.max(to - from, 3)} height={16} fill={right} fillOpacity={0.45} stroke={right} />
      <path d={`M${x(value)} 40l-6 -11h12z`} fill={own} stroke={ink} strokeWidth={0.8} />
      <line x1={x(value)} x2={x(value)} y1={40} y2={56} stroke={own} strokeWidth={2.5} />
      <Words x={inwards(x(value), `▲ ${told(value)}`)} y={22}>
        ▲ {told(value)}
      </Words>
      <Words x={inwards((from + to) / 2, `✓ ${wanted}`)} y={76}>
        ✓ {wanted}
      </Words>
    </Drawn>
  );
}
