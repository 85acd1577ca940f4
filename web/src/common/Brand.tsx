import Box, { type BoxProps } from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";

/** The name, and the way back to the shelf. */
// biome-ignore lint/suspicious/noExplicitAny: a Box takes any component and its props
export function Brand(props: BoxProps & { component?: any; to?: string }) {
  const { palette } = useTheme();
  return (
    <Box
      {...props}
      aria-label="Green Plinth, to the shelf"
      sx={{
        fontFamily: '"Zilla Slab", serif',
        fontWeight: 700,
        fontSize: "1.2rem",
        lineHeight: 0.95,
        color: palette.primary.main,
        textDecoration: "none",
      }}
    >
      Green
      <br />
      Plinth
    </Box>
  );
}
