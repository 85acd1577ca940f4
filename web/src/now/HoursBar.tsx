import { useTheme } from "@mui/material/styles";

const HOURS = 48;
const HEIGHT = 14;

/** Minutes of work, then of drying, over the coming two days; what goes on longer ends in an arrow. Drawn `width` px wide where there is room. */
export function HoursBar({ hands, dries, label, width }: { hands: number; dries: number; label: string; width: number }) {
  const { tints, palette } = useTheme();
  const x = (minutes: number) => Math.min((minutes / 60 / HOURS) * width, width);
  const from = Math.max(x(hands), hands > 0 ? 3 : 0);
  const to = Math.max(x(hands + dries), from);
  const beyond = (hands + dries) / 60 > HOURS;
  return (
    <svg viewBox={`0 0 ${width} ${HEIGHT + 14}`} width="100%" role="img" aria-label={label} style={{ display: "block", maxWidth: width }}>
      <rect width={width} height={HEIGHT} fill={tints.lit} />
      <rect width={from} height={HEIGHT} fill={palette.text.primary} />
      <path
        d={
          beyond ? `M${from} 0H${width - 9}L${width} ${HEIGHT / 2}L${width - 9} ${HEIGHT}H${from}Z` : `M${from} 0H${to}V${HEIGHT}H${from}Z`
        }
        fill={tints.accent}
        fillOpacity={0.75}
      />
      {[12, 24, 36].map((hour) => (
        <g key={hour}>
          <path d={`M${x(hour * 60)} 0V${HEIGHT + 3}`} stroke={palette.text.secondary} />
          <text x={x(hour * 60)} y={HEIGHT + 13} fontSize={12} textAnchor="middle" fill={palette.text.secondary}>
            {hour} h
          </text>
        </g>
      ))}
    </svg>
  );
}
