import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Outline } from "../api/types";
import { bounds, corners, pathOf } from "../builds/plan/outline";
import { count, mm, short, sizeWords } from "../common/words";

/** The plinth as it will lie on the mat, with its size written along it. */
export function OutlinePreview({ outline, copies, scale }: { outline: Outline; copies: number; scale: number }) {
  const { tints } = useTheme();
  const [x0, y0, x1, y1] = bounds([corners(outline)]);
  const [w, d] = [x1 - x0, y1 - y0];
  const pad = Math.max(w, d) * 0.2;
  const ink = Math.max(w, d) / 22;
  return (
    <Box sx={{ bgcolor: tints.mat, color: tints.matInk, p: 1, alignSelf: "start", position: { md: "sticky" }, top: 16 }}>
      <svg
        width="100%"
        viewBox={`${x0 - pad} ${-y1 - pad} ${w + 2 * pad} ${d + 2 * pad}`}
        style={{ maxHeight: 380, display: "block" }}
        role="img"
        aria-label={`Outline, ${sizeWords(w, d)}`}
      >
        <g transform="scale(1 -1)">
          <path d={pathOf(outline)} fill="#b59468" stroke="#f4efe2" strokeWidth={ink * 0.2} />
        </g>
        <g fill={tints.matInk} stroke="none" fontSize={ink} textAnchor="middle">
          <text x={(x0 + x1) / 2} y={-y0 + pad * 0.55}>
            {mm(w)}
          </text>
          <text transform={`translate(${x0 - pad * 0.35} ${-(y0 + y1) / 2}) rotate(-90)`}>{mm(d)}</text>
        </g>
      </svg>
      <Typography variant="body2" sx={{ mt: 0.5 }}>
        {count(copies, "base")} at 1:{short(scale)}, {sizeWords(w, d)} each
      </Typography>
    </Box>
  );
}
