import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { api } from "../../api/client";
import type { ProvidedLine } from "../../api/types";
import { useStoresNews } from "../../common/useStoresNews";
import { capital, count, money } from "../../common/words";
import { PaletteView } from "../../palettes/PaletteView";
import { TemplatesPanel } from "../templates/TemplatesPanel";
import { useBuild, useFile } from "../useSession";
import { BudgetField } from "./BudgetField";
import { BuildMixes } from "./BuildMixes";
import { ExportLinks } from "./ExportLinks";
import { KitList } from "./KitList";
import { MixCards } from "./MixCards";
import { PourCards } from "./PourCards";
import { ProvidedRow } from "./ProvidedRow";
import { UnitCounts } from "./UnitCounts";

/** What the build takes of everything against what is on the shelf: how much of each pack goes, what to buy, what it costs. */
export function QuantitiesPage() {
  const { id, version, evaluation } = useBuild();
  const file = useFile();
  const client = useQueryClient();
  useStoresNews();
  const provision = useQuery({
    queryKey: ["stores", "provision", id, version],
    queryFn: () => api.provision(id),
    placeholderData: (old) => old,
  });
  const bought = useMutation({
    mutationFn: () => api.bought(id),
    onSettled: () => client.invalidateQueries({ queryKey: ["stores"] }),
  });
  const lines = provision.data?.lines ?? evaluation.quantities.map(unprovided);
  const families = [...new Set(lines.map((line) => line.family ?? "of your own"))];
  const copies = file.copies ?? 1;
  const short = lines.filter((line) => (line.to_buy ?? 0) > 0).length;
  return (
    <Box sx={{ p: 2, maxWidth: 1080, mx: "auto" }}>
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "baseline", flexWrap: "wrap", gap: 1 }}>
        <Typography variant="h1">Quantities</Typography>
        <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap" }}>
          <Button variant="outlined" size="small" onClick={() => print()}>
            Print
          </Button>
          <ExportLinks beside="quantities" />
        </Stack>
      </Stack>
      <Cost provision={provision.data} copies={copies} />
      <Box sx={{ mt: 1.5 }}>
        <BudgetField />
      </Box>
      {provision.data && (
        <Stack direction="row" sx={{ gap: 1.5, alignItems: "center", mt: 1, flexWrap: "wrap" }}>
          <Typography>{short ? `${count(short, "thing")} to buy; the rest is on the shelf.` : "All of it is on the shelf."}</Typography>
          <Button variant="outlined" disabled={!short || bought.isPending} onClick={() => bought.mutate()}>
            I bought this list
          </Button>
          <Button component={Link} to="/stores">
            To the stores
          </Button>
        </Stack>
      )}
      {bought.isSuccess && (
        <Alert severity="success" onClose={() => bought.reset()} sx={{ mt: 1 }}>
          {count(bought.data.added, "kind")} put on the shelf as full packs.
        </Alert>
      )}
      {bought.error && <Alert severity="error">Not taken over: {bought.error.message}</Alert>}
      <MixCards />
      <BuildMixes />
      <PourCards />
      <UnitCounts />
      {families.map((family) => (
        <Box component="section" key={family} aria-label={capital(family)} sx={{ mt: 2 }}>
          <Typography variant="h2" sx={{ borderBottom: 2, borderColor: "primary.main" }}>
            {capital(family)}
          </Typography>
          {lines
            .filter((line) => (line.family ?? "of your own") === family)
            .map((line) => (
              <ProvidedRow key={`${line.material}${line.colour}${line.where[0]}`} line={line} copies={copies} />
            ))}
        </Box>
      ))}
      {evaluation.palette.tones.length > 0 && (
        <Box component="section" aria-label="Palette" sx={{ mt: 3 }}>
          <Typography variant="h2" sx={{ mb: 1 }}>
            Palette
          </Typography>
          <PaletteView palette={evaluation.palette} />
        </Box>
      )}
      <KitList />
      <TemplatesPanel />
    </Box>
  );
}

/** Until the stores have been looked at nothing is known of them. */
const unprovided = (line: Omit<ProvidedLine, "have" | "still" | "missing" | "to_buy" | "left" | "buy_minor" | "yields">): ProvidedLine => ({
  ...line,
  have: null,
  still: null,
  missing: null,
  to_buy: null,
  left: null,
  buy_minor: null,
  yields: null,
});

function Cost({ provision, copies }: { provision: { cost: ProvisionCost } | undefined; copies: number }) {
  const { cost } = useBuild().evaluation;
  return (
    <Typography sx={{ mt: 0.5 }}>
      {provision && (
        <>
          To buy for it: <b>{money(provision.cost.buy_minor)}</b>.{" "}
        </>
      )}
      All bought new it would be {money(cost.buy_minor)}; what is used up is worth{" "}
      <b>{money(provision ? provision.cost.used_minor : cost.used_minor)}</b>
      {copies > 1 ? `, ${money(provision ? provision.cost.per_base_minor : cost.per_base_minor)} for each of ${copies} bases` : ""}.
      {cost.unpriced.length > 0 && ` Not priced: ${count(cost.unpriced.length, "material")}.`} Where no price of yours is noted a usual one
      stands, from memory; the currency is chosen in{" "}
      <Box component={Link} to="/settings" sx={{ color: "primary.main" }}>
        Settings
      </Box>
      .
    </Typography>
  );
}
type ProvisionCost = { buy_minor: number | null; used_minor: number | null; per_base_minor: number | null };
