import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { CuttingPlan, TemplatePiece } from "../../api/types";
import { capital, count, mm, short } from "../../common/words";

const WIDE_PX = 190;
const SHOWN = 6;

/** How pieces of one thickness lie on stock sheets, each box by its number. */
export function SheetDrawing({ plan, pieces }: { plan: CuttingPlan; pieces: TemplatePiece[] }) {
  const { tints, palette } = useTheme();
  const [width, depth] = plan.size_mm;
  const scale = WIDE_PX / Math.max(width, depth);
  const name = (order: number) => pieces.find((piece) => piece.order === order)?.name ?? "";
  return (
    <Box sx={{ mt: 2 }} data-testid={`sheets-${plan.material}`}>
      <Typography variant="h3">
        {capital(plan.name)}, {mm(plan.sheet_mm)}: {count(plan.sheets.length, "sheet")} of {short(width)} × {mm(depth)}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        No way of laying them needs fewer than {plan.lower_bound}.{plan.grain && " The grain is kept: nothing is turned."}
        {plan.too_large.length > 0 && ` Larger than a sheet, so joined from several: ${plan.too_large.map(name).join(", ")}.`}
        {plan.shown_of[0] < plan.shown_of[1] && ` Drawn for the first ${plan.shown_of[0]} of ${plan.shown_of[1]} pieces.`}
      </Typography>
      <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1.5, mt: 0.5 }}>
        {plan.sheets.slice(0, SHOWN).map((sheet, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: sheets have no names but their numbers
          <Box key={index}>
            <svg
              width={width * scale}
              height={depth * scale}
              viewBox={`0 0 ${width} ${depth}`}
              role="img"
              aria-label={`Sheet ${index + 1}, ${short(sheet.yield_pct)} % used`}
            >
              <rect width={width} height={depth} fill={palette.background.paper} stroke={palette.text.primary} strokeWidth={1.5 / scale} />
              {sheet.placed.map((box) => (
                <g key={`${box.order}${box.x}${box.y}`}>
                  <rect
                    x={box.x}
                    y={box.y}
                    width={box.width}
                    height={box.depth}
                    fill={tints.curing}
                    fillOpacity={0.35}
                    stroke={tints.curing}
                    strokeWidth={1 / scale}
                  />
                  <text
                    x={box.x + box.width / 2}
                    y={box.y + box.depth / 2 + 4 / scale}
                    textAnchor="middle"
                    fontSize={12 / scale}
                    fill={palette.text.primary}
                  >
                    {box.order}
                    {box.turned ? " ↻" : ""}
                  </text>
                </g>
              ))}
            </svg>
            <Typography variant="body2">
              Sheet {index + 1}: {short(sheet.yield_pct)} % used
            </Typography>
          </Box>
        ))}
      </Stack>
    </Box>
  );
}
