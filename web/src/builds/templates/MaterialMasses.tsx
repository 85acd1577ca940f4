import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Templates } from "../../api/types";
import { capital, short, span } from "../../common/words";
import { HowComputed } from "../HowComputed";

/** What the base weighs by material, and what each gram of it costs in waiting. */
export function MaterialMasses({ lines }: { lines: Templates["materials"] }) {
  const { tints } = useTheme();
  const most = Math.max(...lines.map((line) => line.mass_g), 1);
  return (
    <Box sx={{ mt: 2 }} component="section" aria-label="Mass by material">
      <Typography variant="h3">Mass by material, and what a gram of it costs in drying</Typography>
      {lines.map((line) => (
        <Box
          key={line.material}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "minmax(0, 1fr) 100px 80px", sm: "minmax(130px, 1.2fr) 1fr 106px 84px minmax(150px, 1fr)" },
            gap: 1,
            alignItems: "center",
            py: 0.25,
          }}
        >
          <Typography variant="body2">{capital(line.name)}</Typography>
          <Box sx={{ height: 9, bgcolor: tints.line, display: { xs: "none", sm: "block" } }}>
            <Box sx={{ height: 9, width: `${(100 * Math.max(line.mass_g, 0)) / most}%`, bgcolor: tints.curing }} />
          </Box>
          <Typography variant="body2" sx={{ textAlign: "right" }}>
            {short(line.mass_g)} g
            <HowComputed of={`mass/${line.material}`} about={`the mass of ${line.name}`} />
          </Typography>
          <Typography variant="body2" sx={{ textAlign: "right" }}>
            {line.ml === null ? "unknown" : `${short(line.ml)} ml`}
          </Typography>
          <Typography variant="body2" color="text.secondary" sx={{ gridColumn: { xs: "1 / -1", sm: "auto" } }}>
            {line.drying_min
              ? `${span(line.drying_min)}${line.min_per_g === null ? "" : `, ${span(line.min_per_g)} a gram`}`
              : "does not dry"}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
