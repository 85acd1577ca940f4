import Box from "@mui/material/Box";
import Slider from "@mui/material/Slider";
import Typography from "@mui/material/Typography";

interface DialProps {
  label: string;
  unit: string;
  value: number;
  range: [number, number];
  step?: number;
  onChange: (value: number) => void;
}

/** A value to be tried, by a slide. */
export function Dial({ label, unit, value, range, step = 1, onChange }: DialProps) {
  return (
    <Box sx={{ width: 170 }}>
      <Typography variant="body2">
        {label} {value} {unit}
      </Typography>
      <Slider
        size="small"
        aria-label={label}
        value={value}
        min={range[0]}
        max={range[1]}
        step={step}
        onChange={(_, next) => onChange(Number((next as number).toFixed(2)))}
        sx={{ py: 0.75 }}
      />
    </Box>
  );
}
