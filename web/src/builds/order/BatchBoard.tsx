import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { api, Refused } from "../../api/client";
import type { Batch, BatchLine } from "../../api/types";
import { Waiting } from "../../common/Waiting";
import { at, clockWords, count, dayWords, minutesOf, momentWords, money, span } from "../../common/words";
import { useBuild, useBuildSession, useSelection } from "../useSession";

const ROW = 34;
const TITLES = 250;
const COLUMN = 132;
const HEAD = 44;

/** The batch as an assembly line: each kind of work a row, each sitting a column, in each the bases that pass; and what it gains over one at a time. */
export function BatchBoard() {
  const build = useBuild();
  const answer = useQuery({ queryKey: ["batch", build.id, build.version], queryFn: () => api.batch(build.id), retry: false });
  if (answer.isError)
    return <Typography color="error">{answer.error instanceof Refused ? answer.error.problem.detail : String(answer.error)}</Typography>;
  if (!answer.data) return <Waiting>Planning the batch…</Waiting>;
  return (
    <Box sx={{ mt: 1.5 }}>
      <Gains batch={answer.data} />
      <Board batch={answer.data} />
    </Box>
  );
}

function Gains({ batch }: { batch: Batch }) {
  const { together, one_by_one: single } = batch;
  const sooner = together.ready_at && single.ready_at ? minutesOf(single.ready_at) - minutesOf(together.ready_at) : null;
  const rows: [string, string, string][] = [
    [
      "All ready",
      together.ready_at ? momentWords(together.ready_at) : "no date",
      single.ready_at ? `${single.about ? "about " : ""}${momentWords(single.ready_at)}` : "never: the sittings run out",
    ],
    ["At the bench, each base", span(together.hands_on_min), span(single.hands_on_min)],
    ["Material used, each base", money(together.used_minor), money(single.used_minor)],
    ["Packs to buy, each base", money(together.buy_minor), `${money(single.buy_minor)} for one alone`],
  ];
  return (
    <Stack direction="row" sx={{ gap: 4, flexWrap: "wrap", alignItems: "flex-start" }}>
      <Box component="table" sx={{ borderCollapse: "collapse", "& td, & th": { py: 0.4, pr: 3, textAlign: "left", fontSize: "1rem" } }}>
        <thead>
          <tr>
            <th aria-label="What" />
            <th>{count(batch.copies, "base")} together</th>
            <th>one at a time</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([what, one, other]) => (
            <tr key={what}>
              <td>{what}</td>
              <td>
                <b>{one}</b>
              </td>
              <td>{other}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Typography sx={{ maxWidth: 420 }}>
        {sooner !== null && sooner > 0 && (
          <>
            Together they are ready <b>{span(sooner)}</b> sooner.{" "}
          </>
        )}
        While the last base is in hand the first one dries already, so a coat waits less between two rounds. Long work is split over the
        gaps that drying leaves.
      </Typography>
    </Stack>
  );
}

function Board({ batch }: { batch: Batch }) {
  const { palette } = useTheme();
  const width = TITLES + batch.sittings.length * COLUMN;
  const height = HEAD + batch.lines.length * ROW;
  return (
    <Box sx={{ overflowX: "auto", mt: 2 }}>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing of buttons is no fieldset */}
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width={width}
        role="group"
        aria-label="Which bases pass which work in which sitting"
        style={{ display: "block" }}
      >
        {batch.sittings.map((sitting, index) => (
          <g key={sitting.from}>
            <rect x={TITLES + index * COLUMN} width={COLUMN} height={height} fill={palette.action.hover} fillOpacity={index % 2 ? 0 : 1} />
            <text x={TITLES + index * COLUMN + 8} y={17} fontSize={15} fontWeight={700} fill={palette.text.primary}>
              {dayWords(at(sitting.from))}
            </text>
            <text x={TITLES + index * COLUMN + 8} y={35} fontSize={14} fill={palette.text.secondary}>
              {clockWords(sitting.from)}–{clockWords(sitting.to)}
            </text>
          </g>
        ))}
        {batch.lines.map((line, index) => (
          <Line key={line.id} line={line} batch={batch} y={HEAD + index * ROW} />
        ))}
      </svg>
    </Box>
  );
}

function Line({ line, batch, y }: { line: BatchLine; batch: Batch; y: number }) {
  const { tints, palette } = useTheme();
  const session = useBuildSession();
  const selected = useSelection().step;
  return (
    <g>
      <path d={`M0 ${y}H${TITLES + batch.sittings.length * COLUMN}`} stroke={tints.line} />
      <text x={4} y={y + 22} fontSize={15} fill={palette.text.primary}>
        {line.title.length > 34 ? `${line.title.slice(0, 33)}…` : line.title}
        <title>{line.title}</title>
      </text>
      {line.batches.map((part) => {
        const { x, width } = placed(part.start, part.hands_on_min, batch.sittings[part.sitting], part.sitting);
        const name = part.copies[0] === part.copies[1] ? `${part.copies[0]}` : `${part.copies[0]}–${part.copies[1]}`;
        const on = selected === part.step;
        const inside = width > name.length * 8 + 6;
        return (
          // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside an SVG drawing
          <g
            key={part.step}
            role="button"
            tabIndex={0}
            aria-label={`${line.title}, bases ${name}, ${clockWords(part.start)}, ${span(part.hands_on_min)}`}
            onClick={() => session.select(null, on ? null : part.step)}
            onKeyDown={(event) => event.key === "Enter" && session.select(null, on ? null : part.step)}
            style={{ cursor: "pointer" }}
          >
            <rect x={x} y={y + 5} width={width} height={ROW - 10} rx={3} fill={on ? tints.accent : palette.primary.main} />
            <text
              x={inside ? x + width / 2 : x + width + 4}
              y={y + 22}
              fontSize={14}
              fontWeight={600}
              textAnchor={inside ? "middle" : "start"}
              fill={inside ? palette.primary.contrastText : palette.text.primary}
            >
              {name}
            </text>
            <title>{`${line.title}, bases ${name}: ${clockWords(part.start)}, ${span(part.hands_on_min)}${part.mixes > 1 ? `, mixed ${part.mixes} times` : ""}`}</title>
          </g>
        );
      })}
    </g>
  );
}

/** Where in its sitting's column a batch stands, in proportion to the time. */
function placed(start: string, minutes: number, sitting: { from: string; to: string }, index: number) {
  const from = minutesOf(sitting.from);
  const long = Math.max(minutesOf(sitting.to) - from, 1);
  const scale = (COLUMN - 8) / long;
  return { x: TITLES + index * COLUMN + 4 + (minutesOf(start) - from) * scale, width: Math.max(minutes * scale, 4) };
}
