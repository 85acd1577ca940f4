import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Switch from "@mui/material/Switch";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api } from "../api/client";
import type { LearntFactor } from "../api/types";
import { count, short } from "../common/words";

const SAYS: Record<LearntFactor["kind"], string> = { drying: "dries", pace: "takes you", use: "is used up", risk: "has to be done again" };
/** Fewer say little. */
const THIN = 3;
/** A factor of so much fills the bar. */
const FULL = 3;

/** What forecasts go by beside the catalogue: each factor with how often it was seen; switched off, or forgotten. */
export function LearntList() {
  const client = useQueryClient();
  const { data } = useQuery({ queryKey: ["learnt"], queryFn: api.learnt });
  const { tints } = useTheme();
  const change = async (asked: Promise<unknown>) => {
    await asked;
    await client.invalidateQueries({ queryKey: ["learnt"] });
  };
  if (!data) return null;
  return (
    <Box component="section" aria-label="What was learnt" sx={{ mt: 4 }}>
      <Typography variant="h2">What forecasts have learnt from you</Typography>
      {data.length === 0 && (
        <Typography color="text.secondary">
          Nothing yet. What is timed at the bench, touched and found dry, or done again is learnt from: times of hands and mishaps from the
          next day on.
        </Typography>
      )}
      {data.map((one) => (
        <Box
          key={one.key}
          data-factor={one.key}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr auto auto", md: "minmax(0, 1fr) 220px auto auto" },
            gap: 2,
            alignItems: "center",
            borderBottom: 1,
            borderColor: tints.line,
            py: 0.5,
          }}
        >
          <Box>
            <Typography>
              <b>{one.name}</b> {SAYS[one.kind]}{" "}
              {one.kind === "risk" ? `in ${short(one.value * 100)} % of all times` : `× ${short(one.value)} of what the catalogue says`}
            </Typography>
            <Typography color="text.secondary">
              Seen {count(one.seen, "time")}
              {one.seen < THIN ? ": that is thin, it counts for little yet" : ""}
            </Typography>
          </Box>
          <FactorBar one={one} />
          <Switch
            checked={!one.off}
            onChange={(_, on) => void change(api.switchLearnt(one.key, !on))}
            slotProps={{ input: { "aria-label": `${one.name}: ${SAYS[one.kind]}, counts` } }}
          />
          <Button onClick={() => void change(api.forgetLearnt(one.key))} aria-label={`Forget: ${one.name}`}>
            Forget
          </Button>
        </Box>
      ))}
    </Box>
  );
}

/** The factor as a bar from the line of "as the catalogue says"; a risk as its share. */
function FactorBar({ one }: { one: LearntFactor }) {
  const { tints } = useTheme();
  const [width, height] = [220, 18];
  const risk = one.kind === "risk";
  const middle = risk ? 0 : width / FULL;
  const end = Math.min(risk ? one.value * width : (one.value / FULL) * width, width);
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden
      sx={{ width: "100%", display: { xs: "none", md: "block" }, opacity: one.off ? 0.35 : 1 }}
    >
      <rect y={4} width={width} height={10} fill={tints.lit} />
      <rect
        x={Math.min(middle, end)}
        y={4}
        width={Math.max(Math.abs(end - middle), 2)}
        height={10}
        fill={one.kind === "risk" || end > middle ? tints.curing : tints.ready}
      />
      {!risk && <path d={`M${middle} 0V${height}`} stroke="currentColor" />}
    </Box>
  );
}
