import { useTheme } from "@mui/material/styles";
import { useId } from "react";
import type { Jar } from "../api/types";
import { count } from "../common/words";

const WIDTH = 92;
const HEIGHT = 104;
/** So many full ones are drawn behind the open one. */
const SHOWN = 3;

/** The shape of a pack, by what it is counted in: a lid, and the body that fills. */
const SHAPES: Record<string, { lid: string; body: string; top: number; bottom: number }> = {
  ml: { lid: "M18 8 h34 v12 h-34 z", body: "M16 20 h38 q6 4 6 12 v60 q0 6 -6 6 h-38 q-6 0 -6 -6 v-60 q0 -8 6 -12 z", top: 22, bottom: 98 },
  g: { lid: "M8 14 h54 v10 h-54 z", body: "M10 24 h50 l-4 70 q0 4 -4 4 h-34 q-4 0 -4 -4 z", top: 24, bottom: 98 },
  box: { lid: "M8 26 l8 -10 h46 l-2 10 z", body: "M8 26 h52 v72 h-52 z", top: 28, bottom: 98 },
};

/** The open pack with its level, in its colour; those that are full stand behind it. */
export function JarDrawing({ jar }: { jar: Jar }) {
  const { palette, tints } = useTheme();
  const clip = useId();
  const shape = SHAPES[jar.jar.unit] ?? SHAPES.box;
  const full = jar.jar.full ?? 0;
  const open = jar.jar.opened_on !== undefined || jar.jar.open !== undefined;
  const behind = Math.min(open ? full : full - 1, SHOWN);
  const level = open ? jar.level : full > 0 ? 1 : 0;
  const ink = palette.text.primary;
  const height = (level ?? 0) * (shape.bottom - shape.top);
  return (
    <svg width={WIDTH} height={HEIGHT} role="img" aria-label={words(jar, full, open)} style={{ flexShrink: 0 }}>
      {Array.from({ length: Math.max(behind, 0) }, (_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: packs are alike
        <g key={i} transform={`translate(${(behind - i) * 9} ${-(behind - i) * 2})`}>
          <path d={shape.body} fill={jar.colour ?? tints.line} stroke={ink} strokeWidth={1} opacity={0.9} />
          <path d={shape.lid} fill={palette.text.secondary} stroke={ink} strokeWidth={1} />
        </g>
      ))}
      <clipPath id={clip}>
        <path d={shape.body} />
      </clipPath>
      <path d={shape.body} fill={palette.background.paper} />
      <g clipPath={`url(#${clip})`}>
        <rect x={0} y={shape.bottom - height} width={WIDTH} height={height} fill={jar.colour ?? tints.curing} />
        {level === null && (
          <text x={35} y={68} textAnchor="middle" fontSize={30} fontWeight={700} fill={palette.text.secondary}>
            ?
          </text>
        )}
        {[0.25, 0.5, 0.75].map((mark) => (
          <line
            key={mark}
            x1={10}
            x2={18}
            y1={shape.bottom - mark * (shape.bottom - shape.top)}
            y2={shape.bottom - mark * (shape.bottom - shape.top)}
            stroke={ink}
            strokeOpacity={0.7}
          />
        ))}
      </g>
      <path d={shape.body} fill="none" stroke={ink} strokeWidth={1.75} />
      <path
        d={shape.lid}
        fill={open ? "none" : palette.text.secondary}
        stroke={ink}
        strokeWidth={1.5}
        strokeDasharray={open ? "3 2" : undefined}
      />
    </svg>
  );
}

function words(jar: Jar, full: number, open: boolean): string {
  const opened = !open
    ? "none open"
    : jar.level === null
      ? "one open, nobody knows how full"
      : `one open, ${Math.round(jar.level * 100)} % full`;
  return `${count(full, "full one")}, ${opened}`;
}
