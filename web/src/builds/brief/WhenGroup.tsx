import type { Calendar } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { FieldGroup } from "../../common/FieldGroup";
import { MomentField } from "../../common/MomentField";
import { nowMoment } from "../../common/words";
import { FieldRows } from "../inspector/FieldRows";
import { named } from "../inspector/partFields";
import { useBuildSession, useFile } from "../useSession";
import { BusyTimes } from "./BusyTimes";
import { Evenings } from "./Evenings";
import { Spans } from "./Spans";
import { TimeZone } from "./TimeZone";

/** When the hands are free, and by when it is wanted. */
export function WhenGroup() {
  const session = useBuildSession();
  const file = useFile();
  const catalogue = useCatalogue();
  const calendar: Calendar = file.calendar ?? {};
  const firstDay = (calendar.start ?? nowMoment()).slice(0, 10);
  const weekly = calendar.weekly ?? [];
  function put(label: string, key: keyof Calendar, value: unknown) {
    session.edit(
      label,
      file.calendar ? [{ op: "add", path: `/calendar/${key}`, value }] : [{ op: "add", path: "/calendar", value: { [key]: value } }],
    );
  }
  const putOrDrop = (label: string, key: keyof Calendar, value: unknown) =>
    value ? put(label, key, value) : calendar[key] !== undefined && session.edit(label, [{ op: "remove", path: `/calendar/${key}` }]);
  return (
    <FieldGroup title="When">
      <MomentField
        label="Start"
        value={calendar.start ?? null}
        onChange={(value) => putOrDrop(value ? "Move the start" : "Drop the start", "start", value)}
      />
      <MomentField
        label="Wanted by"
        value={calendar.finish_by ?? null}
        onChange={(value) => putOrDrop(value ? "Move the date" : "Drop the date", "finish_by", value)}
      />
      <FieldRows fields={named(catalogue, ["helpers"])} part={calendar} pointer="/calendar" called="the helpers" />
      <TimeZone value={calendar.time_zone ?? null} onChange={(zone) => putOrDrop("Change the clock", "time_zone", zone)} />
      <Evenings rows={weekly} onChange={(rows) => put("Change the evenings", "weekly", rows)} />
      {weekly.length > 0 && (
        <Spans
          title="Free once:"
          one="a further sitting"
          rows={calendar.extra ?? []}
          day={firstDay}
          onChange={(rows) => put("Change the further sittings", "extra", rows)}
        />
      )}
      <Spans
        title="Away, and the bench is shut:"
        one="a time away"
        rows={calendar.away ?? []}
        day={firstDay}
        onChange={(rows) => put("Change the times away", "away", rows)}
      />
      <BusyTimes />
    </FieldGroup>
  );
}
