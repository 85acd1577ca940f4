import { useTheme } from "@mui/material/styles";
import type { MaterialPicture } from "../../api/types";

/** One coat of it brushed over a ground that is half light and half dark: what shows through is seen. */
export function FilmPicture({ films }: { films: NonNullable<MaterialPicture["films"]> }) {
  const { palette } = useTheme();
  // What is clear is seen by its edge alone.
  const edge = { stroke: "#8d877d", strokeDasharray: "3 2" };
  return (
    <svg
      width={170}
      height={96}
      role="img"
      aria-label={`One coat over a light ground looks ${films.over_pale}, over a dark one ${films.over_dark}`}
    >
      <rect width={85} height={96} fill={films.pale_ground} />
      <rect x={85} width={85} height={96} fill={films.dark_ground} />
      <path d="M12 30Q40 18 85 24L85 74Q40 80 14 70Q8 50 12 30Z" fill={films.over_pale} {...edge} />
      <path d="M85 24Q130 16 158 28Q164 50 156 72Q124 82 85 74Z" fill={films.over_dark} {...edge} />
      <rect x={0.5} y={0.5} width={169} height={95} fill="none" stroke={palette.text.primary} />
    </svg>
  );
}
