import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { capital, count, short } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

/** Bricks, setts, planks and the like: how many stand in each part, and how many to make. */
export function UnitCounts() {
  const { units } = useBuild().evaluation;
  const session = useBuildSession();
  if (!units.length) return null;
  return (
    <Box component="section" aria-label="Units" sx={{ mt: 2 }}>
      <Typography variant="h2" sx={{ borderBottom: 2, borderColor: "primary.main" }}>
        Units to make
      </Typography>
      {units.map((unit) => (
        <Box
          key={unit.where}
          onClick={() => session.select(unit.where.replace(/\/unit$/, ""))}
          sx={{
            display: "flex",
            gap: 1.5,
            py: 0.75,
            px: 0.5,
            borderBottom: 1,
            borderColor: "divider",
            flexWrap: "wrap",
            cursor: "pointer",
          }}
        >
          <Typography sx={{ flex: "1 1 200px" }}>
            {capital(unit.part)}: {unit.name} {unit.of}
          </Typography>
          <Typography color="text.secondary" sx={{ flex: "1 1 220px" }}>
            each {unit.size_mm.map((side) => (side === null ? "?" : short(side))).join(" × ")} mm
          </Typography>
          <Typography sx={{ fontWeight: 600 }}>
            {count(unit.count, "piece")}, make {unit.to_get}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
