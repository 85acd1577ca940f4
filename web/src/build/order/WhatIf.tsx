import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import type { Climate, PatchOperation } from "../../api/types";
import { Choice } from "../../common/Choice";
import { minutesOf, momentWords, span } from "../../common/words";
import { useSettled } from "../../scale/useAsked";
import { useBuild, useBuildSession, useFile } from "../useSession";

const AIRS = [
  ["still", "still"],
  ["room", "as in a room"],
  ["fan", "with a fan"],
] as const;

type Air = Required<Climate>;

/** Other air in the workshop, and what that does to the date, before anything is changed. */
export function WhatIf() {
  const build = useBuild();
  const file = useFile();
  const session = useBuildSession();
  const { bench } = useTheme();
  const now: Air = {
    temperature_c: file.climate?.temperature_c ?? 20,
    humidity_pct: file.climate?.humidity_pct ?? 50,
    airflow: file.climate?.airflow ?? "room",
  };
  const [air, setAir] = useState<Partial<Air>>({});
  const tried = { ...now, ...air };
  const changed = JSON.stringify(tried) !== JSON.stringify(now);
  const patch: PatchOperation[] = [{ op: "add", path: "/climate", value: tried }];
  const settled = useSettled(changed ? patch : null);
  const answer = useQuery({
    queryKey: ["forecast", build.id, build.version, settled],
    queryFn: () => api.forecast(build.id, settled ?? []),
    enabled: settled !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const was = build.evaluation.schedule?.ready_at;
  const then = changed ? answer.data?.ready_at : undefined;
  const gain = was && then ? minutesOf(was) - minutesOf(then) : 0;
  return (
    <Box
      component="section"
      aria-label="What if"
      sx={{ mt: 1.5, p: 1.25, border: 1, borderColor: bench.line, bgcolor: "background.paper" }}
    >
      <Stack direction="row" sx={{ gap: 3, alignItems: "center", flexWrap: "wrap" }}>
        <Typography variant="h2">What if</Typography>
        <Dial
          label="Temperature"
          unit="°C"
          value={tried.temperature_c}
          range={[8, 35]}
          onChange={(temperature_c) => setAir({ ...air, temperature_c })}
        />
        <Dial
          label="Humidity"
          unit="%"
          value={tried.humidity_pct}
          range={[20, 90]}
          onChange={(humidity_pct) => setAir({ ...air, humidity_pct })}
        />
        <Choice label="Air" width={150} value={tried.airflow} options={AIRS} onChange={(airflow) => setAir({ ...air, airflow })} />
        <Box sx={{ flex: 1, minWidth: 220 }} role="status">
          {!changed && <Typography color="text.secondary">Move one, and the date is told before anything is changed.</Typography>}
          {answer.isError && changed && (
            <Typography color="error">{answer.error instanceof Refused ? answer.error.problem.detail : String(answer.error)}</Typography>
          )}
          {then && (
            <Typography>
              Ready <b>{momentWords(then)}</b>: {gain === 0 ? "no change" : gain > 0 ? `${span(gain)} sooner` : `${span(-gain)} later`}
            </Typography>
          )}
        </Box>
        {changed && (
          <>
            <Button
              variant="contained"
              sx={{ whiteSpace: "nowrap" }}
              onClick={() => {
                session.edit("Change the air", patch);
                setAir({});
              }}
            >
              Make it so
            </Button>
            <Button sx={{ whiteSpace: "nowrap" }} onClick={() => setAir({})}>
              As it was
            </Button>
          </>
        )}
      </Stack>
    </Box>
  );
}

interface DialProps {
  label: string;
  unit: string;
  value: number;
  range: [number, number];
  onChange: (value: number) => void;
}

function Dial({ label, unit, value, range, onChange }: DialProps) {
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
        onChange={(_, next) => onChange(next as number)}
        sx={{ py: 0.75 }}
      />
    </Box>
  );
}
