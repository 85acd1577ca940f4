import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { EdgeSkin } from "../../api/types";
import { count, mm, short } from "../../common/words";
import { HowComputed } from "../HowComputed";

const HIGH_PX = 92;
const FOOT_PX = 20;

/** The plinth's side all round as an unrolled strip, from the front's middle, with where pieces join. */
export function EdgeSkinDrawing({ skin }: { skin: EdgeSkin }) {
  const { tints, palette } = useTheme();
  const up = (HIGH_PX - FOOT_PX - 6) / skin.highest_mm;
  const wide = 1000;
  const x = (s: number) => (s / skin.length_mm) * wide;
  const y = (z: number) => HIGH_PX - FOOT_PX - z * up;
  return (
    <Box sx={{ mt: 2 }} component="section" aria-label="Edge skin">
      <Typography variant="h3">
        Edge skin: {mm(skin.length_mm)} round,{" "}
        {skin.highest_mm - skin.lowest_mm < 0.1 ? mm(skin.highest_mm) : `${short(skin.lowest_mm)} to ${mm(skin.highest_mm)}`} high
        <HowComputed of="templates/edge" about="the edge skin" />
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {count(skin.pieces.length, "piece")} with a lap each, {count(skin.boards, "board")} of {short(skin.board_mm[0])} ×{" "}
        {mm(skin.board_mm[1])}. Heights are stretched in this drawing.
      </Typography>
      <svg width="100%" viewBox={`0 0 ${wide} ${HIGH_PX}`} role="img" aria-label="The plinth's side unrolled">
        <path
          d={`M0 ${y(0)}${skin.profile.map(([s, z]) => `L${x(s).toFixed(1)} ${y(z).toFixed(1)}`).join("")}L${wide} ${y(0)}Z`}
          fill={tints.sitting}
          stroke={palette.text.primary}
          strokeWidth={1.4}
        />
        {skin.strata.map((layer) => (
          <g key={layer.pointer}>
            <title>{layer.name}</title>
            {layer.runs.map((run) => (
              <path
                key={run[0][0]}
                d={`M${run.map(([s, low]) => `${x(s).toFixed(1)} ${y(low).toFixed(1)}`).join("L")}L${[...run]
                  .reverse()
                  .map(([s, , high]) => `${x(s).toFixed(1)} ${y(high).toFixed(1)}`)
                  .join("L")}Z`}
                fill={layer.colour ?? tints.sitting}
                stroke={palette.text.primary}
                strokeWidth={0.6}
              />
            ))}
          </g>
        ))}
        {skin.pieces.map(([from, to], index) => (
          <g key={from}>
            {index > 0 && <line x1={x(from)} x2={x(from)} y1={4} y2={y(0)} stroke={tints.accent} strokeWidth={2} strokeDasharray="6 4" />}
            <text x={(x(from) + x(to)) / 2} y={HIGH_PX - 5} textAnchor="middle" fontSize={14} fill={palette.text.primary}>
              {index + 1}: {mm(to - from)}
            </text>
          </g>
        ))}
      </svg>
    </Box>
  );
}
