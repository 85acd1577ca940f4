import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { type ReactNode, useId } from "react";

interface Option<T extends string> {
  value: T;
  name: string;
  /** A line below the name. */
  told?: string;
  drawing: ReactNode;
}

interface Props<T extends string> {
  label: string;
  value: T | null;
  options: Option<T>[];
  onChange: (value: T) => void;
  /** Of one card, px. */
  width: number;
  height: number;
}

/** One of a few things that are chosen by how they look: radio buttons, so that the arrow keys go from one to the next. */
export function DrawnChoice<T extends string>({ label, value, options, onChange, width, height }: Props<T>) {
  const { tints, palette } = useTheme();
  const group = useId();
  return (
    <Box
      role="radiogroup"
      aria-label={label}
      sx={{ display: "grid", gridTemplateColumns: `repeat(auto-fill, minmax(${width}px, 1fr))`, gap: 1, width: "100%" }}
    >
      {options.map((option) => {
        const lit = option.value === value;
        return (
          <Box
            key={option.value}
            component="label"
            title={option.told}
            sx={{
              cursor: "pointer",
              border: 2,
              borderColor: lit ? "primary.main" : tints.line,
              bgcolor: lit ? tints.lit : "background.paper",
              display: "flex",
              flexDirection: "column",
              position: "relative",
              "&:focus-within": { outline: `3px solid ${palette.primary.main}`, outlineOffset: 1 },
              "&:hover": { borderColor: palette.primary.main },
            }}
          >
            <input
              type="radio"
              name={group}
              value={option.value}
              checked={lit}
              onChange={() => onChange(option.value)}
              style={{ position: "absolute", inset: 0, opacity: 0, cursor: "pointer", margin: 0 }}
            />
            <Box aria-hidden sx={{ height, bgcolor: tints.mat, display: "grid", placeItems: "center", p: 0.5 }}>
              {option.drawing}
            </Box>
            <Typography variant="body2" sx={{ px: 0.75, py: 0.5, fontWeight: lit ? 700 : 500, lineHeight: 1.25 }}>
              {option.name}
            </Typography>
          </Box>
        );
      })}
    </Box>
  );
}
