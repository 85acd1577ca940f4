import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Section } from "../../api/types";
import { mm, short } from "../../common/words";
import { useSize } from "../plan/view";
import { related, useBuild, useBuildSession, useSelection } from "../useSession";
import { FAMILY_WORDS, Hatches, hatchOf } from "./hatches";
import { Standing } from "./Standing";
import { WaterGrip } from "./WaterGrip";

const BARE = "#b59468";
/** Room left, right, above and below the drawing, px. */
const MARGIN = { side: 34, top: 16, bottom: 24 };
const STRETCHES = [1, 2, 5];
/** Drawn at least this tall, or the maker is offered stretched heights, px. */
const READABLE_PX = 46;
/** Drawn at most this tall, px; with stretched heights a little taller, so that it does not shrink to a sliver. */
const TALLEST_PX = 210;
const STRETCHED_PX = 320;

type Run = number[][];
const extent = (section: Section): [number, number] => {
  const zs = [...section.strata, ...section.waters].flatMap((layer) => layer.runs.flat()).flatMap(([, low, high]) => [low, high]);
  return zs.length ? [Math.min(...zs), Math.max(...zs)] : [0, 1];
};

interface Props {
  section: Section;
  /** "A", "B" or "C". */
  name: string;
  onDrop?: () => void;
}

