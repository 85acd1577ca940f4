import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { MomentField } from "../../common/MomentField";
import { momentWords } from "../../common/words";

export interface Span {
  from: string;
  to: string;
}

interface Props {
  title: string;
  /** What one such time is, in words: "a time away". */
  one: string;
  rows: Span[];
  /** The day a new one is put on. */
  day: string;
  onChange: (rows: Span[]) => void;
}

/** Times by date: further sittings, or when the bench is shut. */
export function Spans({ title, one, rows, day, onChange }: Props) {
  const change = (index: number, row: Span) => onChange(rows.map((old, i) => (i === index ? row : old)));
  return (
    <Box sx={{ width: "100%" }}>
      {rows.length > 0 && (
        <Typography variant="body2" color="text.secondary">
          {title}
        </Typography>
      )}
      <Stack sx={{ gap: 1.25, maxHeight: 320, overflowY: "auto", pt: rows.length ? 1 : 0 }}>
        {rows.map((row, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows have no identity but their place
          <Stack key={index} direction="row" sx={{ gap: 1, alignItems: "center", flexWrap: "wrap" }}>
            <MomentField label="From" optional={false} value={row.from} onChange={(from) => from && change(index, { ...row, from })} />
            <MomentField label="To" optional={false} value={row.to} onChange={(to) => to && change(index, { ...row, to })} />
            <Button
              size="small"
              color="error"
              onClick={() => onChange(rows.filter((_, i) => i !== index))}
              aria-label={`Take out ${one} from ${momentWords(row.from)}`}
            >
              Take out
            </Button>
            {row.to <= row.from && (
              <Typography variant="body2" color="error">
                It ends before it begins: it counts for nothing until its end is later.
              </Typography>
            )}
          </Stack>
        ))}
      </Stack>
      <Button size="small" onClick={() => onChange([...rows, { from: `${day}T19:00`, to: `${day}T22:00` }])}>
        Add {one}
      </Button>
    </Box>
  );
}
