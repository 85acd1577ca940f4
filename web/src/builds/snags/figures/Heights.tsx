import { standingKind, useCatalogue } from "../../../common/catalogue";
import { mm, short } from "../../../common/words";
import { Drawn, FLOOR, type Of, useInks, WIDTH, Words } from "./frame";

/** Somebody beside one of the right height. */
export function Heights({ figure: { own_mm, right_mm, of } }: { figure: Of<"heights"> }) {
  const { ink, own, right } = useInks();
  const silhouette = standingKind(useCatalogue(), of)?.silhouette;
  const usual = (right_mm[0] + right_mm[1]) / 2;
  const scale = 62 / Math.max(own_mm, right_mm[1]);
  const stand = (x: number, high: number, fill: string) =>
    silhouette ? (
      <path
        d={silhouette}
        transform={`translate(${x} ${FLOOR}) scale(${high * scale} ${-high * scale})`}
        fill={fill}
        fillOpacity={0.75}
        stroke={ink}
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
    ) : (
      <rect x={x - 12} y={FLOOR - high * scale} width={24} height={high * scale} fill={fill} fillOpacity={0.75} stroke={ink} />
    );
  return (
    <Drawn words={`${mm(own_mm)} tall beside ${short(right_mm[0])} to ${short(right_mm[1])} mm`}>
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      {stand(90, own_mm, own)}
      {stand(205, usual, right)}
      {right_mm.map((high) => (
        <line key={high} x1={160} x2={250} y1={FLOOR - high * scale} y2={FLOOR - high * scale} stroke={right} strokeDasharray="4 3" />
      ))}
      <Words x={90}>▲ {mm(own_mm)}</Words>
      <Words x={205}>
        ✓ {short(right_mm[0])}–{short(right_mm[1])} mm
      </Words>
    </Drawn>
  );
}
