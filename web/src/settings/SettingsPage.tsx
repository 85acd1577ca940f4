import Alert from "@mui/material/Alert";
import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { api } from "../api/client";
import type { Preferences } from "../api/types";
import { PageHead } from "../common/PageHead";
import { USUAL, usePreferences } from "../common/preferences";
import { airWords, amountWords, clockOf, currency, dateWords, dayWords, mm } from "../common/words";
import { DevicesList } from "./DevicesList";

const CHOICES = {
  length: [
    ["mm", "Millimetres"],
    ["in", "Inches"],
  ],
  mass: [
    ["g", "Grams"],
    ["oz", "Ounces"],
  ],
  clock: [
    ["24", "24 hours"],
    ["12", "12 hours"],
  ],
  first_day: [
    ["mon", "Monday"],
    ["sat", "Saturday"],
    ["sun", "Sunday"],
  ],
  theme: [
    ["light", "Light"],
    ["dark", "Dark"],
    ["device", "As this device"],
  ],
  sounds: [
    ["off", "Off"],
    ["quiet", "Quiet"],
    ["loud", "Loud"],
  ],
  note_air: [
    ["off", "Only when I say so"],
    ["on", "Each half hour while something dries"],
  ],
} as const;

type Member = keyof typeof CHOICES;

/** How things are told, in every page: units, money, clock, week, theme, sounds. */
export function SettingsPage() {
  const { chosen, choose } = usePreferences();
  const [problem, setProblem] = useState<string | null>(null);
  const put = (change: Preferences) =>
    choose(change).then(
      () => setProblem(null),
      (error: Error) => setProblem(`Kept on this device; the server did not take it: ${error.message}`),
    );
  const choice = (member: Member, label: string) => (
    <ToggleButtonGroup
      exclusive
      value={chosen[member] ?? USUAL[member]}
      onChange={(_, value) => value && put({ [member]: value })}
      aria-label={label}
    >
      {CHOICES[member].map(([value, name]) => (
        <ToggleButton key={value} value={value} sx={{ textTransform: "none", px: 2 }}>
          {name}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
  const code = chosen.currency ?? USUAL.currency;
  const now = new Date();
  return (
    <Box sx={{ maxWidth: 1020, mx: "auto", p: 2 }}>
      <PageHead title="Settings" />
      {problem && (
        <Alert severity="warning" onClose={() => setProblem(null)} sx={{ mb: 2 }}>
          {problem}
        </Alert>
      )}
      <Stack component="main" sx={{ gap: 2.5 }}>
        <Row name="Lengths" like={mm(12.7)}>
          {choice("length", "Lengths in")}
        </Row>
        <Row name="Masses" like={amountWords(30, "g")}>
          {choice("mass", "Masses in")}
        </Row>
        <Row name="Money" like={currency(code).format(12.5)}>
          <Autocomplete
            size="small"
            disableClearable
            options={Intl.supportedValuesOf("currency")}
            value={code}
            getOptionLabel={(one) => `${one}, ${NAMES.of(one)}`}
            onChange={(_, next) => put({ currency: next })}
            sx={{ width: 340, maxWidth: "100%" }}
            renderInput={(params) => <TextField {...params} label="Currency" />}
          />
        </Row>
        <Row name="Clock" like={`${clockOf(now)}, ${dayWords(now)}`}>
          {choice("clock", "Clock of")}
        </Row>
        <Row name="Week begins on" like={`a date of another year: ${dateWords(`${now.getFullYear() + 1}-02-02`)}`}>
          {choice("first_day", "The week begins on")}
        </Row>
        <Row name="Time zone of new builds" like="nights on which the clock is changed">
          <Autocomplete
            size="small"
            options={Intl.supportedValuesOf("timeZone")}
            value={chosen.time_zone ?? null}
            onChange={(_, next) => put({ time_zone: next ?? undefined })}
            sx={{ width: 340, maxWidth: "100%" }}
            renderInput={(params) => <TextField {...params} label="Time zone" placeholder="not said" />}
          />
        </Row>
        <Row name="Colours of the pages" like="the mat stays green">
          {choice("theme", "Theme")}
        </Row>
        <Row name="Sounds" like="when a window closes or something is dry">
          {choice("sounds", "Sounds")}
        </Row>
        <Row name="Air of the workshop" like={<AirNow />}>
          {choice("note_air", "The thermometer is noted")}
        </Row>
        <DevicesList />
      </Stack>
    </Box>
  );
}

const NAMES = new Intl.DisplayNames("en", { type: "currency" });

/** What the thermometer reads. */
function AirNow() {
  const { data } = useQuery({ queryKey: ["climate"], queryFn: api.climate });
  if (!data) return "reading the thermometer…";
  return data.reading
    ? `${data.reading.simulated ? "a simulated thermometer" : "the thermometer"} reads ${airWords(data.reading)}`
    : "no thermometer answers: bin/devices climate begins the simulated one";
}

function Row({ name, like, children }: { name: string; like: ReactNode; children: ReactNode }) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "200px 1fr" }, gap: 1.5, alignItems: "center" }}>
      <Typography sx={{ fontWeight: 600 }}>{name}</Typography>
      <Stack direction="row" sx={{ gap: 2, alignItems: "center", flexWrap: "wrap" }}>
        {children}
        <Typography color="text.secondary">{like}</Typography>
      </Stack>
    </Box>
  );
}
