import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { NavLink } from "react-router";

export const STAGES = [
  ["brief", "Brief"],
  ["compose", "Compose"],
  ["build-up", "Build up"],
  ["order", "Order"],
  ["quantities", "Quantities"],
  ["bench", "Bench"],
  ["daybook", "Daybook"],
  ["scale", "Scale desk"],
] as const;

/** The stages in the order in which makers work; any of them at any time. */
export function StageRail({ id }: { id: number }) {
  const { tints } = useTheme();
  return (
    <Box
      component="nav"
      aria-label="Stages"
      sx={{
        bgcolor: tints.matDeep,
        width: { xs: "100%", md: 92 },
        display: "flex",
        flexDirection: { xs: "row", md: "column" },
        flexShrink: 0,
        overflowX: "auto",
      }}
    >
      {STAGES.map(([key, name], index) => (
        <Box
          key={key}
          component={NavLink}
          to={`/builds/${id}/${key}`}
          sx={{
            color: tints.matInk,
            textDecoration: "none",
            textAlign: "center",
            py: { xs: 0.75, md: 1.25 },
            px: 1.5,
            fontSize: 15,
            borderLeft: { md: "4px solid transparent" },
            borderBottom: { xs: "3px solid transparent", md: "none" },
            "&.active": { bgcolor: tints.mat, borderColor: tints.accent, fontWeight: 600, color: "#fff" },
            "&:focus-visible": { outline: `2px solid ${tints.accent}`, outlineOffset: -2 },
          }}
        >
          <Box
            component="span"
            aria-hidden
            sx={{
              display: { xs: "none", md: "block" },
              fontFamily: '"Zilla Slab", serif',
              fontWeight: 700,
              fontSize: 20,
              opacity: 0.85,
            }}
          >
            {index + 1}
          </Box>
          {name}
        </Box>
      ))}
    </Box>
  );
}
