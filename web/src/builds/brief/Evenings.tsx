import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Choice } from "../../common/Choice";
import { ClockField } from "../../common/ClockField";
import { WeekStrip } from "./WeekStrip";
import { days, type Evening, joined, keepWeek, minutes } from "./week";

/** The weekly pattern of free time at the bench: painted on a strip, or typed. */
export function Evenings({ rows, onChange }: { rows: Evening[]; onChange: (rows: Evening[]) => void }) {
  const [lit, setLit] = useState<number | null>(null);
  const next = days().find(([day]) => !rows.some((row) => row.day === day))?.[0] ?? "mon";
  const change = (all: Evening[]) => {
    keepWeek(all);
    onChange(all);
  };
  const row = lit === null ? undefined : rows[lit];
  const put = (more: Partial<Evening>) => row && change(rows.map((one, index) => (index === lit ? { ...one, ...more } : one)));
  return (
    <Box sx={{ width: "100%" }}>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        {rows.length
          ? "Free every week; drag along a day to paint more, drag an end, tap a stretch to type it:"
          : "No evenings given: the bench is taken to be always open. Drag along a day to paint some."}
      </Typography>
      <WeekStrip rows={rows} lit={lit} onLight={setLit} onChange={change} />
      {row && (
        <Stack
          direction="row"
          role="group"
          aria-label="The lit stretch"
          sx={{ gap: 1, mt: 1.5, alignItems: "flex-start", flexWrap: "wrap" }}
        >
          <Choice label="Day" width={150} value={row.day} options={days()} onChange={(day) => put({ day })} />
          <ClockField label="From" value={row.from} onChange={(from) => put({ from })} />
          <ClockField label="To" value={row.to} onChange={(to) => put({ to })} />
          <Button
            size="small"
            color="error"
            onClick={() => {
              change(rows.filter((_, index) => index !== lit));
              setLit(null);
            }}
          >
            Take out
          </Button>
          {minutes(row.to) <= minutes(row.from) && (
            <Typography variant="body2" color="error" role="alert" sx={{ width: "100%" }}>
              It ends before it begins: it counts for nothing until its end is later than {row.from}.
            </Typography>
          )}
        </Stack>
      )}
      <Button
        size="small"
        sx={{ mt: 1 }}
        onClick={() => {
          const all = joined(rows, { day: next, from: "19:30", to: "22:00" });
          change(all);
          setLit(all.findIndex((one) => one.day === next));
        }}
      >
        Add an evening
      </Button>
    </Box>
  );
}
