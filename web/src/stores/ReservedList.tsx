import Box from "@mui/material/Box";
import Link from "@mui/material/Link";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link as To } from "react-router";
import { api } from "../api/client";
import type { Reserved } from "../api/types";
import { materialOf, useCatalogue } from "../common/catalogue";
import { Swatch } from "../common/Swatch";
import { amountWords, capital, count, momentWords } from "../common/words";
import { usePartNames } from "../mixes/usePartNames";

const SHOWN = 12;

/** What all builds will take, in the order of their dates: a bar for each thing, cut where one step after the other takes its share. */
export function ReservedList() {
  const { data } = useQuery({ queryKey: ["stores", "reservations"], queryFn: api.reservations });
  const [all, setAll] = useState(false);
  if (!data) return null;
  const short = data.things.filter((thing) => thing.runs_out && thing.have > 0);
  const kept = data.things.filter((thing) => !thing.runs_out && thing.have > 0);
  const absent = data.things.filter((thing) => thing.have === 0);
  const rows = [...short, ...kept];
  return (
    <Box component="section" aria-label="Reserved" sx={{ mt: 3 }}>
      <Typography variant="h2">What builds will take of it</Typography>
      <Typography sx={{ mb: 1 }}>
        {short.length
          ? `${count(short.length, "thing")} will run out before the last build that needs it.`
          : "What there is of these lasts for all builds."}{" "}
        {absent.length > 0 &&
          `${count(absent.length, "thing")} ${absent.length === 1 ? "that builds need is" : "that builds need are"} not on the shelf at all: see their shopping lists.`}
      </Typography>
      {(all ? rows : rows.slice(0, SHOWN)).map((thing) => (
        <ReservedRow key={`${thing.material}${thing.colour}`} thing={thing} />
      ))}
      {rows.length > SHOWN && !all && (
        <Link component="button" onClick={() => setAll(true)}>
          All {rows.length}
        </Link>
      )}
    </Box>
  );
}

const WIDTH = 420;
const HEIGHT = 26;

function ReservedRow({ thing }: { thing: Reserved }) {
  const catalogue = useCatalogue();
  const nameOf = usePartNames();
  const { tints, palette } = useTheme();
  const whole = Math.max(thing.have, thing.needed);
  const x = (amount: number) => (amount / whole) * (WIDTH - 2) + 1;
  let from = 0;
  return (
    <Box
      data-reserved={thing.material}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr", md: `230px ${WIDTH}px 1fr` },
        gap: 1.5,
        alignItems: "center",
        py: 0.75,
        borderBottom: 1,
        borderColor: "divider",
      }}
    >
      <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
        <Swatch colour={thing.colour ?? materialOf(catalogue, thing.material)?.colour} />
        <Box>
          <Typography sx={{ fontWeight: 600, lineHeight: 1.2 }}>
            {capital(thing.colour ? nameOf({ material: thing.material, colour: thing.colour }) : thing.name)}
          </Typography>
          <Typography variant="body2" color="text.secondary">
            {amountWords(thing.have, thing.unit)} there, {amountWords(thing.needed, thing.unit)} needed
          </Typography>
        </Box>
      </Box>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width="100%" role="img" aria-label={runsOut(thing)}>
        <rect x={1} y={5} width={x(thing.have) - 1} height={16} fill={tints.lit} stroke={palette.text.secondary} />
        {thing.taken.map((taken) => {
          const start = from;
          from += taken.amount ?? 0;
          const lacks = taken.after !== null && taken.after < -0.005;
          return (
            <rect
              key={`${taken.build}${taken.step}${start}`}
              x={x(start)}
              y={5}
              width={Math.max(x(from) - x(start) - 1, 1)}
              height={16}
              fill={lacks ? tints.trouble : tints.curing}
              opacity={lacks ? 0.85 : 0.7}
            >
              <title>
                {taken.build_title}: {taken.step_title}, {amountWords(taken.amount, thing.unit)}, {momentWords(taken.at)}
              </title>
            </rect>
          );
        })}
        <line x1={x(thing.have)} x2={x(thing.have)} y1={0} y2={HEIGHT} stroke={palette.text.primary} strokeWidth={2} />
      </svg>
      <Typography variant="body2">
        {thing.runs_out ? (
          <>
            <b>Runs out</b> on {momentWords(thing.runs_out.at)}:{" "}
            <Link component={To} to={`/builds/${thing.runs_out.build}/order`}>
              {thing.runs_out.step_title}
            </Link>{" "}
            for {thing.runs_out.build_title}. {amountWords(thing.missing, thing.unit)} more are needed in all.
          </>
        ) : (
          `${amountWords(thing.have - thing.needed, thing.unit)} stay.`
        )}
      </Typography>
    </Box>
  );
}

const runsOut = (thing: Reserved) =>
  thing.runs_out ? `Runs out at ${thing.runs_out.step_title} for ${thing.runs_out.build_title}` : "Lasts for all builds";
