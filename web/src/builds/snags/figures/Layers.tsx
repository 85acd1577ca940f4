import { useTheme } from "@mui/material/styles";
import { Drawn, type Of, useInks, Words } from "./frame";

/** The layers, px. */
const [LEFT, RIGHT, TOP, BOTTOM] = [24, 138, 8, 84];

/** Layers one over another, and where the two meet that do not go together. */
export function Layers({ figure: { layers, low, high } }: { figure: Of<"layers"> }) {
  const { ink, own } = useInks();
  const { palette } = useTheme();
  const high_px = Math.min((BOTTOM - TOP) / layers.length, 26);
  const top = (index: number) => BOTTOM - (index + 1) * high_px;
  const joint = top(low);
  const teeth = Array.from({ length: 10 }, (_, i) => `l6 ${i % 2 ? 4 : -4}l5.4 ${i % 2 ? -4 : 4}`).join("");
  return (
    <Drawn words={`${layers[high].name} over ${layers[low].name}`}>
      {layers.map(({ name, colour }, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two coats may have one name
        <g key={index}>
          <rect
            x={LEFT}
            y={top(index)}
            width={RIGHT - LEFT}
            height={high_px}
            fill={colour ?? palette.background.paper}
            stroke={ink}
            strokeWidth={0.8}
            strokeDasharray={colour ? undefined : "3 3"}
          />
          <Words x={RIGHT + 10} y={top(index) + high_px / 2 + 4.5} anchor="start">
            {index === low || index === high ? "▲ " : ""}
            {name.length > MOST ? `${name.slice(0, MOST - 1)}…` : name}
          </Words>
        </g>
      ))}
      <path d={`M${LEFT} ${joint}${teeth}`} fill="none" stroke={palette.background.paper} strokeWidth={5} />
      <path d={`M${LEFT} ${joint}${teeth}`} fill="none" stroke={own} strokeWidth={2.5} />
    </Drawn>
  );
}

/** As many letters as have room beside them. */
const MOST = 20;
