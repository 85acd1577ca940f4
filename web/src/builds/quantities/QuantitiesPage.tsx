import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { ShoppingLine } from "../../api/types";
import { materialOf, useCatalogue } from "../../common/catalogue";
import { amountWords, capital, count, money, short } from "../../common/words";
import { TemplatesPanel } from "../templates/TemplatesPanel";
import { related, useBuild, useBuildSession, useFile, useSelection } from "../useSession";
import { ExportLinks } from "./ExportLinks";
import { PourCards } from "./PourCards";
import { UnitCounts } from "./UnitCounts";

/** What the build takes of everything: how much of each pack goes, how many to buy, what it costs. */
export function QuantitiesPage() {
  const { evaluation } = useBuild();
  const file = useFile();
  const families = [...new Set(evaluation.quantities.map((line) => line.family ?? "of your own"))];
  const { cost } = evaluation;
  const copies = file.copies ?? 1;
  return (
    <Box sx={{ p: 2, maxWidth: 1080, mx: "auto" }}>
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "baseline", flexWrap: "wrap", gap: 1 }}>
        <Typography variant="h1">Quantities</Typography>
        <Stack direction="row" sx={{ gap: 1 }}>
          <ExportLinks beside="quantities" />
        </Stack>
      </Stack>
      <Typography sx={{ mt: 0.5 }}>
        Bought new it costs <b>{money(cost.buy_minor)}</b>; what is used up is worth <b>{money(cost.used_minor)}</b>
        {copies > 1 ? `, ${money(cost.per_base_minor)} for each of ${copies} bases` : ""}.
        {cost.unpriced.length > 0 && ` Not priced: ${cost.unpriced.length} of the materials.`} Prices and packs are usual ones, from memory,
        in hundredths of your money.
      </Typography>
      <PourCards />
      <UnitCounts />
      {families.map((family) => (
        <Box component="section" key={family} aria-label={capital(family)} sx={{ mt: 2 }}>
          <Typography variant="h2" sx={{ borderBottom: 2, borderColor: "primary.main" }}>
            {capital(family)}
          </Typography>
          {evaluation.quantities
            .filter((line) => (line.family ?? "of your own") === family)
            .map((line) => (
              <Line key={`${line.material}${line.colour}${line.where[0]}`} line={line} />
            ))}
        </Box>
      ))}
      <TemplatesPanel />
    </Box>
  );
}

/** One material: its swatch, how much, the packs drawn with what is used of them, the price. */
function Line({ line }: { line: ShoppingLine }) {
  const session = useBuildSession();
  const { pointer } = useSelection();
  const { tints } = useTheme();
  const catalogue = useCatalogue();
  const on = pointer !== null && line.where.some((where) => related(where, pointer));
  return (
    <Box
      data-material={line.material}
      data-lit={on || undefined}
      onClick={() => session.select(line.where.find((where) => where.includes("/courses/")) ?? line.where[0] ?? null)}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "26px 1fr 90px", sm: "26px minmax(150px, 1.3fr) 110px minmax(150px, 1.6fr) 84px" },
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
      <Box
        aria-hidden
        sx={{
          width: 26,
          height: 20,
          bgcolor: line.colour ?? materialOf(catalogue, line.material)?.colour ?? "#bbb",
          border: 1,
          borderColor: "divider",
        }}
      />
      <Box sx={{ fontWeight: 600 }}>
        {capital(line.name)}
        {line.colour && (
          <Typography component="span" variant="body2" color="text.secondary" sx={{ display: "block" }}>
            colour {line.colour}
          </Typography>
        )}
      </Box>
      <Box sx={{ textAlign: "right" }}>{amountWords(line.amount, line.unit)}</Box>
      <Box sx={{ display: { xs: "none", sm: "flex" }, alignItems: "center", gap: 1 }}>
        {line.used_share !== null && <Packs count={line.packs ?? 0} used={line.used_share} />}
        <Typography variant="body2" color="text.secondary">
          {packWords(line)}
        </Typography>
      </Box>
      <Box sx={{ textAlign: "right", display: { xs: "none", sm: "block" } }}>{money(line.cost_minor)}</Box>
    </Box>
  );
}

const SHOWN_PACKS = 6;

/** Packs side by side, filled as far as the build uses them. */
function Packs({ count: n, used }: { count: number; used: number }) {
  const { tints, palette } = useTheme();
  const shown = Math.min(n, SHOWN_PACKS);
  return (
    <svg
      width={shown * 19}
      height={26}
      role="img"
      aria-label={`${Math.max(Math.round(used * 100), 1)} % of ${count(n, "pack")} used`}
      style={{ flexShrink: 0 }}
    >
      {Array.from({ length: shown }, (_, i) => {
        const share = Math.min(Math.max(used * n - i, 0), 1);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: packs are alike
          <g key={i} transform={`translate(${i * 19} 0)`}>
            <rect x={1} y={5} width={15} height={20} rx={2} fill="none" stroke={palette.text.secondary} />
            <rect x={4} y={1} width={9} height={4} fill={palette.text.secondary} />
            <rect x={2} y={24 - share * 18} width={13} height={Math.max(share * 18, share > 0 ? 1.5 : 0)} fill={tints.curing} />
          </g>
        );
      })}
    </svg>
  );
}

function packWords(line: ShoppingLine): string {
  if (!line.pack || line.packs === null) return "no pack known";
  const size = line.pack.size_mm ? `${line.pack.size_mm.map(short).join(" × ")} mm` : amountWords(line.pack.amount ?? null, line.pack.unit);
  return `${line.packs} × ${size}`;
}
