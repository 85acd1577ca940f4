import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";

/** Wet and curing are told by their patterns as well as by their colours. */
export function Patterns() {
  return (
    <defs>
      <pattern id="bar-wet" width={8} height={11} patternUnits="userSpaceOnUse">
        <path d="M0 4Q2 1 4 4T8 4M0 9Q2 6 4 9T8 9" fill="none" stroke="#fff" strokeOpacity={0.75} />
      </pattern>
      <pattern id="bar-curing" width={6} height={6} patternUnits="userSpaceOnUse">
        <circle cx={2} cy={2} r={0.9} fill="#fff" fillOpacity={0.85} />
        <circle cx={5} cy={5} r={0.9} fill="#fff" fillOpacity={0.85} />
      </pattern>
    </defs>
  );
}

/** What the marks mean, in words and shapes. */
export function Keys() {
  const { tints, palette } = useTheme();
  const key = (name: string, mark: React.ReactNode) => (
    <Stack key={name} direction="row" sx={{ alignItems: "center", gap: 0.5, fontSize: 13, color: "text.secondary" }}>
      <svg width={22} height={14} aria-hidden>
        {mark}
      </svg>
      {name}
    </Stack>
  );
  return (
    <Stack direction="row" sx={{ gap: 1.25 }}>
      {key("hands on", <rect x={8} width={6} height={14} fill={palette.text.primary} />)}
      {key(
        "wet",
        <g>
          <rect y={2} width={22} height={11} fill={tints.wet} />
          <rect y={2} width={22} height={11} fill="url(#bar-wet)" />
        </g>,
      )}
      {key(
        "curing",
        <g>
          <rect y={2} width={22} height={11} fill={tints.curing} />
          <rect y={2} width={22} height={11} fill="url(#bar-curing)" />
        </g>,
      )}
      {key("ready", <path d="M11 0l7 7l-7 7l-7 -7Z" fill={tints.ready} />)}
      {key("sitting", <rect width={22} height={14} fill={tints.sitting} stroke={palette.divider} />)}
    </Stack>
  );
}

/** From where to where a flag stands, px: about its day, as far as the chart goes. */
export function flagRoom({ x, left, right, text }: { x: number; left: number; right: number; text: string }): [number, number] {
  const wide = text.length * 7 + 16;
  const at = Math.min(Math.max(x, left + wide / 2), right - wide / 2 - 2);
  return [at - wide / 2, at + wide / 2];
}

/** A day with its name, kept inside the chart, px. */
export function Flag({
  x,
  y,
  left,
  right,
  colour,
  text,
}: {
  x: number;
  y: number;
  left: number;
  right: number;
  colour: string;
  text: string;
}) {
  const { palette } = useTheme();
  const [from, to] = flagRoom({ x, left, right, text });
  const [wide, at] = [to - from, (from + to) / 2];
  return (
    <g>
      <rect x={at - wide / 2} y={y - 13} width={wide} height={20} rx={10} fill={colour} />
      <text x={at} y={y + 2} textAnchor="middle" fontSize={13} fontWeight={600} fill={palette.mode === "dark" ? "#14201a" : "#fff"}>
        {text}
      </text>
    </g>
  );
}
