import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { NavLink } from "react-router";

const PAGES = [
  ["/", "Shelf"],
  ["/now", "What now"],
  ["/weeks", "All builds' plan"],
  ["/daybook", "Daybook"],
  ["/stores", "Stores"],
  ["/mixes", "Mixes"],
  ["/colours", "Colours"],
  ["/workshop", "Materials"],
  ["/scale", "Scale desk"],
  ["/settings", "Settings"],
] as const;

/** From each page of the workshop to the others. */
export function WorkshopNav() {
  const { tints } = useTheme();
  return (
    <Box component="nav" aria-label="Workshop" sx={{ display: "flex", flexWrap: "wrap", columnGap: 0.5 }}>
      {PAGES.map(([to, name]) => (
        <Box
          key={to}
          component={NavLink}
          to={to}
          end
          sx={{
            color: "primary.main",
            textDecoration: "none",
            fontWeight: 600,
            px: 1,
            py: 0.75,
            borderBottom: "3px solid transparent",
            "&.active": { borderColor: tints.accent, color: "text.primary" },
            "&:hover": { bgcolor: tints.lit },
          }}
        >
          {name}
        </Box>
      ))}
    </Box>
  );
}
