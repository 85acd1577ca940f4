import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { TemplatePiece } from "../../api/types";
import { capital, count, mm, plain, short } from "../../common/words";
import { bounds, ringsPath } from "../plan/outline";
import { useBuildSession, useSelection, within } from "../useSession";

const SIDE_PX = 118;

/** One piece as its template has it: outline, what stands on it, cuts, feet. */
export function PieceDrawing({ piece }: { piece: TemplatePiece }) {
  const session = useBuildSession();
  const { pointer } = useSelection();
  const { tints, palette } = useTheme();
  const [x0, y0, x1, y1] = bounds(piece.rings);
  const size = Math.max(x1 - x0, y1 - y0) * 1.08;
  const hair = size / SIDE_PX;
  const ink = palette.text.primary;
  const lit = within(piece.pointer, pointer) && piece.pointer !== "/plinth";
  return (
    <Box
      component="button"
      onClick={() => session.select(piece.pointer)}
      sx={{
        width: 168,
        p: 1,
        border: 1,
        borderColor: lit ? tints.accent : tints.line,
        bgcolor: lit ? tints.lit : "background.paper",
        color: "inherit",
        font: "inherit",
        textAlign: "left",
        cursor: "pointer",
      }}
    >
      <svg
        width={SIDE_PX}
        height={SIDE_PX}
        viewBox={`${(x0 + x1 - size) / 2} ${-(y0 + y1 + size) / 2} ${size} ${size}`}
        aria-hidden
        style={{ display: "block", margin: "0 auto" }}
      >
        <g transform="scale(1 -1)" fill="none" strokeLinejoin="round">
          <path d={ringsPath(piece.rings)} fill={tints.sitting} fillRule="evenodd" stroke={ink} strokeWidth={1.6 * hair} />
          <path
            d={ringsPath(piece.glue_lines)}
            stroke={ink}
            strokeOpacity={0.55}
            strokeWidth={hair}
            strokeDasharray={`${4 * hair} ${3 * hair}`}
          />
          <path
            d={ringsPath(piece.cut_lines)}
            stroke={tints.trouble}
            strokeWidth={1.2 * hair}
            strokeDasharray={`${1.5 * hair} ${2 * hair}`}
          />
          {piece.scores.map(([a, b]) => (
            <path
              key={`${a} ${b}`}
              d={`M${a[0]} ${a[1]}L${b[0]} ${b[1]}`}
              stroke={tints.wet}
              strokeWidth={1.2 * hair}
              strokeDasharray={`${5 * hair} ${2 * hair} ${hair} ${2 * hair}`}
            />
          ))}
          {piece.feet.map(([x, y]) => (
            <path
              key={`${x},${y}`}
              d={`M${x - 3 * hair} ${y}h${6 * hair}M${x} ${y - 3 * hair}v${6 * hair}`}
              stroke={tints.mat}
              strokeWidth={1.4 * hair}
            />
          ))}
        </g>
      </svg>
      <Typography variant="body2" sx={{ fontWeight: 600 }}>
        {piece.order > 0 && `${piece.order}. `}
        {capital(piece.name)}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {count(piece.count, "piece")} of {short(piece.size_mm[0])} × {mm(piece.size_mm[1])}
        {piece.sheet_mm !== null && `, ${plain(piece.material ?? "")} ${mm(piece.sheet_mm)}`}
        {piece.note && `; ${piece.note}`}
      </Typography>
    </Box>
  );
}
