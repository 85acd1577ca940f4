import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { PatchOperation } from "../../api/types";
import { capital, count } from "../../common/words";
import { nameOf } from "../plan/parts";
import { alignedPatch, LINES, type Line, spreadPatch, takeOutAllPatch } from "../plan/several";
import { useBuildSession, useFile } from "../useSession";
import { GroundTools } from "./GroundTools";

/** What can be done with several parts that are lit together. */
export function SeveralPanel({ pointers }: { pointers: string[] }) {
  const session = useBuildSession();
  const file = useFile();
  const many = count(pointers.length, "part");
  const edit = (label: string, patch: PatchOperation[]) => patch.length && session.edit(label, patch);
  return (
    <Box component="section" aria-label="Several parts">
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "center" }}>
        <Typography variant="h2">{many} lit</Typography>
        <Button
          size="small"
          color="error"
          onClick={() => {
            session.select(null);
            edit(`Take out ${many}`, takeOutAllPatch(pointers));
          }}
        >
          Take out all
        </Button>
        <Button size="small" onClick={() => session.select(null)}>
          All parts
        </Button>
      </Stack>
      <Typography color="text.secondary">{pointers.map((pointer) => capital(nameOf(file, pointer))).join(", ")}</Typography>
      <Typography variant="body2" sx={{ mt: 1 }}>
        Line up with {nameOf(file, pointers[0])}:
      </Typography>
      <Stack direction="row" sx={{ flexWrap: "wrap", gap: 0.5 }}>
        {(Object.keys(LINES) as Line[]).map((line) => (
          <Button
            key={line}
            size="small"
            variant="outlined"
            onClick={() => edit(`Line up ${many}`, alignedPatch(file, pointers, line))}
            startIcon={<LineMark line={line} />}
          >
            {LINES[line].name}
          </Button>
        ))}
      </Stack>
      <Box sx={{ mt: 1 }}>
        <GroundTools pointers={pointers} />
      </Box>
      {pointers.length > 2 && (
        <Stack direction="row" sx={{ gap: 0.5, mt: 1 }}>
          <Button size="small" variant="outlined" onClick={() => edit(`Spread ${many}`, spreadPatch(file, pointers, 0))}>
            Spread evenly across
          </Button>
          <Button size="small" variant="outlined" onClick={() => edit(`Spread ${many}`, spreadPatch(file, pointers, 1))}>
            Spread evenly in depth
          </Button>
        </Stack>
      )}
      <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
        Drag one of them and all go; arrows nudge them together.
      </Typography>
    </Box>
  );
}

/** Three bars brought to a line. */
function LineMark({ line }: { line: Line }) {
  const { axis, share } = LINES[line];
  const bars = [12, 7, 10].map((long, i) => ({ long, start: 1 + (14 - long) * (axis === 1 ? 1 - share : share), at: 2 + i * 5 }));
  return (
    <svg width={16} height={16} aria-hidden>
      {bars.map(({ long, start, at }) =>
        axis === 0 ? (
          <rect key={at} x={start} y={at} width={long} height={3} fill="currentColor" />
        ) : (
          <rect key={at} x={at} y={start} width={3} height={long} fill="currentColor" />
        ),
      )}
    </svg>
  );
}
