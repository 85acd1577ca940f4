import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { Choice } from "../../common/Choice";
import { preferred } from "../../common/preferences";

const DAYS = [
  ["mon", "Monday"],
  ["tue", "Tuesday"],
  ["wed", "Wednesday"],
  ["thu", "Thursday"],
  ["fri", "Friday"],
  ["sat", "Saturday"],
  ["sun", "Sunday"],
] as const;
/** From the day on which the maker's week begins. */
function days() {
  const first = DAYS.findIndex(([day]) => day === preferred("first_day"));
  return [...DAYS.slice(first), ...DAYS.slice(0, first)];
}
export interface Evening {
  day: (typeof DAYS)[number][0];
  from: string;
  to: string;
}

/** The weekly pattern of free time at the bench. */
export function Evenings({ rows, onChange }: { rows: Evening[]; onChange: (rows: Evening[]) => void }) {
  const change = (index: number, row: Evening) => onChange(rows.map((one, i) => (i === index ? row : one)));
  const next = days().find(([day]) => !rows.some((row) => row.day === day))?.[0] ?? "mon";
  return (
    <Box sx={{ width: "100%" }}>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        {rows.length ? "Free every week:" : "No evenings given: the bench is taken to be always open."}
      </Typography>
      <Stack sx={{ gap: 1.25 }}>
        {rows.map((row, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows have no identity but their place
          <Stack key={index} direction="row" sx={{ gap: 1, alignItems: "center", flexWrap: "wrap" }}>
            <Choice label="Day" width={150} value={row.day} options={days()} onChange={(day) => change(index, { ...row, day })} />
            <Clock label="From" value={row.from} onChange={(from) => change(index, { ...row, from })} />
            <Clock label="To" value={row.to} onChange={(to) => change(index, { ...row, to })} />
            <Button
              size="small"
              color="error"
              onClick={() => onChange(rows.filter((_, i) => i !== index))}
              aria-label={`Take out ${row.day} ${row.from}`}
            >
              Take out
            </Button>
          </Stack>
        ))}
      </Stack>
      <Button size="small" sx={{ mt: 1 }} onClick={() => onChange([...rows, { day: next, from: "19:30", to: "22:00" }])}>
        Add an evening
      </Button>
    </Box>
  );
}

function Clock({ label, value, onChange }: { label: string; value: string; onChange: (value: string) => void }) {
  return (
    <TextField
      type="time"
      label={label}
      value={value}
      onChange={(event) => event.target.value && onChange(event.target.value.slice(0, 5))}
      sx={{ width: 130 }}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
