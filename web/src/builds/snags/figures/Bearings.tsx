import { short } from "../../../common/words";
import { Drawn, HEIGHT, type Of, useInks, Words } from "./frame";

const [X, Y, R] = [60, HEIGHT / 2, 38];

/** Where it streams, and where the wind takes it: seen from above, the plan's right on the right. */
export function Bearings({ figure: { own_deg, right_deg, aside_deg, allowed_deg } }: { figure: Of<"bearings"> }) {
  const { ink, own, right } = useInks();
  const to = (deg: number, far = R) => {
    const turn = (deg * Math.PI) / 180;
    return [X + Math.cos(turn) * far, Y - Math.sin(turn) * far];
  };
  const arrow = (deg: number) => {
    const [tip, left, back] = [to(deg), to(deg + 14, R - 11), to(deg - 14, R - 11)];
    return `M${X} ${Y}L${tip}M${left}L${tip}L${back}`;
  };
  const [from, end] = [to(right_deg - allowed_deg), to(right_deg + allowed_deg)];
  return (
    <Drawn words={`${short(aside_deg)}° aside where up to ${short(allowed_deg)}° would do`}>
      <circle cx={X} cy={Y} r={R} fill="none" stroke={ink} strokeWidth={0.8} />
      <path d={`M${X} ${Y}L${from}A${R} ${R} 0 ${allowed_deg > 90 ? 1 : 0} 0 ${end}Z`} fill={right} fillOpacity={0.3} stroke={right} />
      <path d={arrow(right_deg)} fill="none" stroke={right} strokeWidth={2.5} />
      <path d={arrow(own_deg)} fill="none" stroke={own} strokeWidth={3} />
      <Words x={116} y={36} anchor="start">
        ▲ {short(aside_deg)}° aside
      </Words>
      <Words x={116} y={62} anchor="start">
        ✓ the wind, up to {short(allowed_deg)}° either way
      </Words>
    </Drawn>
  );
}
