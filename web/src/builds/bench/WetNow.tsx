import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import type { BenchWet } from "../../api/types";
import { wallMoment } from "../../bench/clock";
import { useTick } from "../../bench/useTick";
import { minutesOf, momentWords, span } from "../../common/words";
import { useTell } from "./useTell";

/** What must not be touched and until when, as the drying line draws it: wet, then curing. Touched all the same, it is said how it was. */
export function WetNow({ wet, onWrong }: { wet: BenchWet[]; onWrong: (part: string | null) => void }) {
  const tell = useTell();
  const { tints } = useTheme();
  const now = minutesOf(wallMoment(useTick(20_000)));
  return (
    <Box component="section" aria-label="Wet now">
      <Box component="h2" sx={{ m: 0, fontSize: 22 }}>
        Do not touch
      </Box>
      {wet.length === 0 && <Box sx={{ color: "text.secondary" }}>Nothing is wet.</Box>}
      {wet.map((one) => {
        const [laid, touch, dry] = [one.laid, one.touch, one.dry].map(minutesOf);
        const share = (from: number, to: number) => `${(100 * Math.max(Math.min(to, dry) - from, 0)) / Math.max(dry - laid, 1)}%`;
        return (
          <Box key={one.step} data-wet={one.step} sx={{ borderBottom: 1, borderColor: tints.line, py: 1 }}>
            <Box sx={{ fontWeight: 600 }}>{one.names.join(", ") || one.title}</Box>
            <Box sx={{ color: "text.secondary" }}>
              {now < touch ? "wet" : "curing"} until {momentWords(one.dry)}, {span(Math.max(dry - now, 0))} more
            </Box>
            <Box aria-hidden sx={{ position: "relative", display: "flex", height: 14, my: 0.5, bgcolor: tints.lit }}>
              <Box sx={{ width: share(laid, touch), bgcolor: tints.wet }} />
              <Box sx={{ width: share(touch, dry), bgcolor: tints.curing }} />
              <Box sx={{ position: "absolute", left: share(laid, now), top: -3, bottom: -3, width: 3, bgcolor: "text.primary" }} />
            </Box>
            <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
              <Button variant="outlined" onClick={() => void tell("seen_dry", { step: one.step })}>
                It is dry
              </Button>
              <Button variant="outlined" onClick={() => void tell("still_wet", { step: one.step })}>
                Still wet
              </Button>
              <Button color="error" onClick={() => onWrong(one.where[0] ?? null)}>
                Wrong
              </Button>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
