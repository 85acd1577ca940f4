import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import type { ComparedSide, Comparison } from "../../api/types";
import { Choice } from "../../common/Choice";
import { at, dayWords, minutesOf, momentWords, money, span } from "../../common/words";
import { useBuild } from "../useSession";

const MOST_OFFERED = 200;

/** This build beside another, say a copy with one thing changed: dates, work, money, and what is done on another day. */
export function CompareWith() {
  const build = useBuild();
  const shelf = useQuery({ queryKey: ["shelf", "titles"], queryFn: () => api.shelf({ sort: "title", limit: MOST_OFFERED }) });
  const others = (shelf.data?.builds ?? []).filter((one) => one.id !== build.id);
  const [other, setOther] = useState("");
  const compared = useQuery({
    queryKey: ["compare", build.id, build.version, other],
    queryFn: () => api.compare(build.id, { build: Number(other) }),
    enabled: other !== "",
    retry: false,
  });
  return (
    <Box sx={{ mt: 2, maxWidth: 1180 }}>
      <Choice
        label="Beside"
        width={360}
        value={other}
        options={others.map((one) => [String(one.id), one.title] as const)}
        onChange={setOther}
      />
      {shelf.data && shelf.data.total > MOST_OFFERED && (
        <Typography color="text.secondary">
          The first {MOST_OFFERED} of {shelf.data.total} builds by title are offered.
        </Typography>
      )}
      {other === "" && (
        <Typography sx={{ mt: 1.5 }}>
          Pick the other build. To compare two variants of this one: copy it on the shelf, change the copy, and pick it here.
        </Typography>
      )}
      {compared.isError && (
        <Typography color="error" sx={{ mt: 1.5 }}>
          {compared.error instanceof Refused ? compared.error.problem.detail : String(compared.error)}
        </Typography>
      )}
      {compared.data && <Sides compared={compared.data} />}
    </Box>
  );
}

function Sides({ compared }: { compared: Comparison }) {
  const [one, other] = compared.sides;
  const rows: [string, (side: ComparedSide) => string][] = [
    ["Ready", (side) => (side.ready_at ? momentWords(side.ready_at) : `no date: ${side.infeasible}`)],
    [
      "Against its date",
      (side) =>
        side.late_min === null ? "no date wanted" : side.late_min > 0 ? `${span(side.late_min)} late` : `${span(-side.late_min)} to spare`,
    ],
    ["Sittings", (side) => (side.sittings === null ? "unknown" : String(side.sittings))],
    ["At the bench", (side) => span(side.hands_on_min)],
    ["Steps", (side) => String(side.steps)],
    ["Material used", (side) => money(side.used_minor)],
    ["Packs to buy", (side) => money(side.buy_minor)],
    ["Snags", (side) => String(side.snags)],
  ];
  return (
    <>
      <Box
        component="table"
        sx={{
          mt: 2,
          borderCollapse: "collapse",
          width: "100%",
          "& td, & th": { py: 0.5, pr: 2, textAlign: "left", fontSize: "1rem", borderBottom: 1, borderColor: "divider" },
        }}
      >
        <thead>
          <tr>
            <th aria-label="What" />
            <th>{one.title}</th>
            <th>{other.title}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([what, words]) => (
            <tr key={what}>
              <td>{what}</td>
              <td>
                <b>{words(one)}</b>
              </td>
              <td>
                <b>{words(other)}</b>
              </td>
            </tr>
          ))}
        </tbody>
      </Box>
      <SittingLines sides={compared.sides} />
      <Lists compared={compared} />
    </>
  );
}

const WIDTH = 1100;
const SIDES = ["this", "other"];

/** The sittings of both on one line of time. */
function SittingLines({ sides }: { sides: ComparedSide[] }) {
  const { tints, palette } = useTheme();
  const moments = sides.flatMap((side) => [...side.hours.flat(), ...(side.ready_at ? [side.ready_at] : [])]).map(minutesOf);
  if (moments.length === 0) return null;
  const from = Math.min(...moments);
  const days = Math.max((Math.max(...moments) - from) / 1440, 1);
  const x = (moment: string) => ((minutesOf(moment) - from) / 1440 / days) * (WIDTH - 20) + 4;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 118`}
      width="100%"
      role="img"
      aria-label="Sittings and ready dates of both"
      style={{ display: "block", marginTop: 16, maxWidth: WIDTH }}
    >
      {sides.map((side, index) => (
        <g key={SIDES[index]} transform={`translate(0 ${index * 56})`}>
          <text y={15} fontSize={15} fontWeight={600} fill={palette.text.primary}>
            {side.title}
          </text>
          <path d={`M0 38H${WIDTH}`} stroke={tints.line} strokeWidth={2} />
          {side.hours.map(([open, close]) => (
            <rect key={open} x={x(open)} y={26} width={Math.max(x(close) - x(open), 5)} height={24} fill={palette.primary.main}>
              <title>{`${dayWords(at(open))}`}</title>
            </rect>
          ))}
          {side.ready_at && <path d={`M${x(side.ready_at)} 24l6 14l-6 14l-6 -14Z`} fill={tints.ready} stroke={palette.text.primary} />}
        </g>
      ))}
    </svg>
  );
}

function Lists({ compared }: { compared: Comparison }) {
  const [one, other] = compared.sides;
  const lists: [string, string[]][] = [
    [`Only in ${one.title}`, compared.only_first],
    [`Only in ${other.title}`, compared.only_second],
    ["On another day", compared.moved.map((step) => `${step.title}: ${dayWords(at(step.first))}, there ${dayWords(at(step.second))}`)],
    [`Snags only in ${one.title}`, compared.snags_gone],
    [`Snags only in ${other.title}`, compared.snags_new],
  ];
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(320px, 1fr))", gap: 3, mt: 2 }}>
      {lists
        .filter(([, items]) => items.length > 0)
        .map(([title, items]) => (
          <Box key={title} component="section" aria-label={title}>
            <Typography variant="h3">{title}</Typography>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
              {items.map((item) => (
                <li key={item}>{item}</li>
              ))}
            </Box>
          </Box>
        ))}
    </Box>
  );
}
