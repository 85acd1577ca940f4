import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import type { PatchOperation } from "../../api/types";
import { Choice } from "../../common/Choice";
import { choices, useCatalogue } from "../../common/catalogue";
import { count, minutesOf, momentWords, span } from "../../common/words";
import { useSettled } from "../../scale/useAsked";
import { type Air, airOf } from "../brief/air";
import { useBuild, useBuildSession, useFile } from "../useSession";
import { Dial } from "./Dial";
import { layersOf } from "./layers";

/** Other air in the workshop, thinner or thicker layers, fewer or more pours, and what that does to the date, before anything is changed. */
export function WhatIf() {
  const build = useBuild();
  const file = useFile();
  const session = useBuildSession();
  const { tints } = useTheme();
  const catalogue = useCatalogue();
  const now = airOf(catalogue, file);
  const [air, setAir] = useState<Partial<Air>>({});
  const [chosen, setChosen] = useState("");
  const [thickness, setThickness] = useState<number | null>(null);
  const layers = layersOf(file, build.evaluation);
  const layer = layers.find((one) => one.key === chosen);
  const tried = { ...now, ...air };
  const otherAir = JSON.stringify(tried) !== JSON.stringify(now);
  const otherLayer = layer !== undefined && thickness !== null && thickness !== layer.value;
  const changed = otherAir || otherLayer;
  const patch: PatchOperation[] = [
    ...(otherAir ? [{ op: "add" as const, path: "/climate", value: tried }] : []),
    ...(otherLayer ? layer.patch(thickness) : []),
  ];
  const asBefore = () => {
    setAir({});
    setThickness(null);
  };
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
      sx={{ mt: 1.5, p: 1.25, border: 1, borderColor: tints.line, bgcolor: "background.paper" }}
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
        <Choice
          label="Air"
          width={150}
          value={tried.airflow}
          options={choices(catalogue, "airs") as [Air["airflow"], string][]}
          onChange={(airflow) => setAir({ ...air, airflow })}
        />
        {layers.length > 0 && (
          <Choice
            label="Layer"
            width={230}
            value={layer ? chosen : ""}
            options={layers.map((one) => [one.key, one.name] as const)}
            onChange={(key) => {
              setChosen(key);
              setThickness(null);
            }}
          />
        )}
        {layer && (
          <Dial label={layer.label} unit="mm" step={0.1} value={thickness ?? layer.value} range={layer.range} onChange={setThickness} />
        )}
        <Box sx={{ flex: 1, minWidth: 220 }} role="status">
          {!changed && <Typography color="text.secondary">Move one, and the date is told before anything is changed.</Typography>}
          {answer.isError && changed && (
            <Typography color="error">{answer.error instanceof Refused ? answer.error.problem.detail : String(answer.error)}</Typography>
          )}
          {then && (
            <Typography>
              Ready <b>{momentWords(then)}</b>: {gain === 0 ? "no change" : gain > 0 ? `${span(gain)} sooner` : `${span(-gain)} later`}
              {otherLayer && layer.water && answer.data && `, ${count(answer.data.pours[layer.water] ?? 0, "pour")}`}
            </Typography>
          )}
        </Box>
        {changed && (
          <>
            <Button
              variant="contained"
              sx={{ whiteSpace: "nowrap" }}
              onClick={() => {
                session.edit(otherLayer ? "Change a layer" : "Change the air", patch);
                asBefore();
              }}
            >
              Make it so
            </Button>
            <Button sx={{ whiteSpace: "nowrap" }} onClick={asBefore}>
              As it was
            </Button>
          </>
        )}
      </Stack>
    </Box>
  );
}
