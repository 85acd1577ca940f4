import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Chip from "@mui/material/Chip";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import { DownloadLink } from "../builds/quantities/DownloadLink";
import { materialOf, useCatalogue } from "../common/catalogue";
import { Swatch } from "../common/Swatch";
import { amountWords, capital, count, dateWords, money, sizeWords } from "../common/words";
import { usePartNames } from "../mixes/usePartNames";

/** So many builds are offered to choose from, and can be on one list. */
const OFFERED = 20;

/** One shopping list for the chosen builds: by kind of shop, what is needed first before; as a table, on paper, or bought. */
export function ShoppingTrip() {
  const client = useQueryClient();
  const nameOf = usePartNames();
  const catalogue = useCatalogue();
  const shelf = useQuery({ queryKey: ["shelf", "to-shop-for"], queryFn: () => api.shelf({ sort: "ready", limit: OFFERED }) });
  const [chosen, setChosen] = useState<number[]>([]);
  const list = useQuery({
    queryKey: ["stores", "shopping", chosen],
    queryFn: () => api.shopping(chosen),
    enabled: chosen.length > 0,
    placeholderData: (old) => old,
  });
  const bought = useMutation({
    mutationFn: () => api.shoppingBought(chosen),
    onSettled: () => client.invalidateQueries({ queryKey: ["stores"] }),
  });
  const items = chosen.length && list.data ? list.data.items : [];
  const shops = [...new Set(items.map((item) => item.shop))];
  const toggle = (id: number) => setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);
  return (
    <Box component="section" aria-label="Shopping list" sx={{ mt: 3 }}>
      <Typography variant="h2">Shopping list</Typography>
      <Typography sx={{ mb: 1 }}>For which builds? What is on the shelf is taken off.</Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap", mb: 1.5 }}>
        {(shelf.data?.builds ?? []).map((build) => (
          <Chip
            key={build.id}
            label={build.title}
            clickable
            aria-pressed={chosen.includes(build.id)}
            color={chosen.includes(build.id) ? "primary" : "default"}
            variant={chosen.includes(build.id) ? "filled" : "outlined"}
            onClick={() => toggle(build.id)}
            sx={{ minHeight: 44, borderRadius: 1, fontSize: "1rem" }}
          />
        ))}
      </Stack>
      {list.error && <Alert severity="error">The list cannot be told: {list.error.message}</Alert>}
      {chosen.length > 0 && list.data && (
        <>
          <Stack direction="row" sx={{ gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
            <Typography>
              {items.length ? `${count(items.length, "thing")} to buy, ${money(list.data.cost_minor)} in all.` : "Nothing is missing."}
            </Typography>
            <DownloadLink href={api.shoppingFile(chosen, "csv")}>Table (CSV)</DownloadLink>
            <DownloadLink href={api.shoppingFile(chosen, "pdf")}>On paper (PDF)</DownloadLink>
            <Button variant="outlined" size="small" disabled={!items.length || bought.isPending} onClick={() => bought.mutate()}>
              I bought this list
            </Button>
          </Stack>
          {bought.isSuccess && (
            <Alert severity="success" onClose={() => bought.reset()} sx={{ mt: 1 }}>
              {count(bought.data.added, "kind")} put on the shelf as full packs.
            </Alert>
          )}
          {shops.map((shop) => (
            <Box key={shop} sx={{ mt: 1.5 }}>
              <Typography variant="h3">{capital(shop)}</Typography>
              {items
                .filter((item) => item.shop === shop)
                .map((item) => (
                  <Box
                    key={`${item.material}${item.colour}${item.unit}${item.where[0]}`}
                    data-buy={item.material}
                    sx={{
                      display: "grid",
                      gridTemplateColumns: { xs: "26px 1fr auto", md: "26px 1.2fr 190px 90px 1.4fr" },
                      gap: 1.5,
                      py: 0.6,
                      alignItems: "center",
                      borderBottom: 1,
                      borderColor: "divider",
                    }}
                  >
                    <Swatch colour={item.colour ?? materialOf(catalogue, item.material)?.colour} />
                    <Typography sx={{ fontWeight: 600 }}>
                      {capital(item.colour ? nameOf({ material: item.material, colour: item.colour }) : item.name)}
                    </Typography>
                    <Typography>
                      {item.to_buy === null || !item.pack
                        ? `${amountWords(item.missing, item.unit)}, no pack known`
                        : `${item.to_buy} × ${item.pack.size_mm ? sizeWords(...item.pack.size_mm) : amountWords(item.pack.amount ?? null, item.pack.unit)}`}
                    </Typography>
                    <Typography sx={{ display: { xs: "none", md: "block" }, textAlign: "right" }}>{money(item.buy_minor)}</Typography>
                    <Typography variant="body2" color="text.secondary" sx={{ display: { xs: "none", md: "block" } }}>
                      {item.needed_by ? `by ${dateWords(item.needed_by.slice(0, 10))}, ` : ""}
                      {item.builds.join(", ")}
                      {item.spared > 0 && `; offcuts spare ${count(item.spared, "sheet")}`}
                    </Typography>
                  </Box>
                ))}
            </Box>
          ))}
        </>
      )}
    </Box>
  );
}
