import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { type PointerEvent, useState } from "react";
import type { Section } from "../../api/types";
import { mm, short } from "../../common/words";
import { useSize } from "../plan/view";
import { HatchKey } from "./HatchKey";
import { SectionDrawing } from "./SectionDrawing";
import { type Run, STRETCHES, sampleAt, scaleOf } from "./sectionScale";

interface Props {
  section: Section;
  /** "A", "B" or "C". */
  name: string;
  onDrop?: () => void;
}

/** A cut through the base, to scale or with heights stretched, and what lies under the pointer. */
export function SectionView({ section, name, onDrop }: Props) {
  const { ref, size } = useSize<HTMLDivElement>();
  const [hover, setHover] = useState<{ x: number; y: number; text: string } | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const scale = scaleOf(section, size.width, chosen);

  function point(event: PointerEvent, stratum: string, run: Run) {
    const frame = ref.current?.getBoundingClientRect();
    const at = event.clientX - (frame?.left ?? 0);
    const [, bottom, top] = sampleAt(run, (at - scale.left) / scale.across);
    setHover({ x: at, y: event.clientY - (frame?.top ?? 0), text: `${stratum}: ${mm(top - bottom)} thick, top at ${mm(top)}` });
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
        <ToggleButtonGroup
          size="small"
          exclusive
          value={scale.stretch}
          onChange={(_, value) => setChosen(value)}
          aria-label="Heights drawn"
        >
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
        <SectionDrawing section={section} name={name} scale={scale} width={size.width} onPoint={point} />
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
      <HatchKey section={section} />
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
      {!!gradient.steepest_pct && ` · steepest ${ratio(gradient.steepest_pct)} at ${mm(gradient.steepest_at_mm)}`}
    </Typography>
  );
}
