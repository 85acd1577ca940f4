import { mm } from "../../../common/words";
import { Drawn, FLOOR, type Of, useInks, WIDTH, Words } from "./frame";

/** Water against what it stands at. */
export function Level({ figure: { level_mm, edge_mm, right_mm } }: { figure: Of<"level"> }) {
  const { ink, own, right, wood } = useInks();
  const low = Math.min(level_mm, edge_mm, right_mm ?? level_mm, 0);
  const high = Math.max(level_mm, edge_mm, right_mm ?? level_mm) || 1;
  const y = (z: number) => FLOOR - 6 - ((z - low) / (high - low || 1)) * (FLOOR - 22);
  const over = level_mm > edge_mm;
  return (
    <Drawn words={`Water at ${mm(level_mm)}, ground or edge at ${mm(edge_mm)}${right_mm === null ? "" : `, right at ${mm(right_mm)}`}`}>
      {over ? (
        <>
          <rect x={20} y={y(level_mm)} width={150} height={FLOOR - y(level_mm)} fill={own} fillOpacity={0.35} />
          <path d={`M8 ${FLOOR}V${y(high) - 6}H20V${FLOOR}Z M130 ${FLOOR}V${y(edge_mm)}H150V${FLOOR}Z`} fill={wood} stroke={ink} />
        </>
      ) : (
        <rect x={20} y={y(edge_mm)} width={130} height={FLOOR - y(edge_mm)} fill={wood} stroke={ink} />
      )}
      <line x1={8} x2={170} y1={y(level_mm)} y2={y(level_mm)} stroke={own} strokeWidth={2.5} />
      {right_mm !== null && (
        <line x1={8} x2={170} y1={y(right_mm)} y2={y(right_mm)} stroke={right} strokeWidth={2.5} strokeDasharray="5 3" />
      )}
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <Words x={182} y={22} anchor="start">
        ▲ water {mm(level_mm)}
      </Words>
      <Words x={182} y={40} anchor="start">
        {over ? "edge" : "ground"} {mm(edge_mm)}
      </Words>
      {right_mm !== null && (
        <Words x={182} y={58} anchor="start">
          ✓ {mm(right_mm)}
        </Words>
      )}
    </Drawn>
  );
}
