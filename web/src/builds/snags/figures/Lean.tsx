import { mm, short } from "../../../common/words";
import { Drawn, FLOOR, type Of, useInks, WIDTH, Words } from "./frame";

/** The base leant until its centre of mass stands over its edge. */
export function Lean({ figure: { arm_mm, high_mm, deg, steady_deg } }: { figure: Of<"lean"> }) {
  const { ink, own, right, wood } = useInks();
  const scale = Math.min(52 / Math.hypot(arm_mm, high_mm), 60 / arm_mm);
  const [arm, high] = [arm_mm * scale, high_mm * scale];
  const edge = 110;
  return (
    <Drawn words={`Leant ${short(deg)}° its centre of mass, ${mm(high_mm)} up, stands over its edge; ${short(steady_deg)}° are steady`}>
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <line x1={edge} x2={edge} y1={FLOOR} y2={4} stroke={own} strokeDasharray="4 3" />
      <g transform={`translate(${edge} ${FLOOR}) rotate(${deg})`}>
        <rect x={-2 * arm} y={-8} width={2 * arm} height={8} fill={wood} stroke={ink} />
        <line x1={-arm} x2={-arm} y1={-8} y2={-high} stroke={ink} />
        <circle cx={-arm} cy={-high} r={5} fill={own} stroke={ink} />
      </g>
      <Words x={172} y={30} anchor="start">
        ▲ over at {short(deg)}°
      </Words>
      <Words x={172} y={50} anchor="start">
        ✓ {short(steady_deg)}° and more
      </Words>
      <circle cx={162} cy={46} r={4} fill={right} />
    </Drawn>
  );
}
