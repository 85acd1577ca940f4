import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Daybook } from "../../api/types";
import { minutesOf, momentWords, short } from "../../common/words";

const WIDTH = 900;
const HEIGHT = 120;
const EDGE = 46;

/** The room's air as it was measured: temperature as a full line, humidity as a dashed one. */
export function ClimateTrace({ climate }: { climate: Daybook["climate"] }) {
  const { tints, palette } = useTheme();
  if (climate.length < 2) return null;
  const minutes = climate.map((one) => minutesOf(one.at));
  const [first, last] = [Math.min(...minutes), Math.max(...minutes)];
  const x = (moment: string) => EDGE + ((minutesOf(moment) - first) / Math.max(last - first, 1)) * (WIDTH - 2 * EDGE);
  const line = (what: "temperature" | "humidity") => {
    const mine = climate.filter((one) => one.what === what);
    const values = mine.map((one) => one.value);
    const [low, high] = [Math.min(...values), Math.max(...values)];
    const y = (value: number) => HEIGHT - 22 - ((value - low) / Math.max(high - low, 1)) * (HEIGHT - 44);
    return { low, high, path: mine.map((one, index) => `${index ? "L" : "M"}${x(one.at)} ${y(one.value)}`).join(""), any: mine.length > 1 };
  };
  const [warm, damp] = [line("temperature"), line("humidity")];
  return (
    <section aria-label="Air">
      <Typography variant="h2" sx={{ mt: 2 }}>
        The air of the room
      </Typography>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`From ${momentWords(climate[0].at)} to ${momentWords(climate[climate.length - 1].at)}`}
        style={{ width: "100%", display: "block" }}
      >
        {warm.any && (
          <>
            <path d={warm.path} fill="none" stroke={tints.trouble} strokeWidth={2} />
            <text x={0} y={24} fontSize={14} fill={palette.text.primary}>
              {short(warm.high)} °C
            </text>
            <text x={0} y={HEIGHT - 18} fontSize={14} fill={palette.text.primary}>
              {short(warm.low)} °C
            </text>
          </>
        )}
        {damp.any && (
          <>
            <path d={damp.path} fill="none" stroke={tints.wet} strokeWidth={2} strokeDasharray="6 4" />
            <text x={WIDTH} y={24} fontSize={14} textAnchor="end" fill={palette.text.primary}>
              {short(damp.high)} %
            </text>
            <text x={WIDTH} y={HEIGHT - 18} fontSize={14} textAnchor="end" fill={palette.text.primary}>
              {short(damp.low)} %
            </text>
          </>
        )}
      </svg>
    </section>
  );
}
