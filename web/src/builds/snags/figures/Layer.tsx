import { mm } from "../../../common/words";
import { Drawn, FLOOR, type Of, useInks, WIDTH, Words } from "./frame";

/** A layer beside the thickest that would do. */
export function Layer({ figure: { own_mm, most_mm } }: { figure: Of<"layer"> }) {
  const { ink, own, right } = useInks();
  const scale = 56 / Math.max(own_mm, most_mm);
  return (
    <Drawn words={`${mm(own_mm)} thick where ${mm(most_mm)} is the most`}>
      <rect x={40} y={FLOOR - own_mm * scale} width={90} height={own_mm * scale} fill={own} fillOpacity={0.6} stroke={ink} />
      <rect x={170} y={FLOOR - most_mm * scale} width={90} height={most_mm * scale} fill={right} fillOpacity={0.6} stroke={ink} />
      <line x1={40} x2={260} y1={FLOOR - most_mm * scale} y2={FLOOR - most_mm * scale} stroke={ink} strokeDasharray="4 3" />
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <Words x={85}>▲ {mm(own_mm)}</Words>
      <Words x={215}>✓ up to {mm(most_mm)}</Words>
    </Drawn>
  );
}
