import { useTheme } from "@mui/material/styles";
import { Drawn, type Of, useInks, WIDTH, Words } from "./frame";

const [TOP, HIGH] = [8, 52];

/** Tones side by side as they end, and those that would do. */
export function Tones({ figure: { own, right } }: { figure: Of<"tones"> }) {
  const names = (list: typeof own) => list.map((one) => one.name).join(", ");
  const half = right.length ? WIDTH / 2 : WIDTH;
  return (
    <Drawn words={right.length ? `${names(own)}; ${names(right)} would do` : names(own)}>
      <Row tones={own} from={8} to={half - 8} mark="▲" />
      {right.length > 0 && <Row tones={right} from={half + 8} to={WIDTH - 8} mark="✓" />}
    </Drawn>
  );
}

/** They touch, as on the base. */
function Row({ tones, from, to, mark }: { tones: Of<"tones">["own"]; from: number; to: number; mark: string }) {
  const { ink } = useInks();
  const { palette } = useTheme();
  const wide = (to - from) / tones.length;
  const most = Math.floor(wide / 7.2) - 2;
  return (
    <g>
      {tones.map(({ name, colour }, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two may have one name
        <g key={index}>
          <rect x={from + index * wide} y={TOP} width={wide} height={HIGH} fill={colour ?? palette.background.paper} />
          <Words x={from + (index + 0.5) * wide}>
            {mark} {name.length > most ? `${name.slice(0, Math.max(most - 1, 1))}…` : name}
          </Words>
        </g>
      ))}
      <rect x={from} y={TOP} width={to - from} height={HIGH} fill="none" stroke={ink} strokeWidth={0.8} />
    </g>
  );
}
