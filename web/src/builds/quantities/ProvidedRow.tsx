import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { ProvidedLine } from "../../api/types";
import { materialOf, useCatalogue } from "../../common/catalogue";
import { Swatch } from "../../common/Swatch";
import { amountWords, capital, count, money, sizeWords } from "../../common/words";
import { usePartNames } from "../../mixes/usePartNames";
import { HowComputed } from "../HowComputed";
import { related, useBuildSession, useSelection } from "../useSession";

/** One material: its swatch, how much, what is there of it, the packs to buy, the price. */
export function ProvidedRow({ line, copies }: { line: ProvidedLine; copies: number }) {
  const session = useBuildSession();
  const { pointer } = useSelection();
  const { tints } = useTheme();
  const catalogue = useCatalogue();
  const nameOf = usePartNames();
  const on = pointer !== null && line.where.some((where) => related(where, pointer));
  const name = line.colour ? nameOf({ material: line.material, colour: line.colour }) : line.name;
  return (
    <Box
      data-material={line.material}
      data-lit={on || undefined}
      onClick={() => session.select(line.where.find((where) => where.includes("/courses/")) ?? line.where[0] ?? null)}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "26px 1fr 100px", sm: "26px minmax(150px, 1.2fr) 104px 200px minmax(150px, 1.2fr) 84px" },
        gap: 1.5,
        alignItems: "center",
        py: 0.75,
        px: 0.5,
        borderBottom: 1,
        borderColor: "divider",
        bgcolor: on ? tints.lit : undefined,
        cursor: "pointer",
      }}
    >
      <Swatch colour={line.colour ?? materialOf(catalogue, line.material)?.colour} />
      <Box sx={{ fontWeight: 600 }}>
        {capital(name)}
        {line.colour && (
          <Typography component="span" variant="body2" color="text.secondary" sx={{ display: "block" }}>
            {name === line.name ? "" : `${line.name}, `}
            {line.colour}
          </Typography>
        )}
      </Box>
      <Box sx={{ textAlign: "right" }}>
        {amountWords(line.amount, line.unit)}
        <HowComputed of={`quantities/${line.material}/${line.colour ?? ""}`} about={name} />
        {line.still !== null && line.amount !== null && line.still < line.amount && (
          <Typography variant="body2" color="text.secondary">
            {line.still > 0 ? `${amountWords(line.still, line.unit)} still to come` : "all of it is laid"}
          </Typography>
        )}
        {copies > 1 && line.amount !== null && (
          <Typography variant="body2" color="text.secondary">
            {amountWords(line.amount / copies, line.unit)} each
          </Typography>
        )}
      </Box>
      <Box sx={{ display: { xs: "none", sm: "block" } }}>{line.have !== null && line.amount !== null && <Against line={line} />}</Box>
      <Box sx={{ display: { xs: "none", sm: "flex" }, alignItems: "center", gap: 1 }}>
        {(line.to_buy ?? 0) > 0 && <Packs count={line.to_buy ?? 0} />}
        <Typography variant="body2" color="text.secondary">
          {packWords(line)}
          {line.yields !== null && line.yields > 1 && ` · a pack makes ${line.yields} of these`}
        </Typography>
      </Box>
      <Box sx={{ textAlign: "right", display: { xs: "none", sm: "block" } }}>
        {line.to_buy === 0 ? "–" : money(line.to_buy === null ? line.cost_minor : line.buy_minor)}
      </Box>
    </Box>
  );
}

const WIDTH = 196;

/** What is there against what is needed: full up to what the build takes, a gap where it is short. */
function Against({ line }: { line: ProvidedLine }) {
  const { tints, palette } = useTheme();
  const [need, have] = [line.still ?? line.amount ?? 0, line.have ?? 0];
  const whole = Math.max(need, have) || 1;
  const x = (amount: number) => (amount / whole) * (WIDTH - 2);
  const words =
    have === 0
      ? "none there"
      : have >= need
        ? have - need < 0.005
          ? "all of it is used"
          : `${amountWords(have - need, line.unit)} stay`
        : `${amountWords(have, line.unit)} there`;
  return (
    <>
      <svg
        width={WIDTH}
        height={14}
        role="img"
        aria-label={`${amountWords(have, line.unit)} there, ${amountWords(need, line.unit)} needed`}
      >
        <rect x={1} y={2} width={x(whole)} height={10} fill="none" stroke={palette.text.secondary} />
        <rect x={1} y={2} width={x(Math.min(need, have))} height={10} fill={tints.curing} />
        {have > need && <rect x={1 + x(need)} y={2} width={x(have - need)} height={10} fill={tints.ready} opacity={0.55} />}
        {have < need && <rect x={1 + x(have)} y={2} width={x(need - have)} height={10} fill={tints.troublePaper} />}
        <line x1={1 + x(need)} x2={1 + x(need)} y1={0} y2={14} stroke={palette.text.primary} strokeWidth={2} />
      </svg>
      <Typography variant="body2" color="text.secondary" sx={{ lineHeight: 1.1 }}>
        {words}
      </Typography>
    </>
  );
}

const SHOWN_PACKS = 5;

/** Packs to buy, side by side. */
function Packs({ count: n }: { count: number }) {
  const { palette, tints } = useTheme();
  const shown = Math.min(n, SHOWN_PACKS);
  return (
    <svg width={shown * 19} height={26} role="img" aria-label={`${count(n, "pack")} to buy`} style={{ flexShrink: 0 }}>
      {Array.from({ length: shown }, (_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: packs are alike
        <g key={i} transform={`translate(${i * 19} 0)`}>
          <rect x={1} y={5} width={15} height={20} rx={2} fill={tints.lit} stroke={palette.text.secondary} />
          <rect x={4} y={1} width={9} height={4} fill={palette.text.secondary} />
        </g>
      ))}
    </svg>
  );
}

function packWords(line: ProvidedLine): string {
  if (!line.pack || line.packs === null) return "no pack known";
  const size = line.pack.size_mm ? sizeWords(...line.pack.size_mm) : amountWords(line.pack.amount ?? null, line.pack.unit);
  if (line.to_buy === null) return `${line.packs} × ${size}`;
  return line.to_buy === 0 ? "nothing to buy" : `buy ${line.to_buy} × ${size}`;
}
