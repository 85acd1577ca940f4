import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { api } from "../../api/client";
import type { Calendar, Climate, PatchOperation } from "../../api/types";
import { Choice } from "../../common/Choice";
import { FieldGroup } from "../../common/FieldGroup";
import { MaterialField } from "../../common/MaterialField";
import { MomentField } from "../../common/MomentField";
import { NumberField } from "../../common/NumberField";
import { PURPOSES } from "../../common/purposes";
import { nowMoment } from "../../common/words";
import { OutlineFields } from "../inspector/OutlineFields";
import { DownloadLink } from "../quantities/DownloadLink";
import { useBuild, useBuildSession, useFile } from "../useSession";
import { BusyTimes } from "./BusyTimes";
import { Evenings } from "./Evenings";
import { MustFit } from "./MustFit";
import { Spans } from "./Spans";
import { SCHOOLS } from "./schools";
import { TimeZone } from "./TimeZone";

/** What the base is, for whom and by when: everything that is said once. */
export function BriefPage() {
  const session = useBuildSession();
  const file = useFile();
  const { id, evaluation } = useBuild();
  const put = (label: string, path: string, value: unknown) => session.edit(label, [{ op: "add", path, value }]);
  /** Sets a member of an object that may not be in the file yet. */
  const inside = (label: string, object: "climate" | "calendar" | "schools", key: string, value: unknown) =>
    session.edit(
      label,
      file[object] ? [{ op: "add", path: `/${object}/${key}`, value }] : [{ op: "add", path: `/${object}`, value: { [key]: value } }],
    );
  const drop = (label: string, path: string, there: boolean) => there && session.edit(label, [{ op: "remove", path } as PatchOperation]);
  const climate: Climate = file.climate ?? {};
  const calendar: Calendar = file.calendar ?? {};
  const plinth = file.plinth;
  const firstDay = (calendar.start ?? nowMoment()).slice(0, 10);
  return (
    <Box sx={{ p: 2, maxWidth: 1080, mx: "auto" }}>
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "baseline", flexWrap: "wrap" }}>
        <Typography variant="h1">Brief</Typography>
        <DownloadLink href={api.exported(id, "json")}>Plinth file (.json)</DownloadLink>
      </Stack>
      <FieldGroup title="The build">
        <Words
          label="Title"
          value={file.title}
          onChange={(value) => value && put("Rename the build", "/title", value)}
          width={320}
          most={120}
        />
        <Choice
          label="Purpose"
          value={file.purpose}
          options={PURPOSES}
          onChange={(value) => put("Change the purpose", "/purpose", value)}
        />
        <NumberField
          label="Scale 1:"
          min={0.1}
          step={1}
          width={110}
          value={file.scale}
          onChange={(value) => put("Change the scale", "/scale", value)}
        />
        <NumberField
          label="Bases"
          min={1}
          step={1}
          whole
          width={96}
          value={file.copies ?? 1}
          onChange={(value) => put("Change the number of bases", "/copies", value)}
        />
        <Words
          label="What the scene says"
          value={file.story ?? ""}
          onChange={(value) => put("Change the story", "/story", value)}
          width="100%"
          most={4000}
          lines={2}
        />
      </FieldGroup>
      <FieldGroup title="The plinth">
        <OutlineFields
          outline={plinth.outline}
          placed={false}
          onChange={(outline) => put("Resize the plinth", "/plinth/outline", outline)}
        />
        <NumberField
          label="Thickness"
          unit="mm"
          min={0.5}
          step={1}
          width={118}
          value={plinth.thickness_mm ?? 3}
          onChange={(value) => put("Change the plinth", "/plinth/thickness_mm", value)}
        />
        <MaterialField
          label="Material"
          families={["plinth"]}
          width={210}
          value={plinth.material ?? "mdf"}
          onChange={(key) => put("Change the plinth", "/plinth/material", key)}
        />
        <NumberField
          label="Lip"
          unit="mm"
          min={0}
          step={0.5}
          width={100}
          value={plinth.lip_mm ?? 0}
          onChange={(value) => put("Change the lip", "/plinth/lip_mm", value)}
        />
        <NumberField
          label="Border kept clear"
          unit="mm"
          min={0}
          step={1}
          width={136}
          value={plinth.border_mm ?? 0}
          onChange={(value) => put("Change the border", "/plinth/border_mm", value)}
        />
        <Choice
          label="Face"
          width={150}
          value={plinth.key ?? ""}
          options={[
            ["none", "smooth"],
            ["scuffed", "scuffed"],
            ["scored", "scored"],
            ["primed", "primed"],
            ["sealed", "sealed"],
          ]}
          onChange={(value) => put("Change the face", "/plinth/key", value)}
        />
      </FieldGroup>
      <FieldGroup title="Where it must fit">
        <MustFit file={file} onChange={(label, patch) => session.edit(label, patch)} />
      </FieldGroup>
      <FieldGroup title="When">
        <MomentField
          label="Start"
          value={calendar.start ?? null}
          onChange={(value) => value && inside("Move the start", "calendar", "start", value)}
        />
        <MomentField
          label="Wanted by"
          value={calendar.finish_by ?? null}
          onChange={(value) =>
            value
              ? inside("Move the date", "calendar", "finish_by", value)
              : drop("Drop the date", "/calendar/finish_by", calendar.finish_by !== undefined)
          }
        />
        <NumberField
          label="Helpers"
          min={0}
          step={1}
          whole
          width={96}
          value={calendar.helpers ?? 0}
          onChange={(value) => inside("Change the helpers", "calendar", "helpers", value)}
        />
        <TimeZone
          value={calendar.time_zone ?? null}
          onChange={(zone) =>
            zone
              ? inside("Change the clock", "calendar", "time_zone", zone)
              : drop("Change the clock", "/calendar/time_zone", calendar.time_zone !== undefined)
          }
        />
        <Evenings rows={calendar.weekly ?? []} onChange={(rows) => inside("Change the evenings", "calendar", "weekly", rows)} />
        {(calendar.weekly ?? []).length > 0 && (
          <Spans
            title="Free once:"
            one="a further sitting"
            rows={calendar.extra ?? []}
            day={firstDay}
            onChange={(rows) => inside("Change the further sittings", "calendar", "extra", rows)}
          />
        )}
        <Spans
          title="Away, and the bench is shut:"
          one="a time away"
          rows={calendar.away ?? []}
          day={firstDay}
          onChange={(rows) => inside("Change the times away", "calendar", "away", rows)}
        />
        <BusyTimes />
      </FieldGroup>
      <FieldGroup title="The workshop's air">
        <NumberField
          label="Temperature"
          unit="°C"
          min={0}
          step={1}
          width={124}
          value={climate.temperature_c ?? 20}
          onChange={(value) => inside("Change the air", "climate", "temperature_c", value)}
        />
        <NumberField
          label="Humidity"
          unit="%"
          min={5}
          step={5}
          width={110}
          value={climate.humidity_pct ?? 50}
          onChange={(value) => inside("Change the air", "climate", "humidity_pct", value)}
        />
        <Choice
          label="Air"
          width={170}
          value={climate.airflow ?? "room"}
          options={[
            ["still", "still"],
            ["room", "as in a room"],
            ["fan", "with a fan"],
          ]}
          onChange={(value) => inside("Change the air", "climate", "airflow", value)}
        />
      </FieldGroup>
      <FieldGroup title="Schools: where good makers disagree">
        {SCHOOLS.map(({ key, name, sides }) => (
          <Choice
            key={key}
            label={name}
            width={270}
            value={file.schools?.[key] ?? evaluation.schools[key]}
            options={sides}
            onChange={(value) => inside(`Choose: ${name}`, "schools", key, value)}
          />
        ))}
      </FieldGroup>
    </Box>
  );
}

function Words({
  label,
  value,
  onChange,
  width,
  most,
  lines = 1,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  width: number | string;
  most: number;
  lines?: number;
}) {
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  return (
    <TextField
      label={label}
      value={text}
      multiline={lines > 1}
      minRows={lines}
      sx={{ width }}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => (text.trim() !== value ? (text.trim() || lines > 1 ? onChange(text.trim()) : setText(value)) : undefined)}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: most } }}
    />
  );
}