/** A cut through the base, every stratum to scale, hatched by family, with what stands there; lit where the selection lies. */
export function SectionView({ section, name, onDrop }: Props) {
  const { file } = useBuild();
  const session = useBuildSession();
  const { pointer } = useSelection();
  const { bench, palette } = useTheme();
  const { ref, size } = useSize<HTMLDivElement>();
  const [hover, setHover] = useState<{ x: number; y: number; text: string } | null>(null);
  const [low, ground] = extent(section);
  // What stands on the base is drawn as far as it fits: a tree does not press the strata flat.
  const tallest = Math.max(ground, ...section.standing.map((one) => one.high));
  const highAt = (times: number) => Math.min(tallest, ground + Math.max((ground - low) * 2.6, 20) / times);
  const widest = Math.max((size.width - 2 * MARGIN.side) / Math.max(section.length_mm, 1), 0.01);
  const usual = STRETCHES.find((times) => (highAt(1) - low) * widest * times >= READABLE_PX) ?? 5;
  const [chosen, setChosen] = useState<number | null>(null);
  const stretch = chosen ?? usual;
  const high = highAt(stretch);
  // Where the drawing would grow too tall, it is drawn smaller both ways: heights are always as many times as they say.
  const up = Math.min(widest * stretch, (stretch > 1 ? STRETCHED_PX : TALLEST_PX) / Math.max(high - low, 1));
  const across = up / stretch;
  const left = (size.width - section.length_mm * across) / 2;
  const right = size.width - left;
  const height = (high - low) * up + MARGIN.top + MARGIN.bottom;
  const x = (s: number) => left + s * across;
  const y = (z: number) => MARGIN.top + (high - z) * up;
  const shape = (run: Run) =>
    `M${run.map(([s, , top]) => `${x(s).toFixed(1)} ${y(top).toFixed(1)}`).join("L")}L${[...run]
      .reverse()
      .map(([s, bottom]) => `${x(s).toFixed(1)} ${y(bottom).toFixed(1)}`)
      .join("L")}Z`;
  const surface = (run: Run) => `M${run.map(([s, , top]) => `${x(s).toFixed(1)} ${y(top).toFixed(1)}`).join("L")}`;
  const families = [...new Set(section.strata.filter((stratum) => stratum.runs.length).map((stratum) => hatchOf(stratum.family)))];

  function told(event: React.PointerEvent, name: string, run: Run) {
    const frame = ref.current?.getBoundingClientRect();
    const at = event.clientX - (frame?.left ?? 0);
    const s = (at - left) / across;
    const [, bottom, top] = run.reduce((best, sample) => (Math.abs(sample[0] - s) < Math.abs(best[0] - s) ? sample : best));
    setHover({ x: at, y: event.clientY - (frame?.top ?? 0), text: `${name}: ${mm(top - bottom)} thick, top at ${mm(top)}` });
  }

  return (
    <Box component="section" aria-label="Section">
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "center", mb: 0.5 }}>
        <Typography variant="h2">
          Section {name}–{name}′
        </Typography>
        {onDrop && (
          <Button size="small" onClick={onDrop} aria-label={`Drop section ${name}`}>
            Drop
          </Button>
        )}
        <ToggleButtonGroup size="small" exclusive value={stretch} onChange={(_, value) => setChosen(value)} aria-label="Heights drawn">
          {STRETCHES.map((n) => (
            <ToggleButton
              key={n}
              value={n}
              sx={{ py: 0, px: 1 }}
              aria-label={n === 1 ? "Heights true to scale" : `Heights drawn ${n} times`}
            >
              {n === 1 ? "true" : `×${n}`}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      </Stack>
      <Box ref={ref} sx={{ position: "relative" }} onPointerLeave={() => setHover(null)}>
        <svg
          width={size.width}
          height={height}
          role="img"
          aria-label={`Section ${name} of ${file.title}, ${short(section.length_mm)} mm long`}
          style={{ display: "block" }}
        >
          <Hatches id={`cut${name}`} />
          <Heights low={low} high={high} y={y} left={left} right={right} />
          <Standing section={section} x={x} y={y} top={MARGIN.top - 8} lit={pointer} onSelect={(part) => session.select(part)} />
          {section.strata.map((stratum) => {
            const on = related(stratum.pointer, pointer) && pointer !== "/plinth";
            return stratum.runs.map((run) => (
              <g
                key={`${stratum.pointer}${run[0][0]}`}
                data-stratum={stratum.pointer}
                onClick={() => session.select(stratum.pointer)}
                onPointerMove={(event) => told(event, stratum.name, run)}
                style={{ cursor: "pointer" }}
              >
                <path d={shape(run)} fill={stratum.colour ?? BARE} stroke={palette.text.primary} strokeWidth={0.7} />
                <path
                  d={shape(run)}
                  fill={`url(#cut${name}-${hatchOf(stratum.family)})`}
                  stroke={on ? bench.accent : "none"}
                  strokeWidth={3}
                />
              </g>
            ));
          })}
          {section.waters.map((water) =>
            water.runs.map((run) => (
              <g key={`${water.id}${run[0][0]}`} pointerEvents="none">
                <path d={shape(run)} fill={bench.wet} fillOpacity={0.6} />
                <path d={shape(run)} fill={`url(#cut${name}-water)`} />
                <path d={surface(run)} fill="none" stroke={bench.wet} strokeWidth={1.6} />
              </g>
            )),
          )}
          {section.waters.map((water) => (
            <WaterGrip key={water.id} water={water} x={x} y={y} up={up} />
          ))}
          <text x={left - 8} y={y(0) + 4} textAnchor="end" fontSize={14} fontWeight={700} fill={palette.text.primary}>
            {name}
          </text>
          <text x={right + 8} y={y(0) + 4} fontSize={14} fontWeight={700} fill={palette.text.primary}>
            {name}′
          </text>
          <ScaleBar across={across} at={height - 8} left={left} ink={palette.text.secondary} times={stretch} />
        </svg>
        {hover && (
          <Box
            role="status"
            sx={{
              position: "absolute",
              left: Math.min(hover.x + 8, size.width - 190),
              top: hover.y + 14,
              bgcolor: "background.paper",
              border: 1,
              borderColor: "divider",
              px: 1,
              fontSize: 13,
              pointerEvents: "none",
              zIndex: 2,
            }}
          >
            {hover.text}
          </Box>
        )}
      </Box>
      <Gradient section={section} />
      <Stack direction="row" sx={{ flexWrap: "wrap", columnGap: 1.5, rowGap: 0.25 }} aria-label="Hatches">
        {[...families, ...(section.waters.some((water) => water.runs.length) ? ["water"] : [])].map((family) => (
          <Stack key={family} direction="row" sx={{ alignItems: "center", gap: 0.5, fontSize: 13, color: "text.secondary" }}>
            <svg width={20} height={13} aria-hidden>
              <Hatches id={`key-${family}`} />
              <rect width={20} height={13} fill={family === "water" ? bench.wet : "#e6dcc6"} />
              <rect width={20} height={13} fill={`url(#key-${family}-${family})`} stroke="#1b1510" strokeOpacity={0.5} />
            </svg>
            {FAMILY_WORDS[family]}
          </Stack>
        ))}
      </Stack>
    </Box>
  );
}

/** How the ground rises along the cut. */
function Gradient({ section: { gradient } }: { section: Section }) {
  if (!gradient) return null;
  const ratio = (pct: number) =>
    Math.abs(pct) < 0.05 ? "level" : Math.abs(pct) > 100 ? "over 1:1" : `${short(pct)} %, 1:${short(Math.abs(100 / pct))}`;
  return (
    <Typography variant="body2" color="text.secondary">
      End to end {gradient.rise_mm > 0 ? "up" : "down"} {mm(Math.abs(gradient.rise_mm))} ({ratio(gradient.mean_pct)})
      {gradient.steepest_pct !== null && ` · steepest ${ratio(gradient.steepest_pct)} at ${mm(gradient.steepest_at_mm)}`}
    </Typography>
  );
}

/** Heights above the plinth's top face, at the left. */
function Heights({ low, high, y, left, right }: { low: number; high: number; y: (z: number) => number; left: number; right: number }) {
  const { palette } = useTheme();
  const step = [1, 2, 5, 10, 20, 50, 100].find((mm) => (high - low) / mm <= 6) ?? 200;
  const first = Math.ceil(low / step);
  return (
    <g fontSize={12} fill={palette.text.secondary} aria-hidden>
      {Array.from({ length: Math.max(Math.floor(high / step) - first + 1, 0) }, (_, i) => (first + i) * step).map((z) => (
        <g key={z}>
          <line x1={left} x2={right} y1={y(z)} y2={y(z)} stroke={palette.divider} />
          {Math.abs(y(z) - y(0)) > 12 && (
            <text x={left - 6} y={y(z) + 4} textAnchor="end">
              {z}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}

function ScaleBar({ across, at, left, ink, times }: { across: number; at: number; left: number; ink: string; times: number }) {
  const length = [1, 2, 5, 10, 20, 50, 100, 200].find((mm) => mm * across >= 44) ?? 500;
  return (
    <g stroke={ink} fill={ink} fontSize={12} aria-hidden>
      <path d={`M${left} ${at - 4}v4h${length * across}v-4`} fill="none" />
      <text x={left + length * across + 6} y={at} stroke="none">
        {length} mm{times > 1 ? `, heights ×${short(times)}` : ", heights in mm, true to scale"}
      </text>
    </g>
  );
}
