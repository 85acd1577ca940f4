import Box from "@mui/material/Box";

interface Props {
  colour: string | null | undefined;
  width?: number;
  height?: number;
  /** Where the swatch itself says something. */
  label?: string;
}

/** A patch of colour. What has none is told by a stroke across, not by a colour. */
export function Swatch({ colour, width = 26, height = 20, label }: Props) {
  return (
    <Box
      component="svg"
      role={label ? "img" : undefined}
      aria-label={label}
      aria-hidden={label ? undefined : true}
      width={width}
      height={height}
      sx={{ flexShrink: 0, display: "block", color: "text.secondary" }}
    >
      <rect x={0.5} y={0.5} width={width - 1} height={height - 1} fill={colour ?? "none"} stroke="currentColor" />
      {!colour && <line x1={2} y1={height - 2} x2={width - 2} y2={2} stroke="currentColor" />}
    </Box>
  );
}
