import { useCatalogue, usualWork } from "../../../common/catalogue";
import { mm, short } from "../../../common/words";
import { Drawn, FLOOR, type Of, useInks, WIDTH, Words } from "./frame";

/** Grains beside a boot, all in the scale of the build. */
export function Grains({ figure: { own_mm, right_mm, boot_mm } }: { figure: Of<"grains"> }) {
  const { ink, own, right } = useInks();
  const boot = usualWork(useCatalogue(), "beside_boot") as unknown as { name: string; silhouette: string };
  const scale = Math.min(62 / Math.max(own_mm[1], boot_mm[1], right_mm?.[1] ?? 0), 92 / boot_mm[0]);
  const ball = (x: number, size: number, fill: string, dashed = false) => (
    <circle
      cx={x}
      cy={FLOOR - Math.max((size * scale) / 2, 0.6)}
      r={Math.max((size * scale) / 2, 0.6)}
      fill={dashed ? "none" : fill}
      fillOpacity={0.75}
      stroke={fill}
      strokeWidth={1.6}
    />
  );
  return (
    <Drawn words={`Grains of ${short(own_mm[0])} to ${short(own_mm[1])} mm beside a boot ${mm(boot_mm[0])} long`}>
      <line x1={4} x2={WIDTH - 4} y1={FLOOR} y2={FLOOR} stroke={ink} />
      <path
        d={boot.silhouette}
        transform={`translate(52 ${FLOOR}) scale(${boot_mm[0] * scale} ${-boot_mm[1] * scale})`}
        fill={ink}
        fillOpacity={0.8}
      />
      {ball(136, own_mm[1], own)}
      {ball(136 + (own_mm[1] + own_mm[0]) * scale * 0.5 + 3, own_mm[0], own)}
      {right_mm && ball(246, right_mm[1], right, true)}
      <Words x={52}>{boot.name}</Words>
      <Words x={142}>
        ▲ {short(own_mm[0])}–{short(own_mm[1])} mm
      </Words>
      {right_mm && (
        <Words x={246}>
          ✓ {short(right_mm[0])}–{short(right_mm[1])} mm
        </Words>
      )}
    </Drawn>
  );
}
