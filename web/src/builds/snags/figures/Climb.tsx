import { short } from "../../../common/words";
import { Drawn, FLOOR, type Of, useInks, WIDTH, Words } from "./frame";

/** A way that climbs, over the steepest that would do. */
export function Climb({ figure: { own_pct, most_pct } }: { figure: Of<"climb"> }) {
  const { ink, own, right } = useInks();
  const long = 150;
  const scale = Math.min(1, 52 / ((own_pct / 100) * long));
  const top = (pct: number) => FLOOR - (pct / 100) * long * scale;
  const way = long * scale;
  return (
    <Drawn words={`It climbs ${short(own_pct)} % where ${short(most_pct)} % would do`}>
      <path d={`M20 ${FLOOR}L${20 + way} ${top(own_pct)}V${FLOOR}Z`} fill={own} fillOpacity={0.5} stroke={ink} />
      <path d={`M20 ${FLOOR}L${20 + way} ${top(most_pct)}V${FLOOR}Z`} fill={right} fillOpacity={0.8} stroke={ink} />
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <Words x={182} y={30} anchor="start">
        ▲ {short(own_pct)} %
      </Words>
      <Words x={182} y={52} anchor="start">
        ✓ up to {short(most_pct)} %
      </Words>
    </Drawn>
  );
}
