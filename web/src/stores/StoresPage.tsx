import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import type { Jar } from "../api/types";
import { DownloadLink } from "../builds/quantities/DownloadLink";
import { FileButton } from "../common/FileButton";
import { figureWords } from "../common/figureWords";
import { HowButton, HowTold } from "../common/HowTold";
import { PageHead } from "../common/PageHead";
import { done, refused, type Said, SaidNote } from "../common/Said";
import { useStoresNews } from "../common/useStoresNews";
import { capital, count } from "../common/words";
import { JarCard } from "./JarCard";
import { JarForm } from "./JarForm";
import { ReservedList } from "./ReservedList";
import { ShoppingTrip } from "./ShoppingTrip";

/** So many are drawn at once: a shelf of a thousand is searched, not scrolled. */
const SHOWN = 120;
const MOST_BYTES = 2_000_000;

/** What is on the shelf: jars with their level, what is low, old or opened twice, and what builds will take of it. */
export function StoresPage() {
  const client = useQueryClient();
  useStoresNews();
  const stores = useQuery({ queryKey: ["stores"], queryFn: api.stores });
  const [sought, setSought] = useState("");
  const [only, setOnly] = useState<string | null>(null);
  const [chosen, setChosen] = useState<number | "new" | null>(null);
  const [said, setSaid] = useState<Said | null>(null);
  const jars = stores.data?.jars ?? [];
  const worth = stores.data?.worth;
  const found = jars.filter((jar) => matches(jar, sought, only));
  const remarked = (code: string) => jars.filter((jar) => jar.remarks.some((remark) => remark.code === code)).length;
  const places = [...new Set(found.map((jar) => jar.jar.place ?? ""))].sort((a, b) => Number(!a) - Number(!b) || a.localeCompare(b));
  const jar = jars.find((one) => one.id === chosen) ?? null;

  async function open(file: File) {
    try {
      if (file.size > MOST_BYTES) throw new Error(`${file.name} is ${(file.size / 1e6).toFixed(1)} MB; 2 MB at the most can be read.`);
      const { added } = await api.bringStores(await file.text(), !file.name.toLowerCase().endsWith(".json"));
      setSaid(done(`${count(added, "jar")} put on the shelf.`));
      await client.invalidateQueries({ queryKey: ["stores"] });
    } catch (error) {
      setSaid(refused(error));
    }
  }

  return (
    <Box sx={{ maxWidth: 1240, mx: "auto", p: 2 }}>
      <PageHead title="Stores">
        <DownloadLink href={api.storesFile("csv")}>Table (CSV)</DownloadLink>
        <DownloadLink href={api.storesFile("json")}>File (JSON)</DownloadLink>
        <FileButton
          label="Bring in a table or a file"
          file="Stores as CSV or JSON"
          accept=".csv,.json,text/csv,application/json"
          onFile={open}
        />
        <Button variant="contained" onClick={() => setChosen("new")}>
          New jar
        </Button>
      </PageHead>
      <SaidNote said={said} onClose={() => setSaid(null)} />
      {stores.isError && <Alert severity="error">The stores cannot be read: {stores.error.message}</Alert>}
      <Box
        component="main"
        sx={{
          display: "grid",
          gridTemplateColumns: chosen ? { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 380px" } : "minmax(0, 1fr)",
          gap: 3,
        }}
      >
        <Box>
          <Stack direction="row" sx={{ gap: 2, mb: 1.5, flexWrap: "wrap", alignItems: "center" }}>
            <TextField
              label="Find in the stores"
              type="search"
              value={sought}
              onChange={(event) => setSought(event.target.value)}
              sx={{ width: 260 }}
            />
            <ToggleButtonGroup exclusive value={only} onChange={(_, next: string | null) => setOnly(next)} aria-label="Only those that are">
              {FLAGS.map(([code, word]) => (
                <ToggleButton key={code} value={code} sx={{ textTransform: "none" }}>
                  {word} ({remarked(code)})
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
            <Typography color="text.secondary">
              {count(jars.length, "kind of jar", "kinds of jar")}
              {worth && worth.value !== null && `, worth ${figureWords(worth)}`}
              {worth && (
                <HowButton about="worth">
                  <HowTold reckoning={worth} />
                </HowButton>
              )}
            </Typography>
          </Stack>
          {stores.data && jars.length === 0 && (
            <Typography sx={{ py: 4 }}>
              The shelf is empty. Put a jar on it, bring in a table, or say “I bought this list” in the quantities of a build.
            </Typography>
          )}
          {jars.length > 0 && found.length === 0 && <Typography sx={{ py: 4 }}>Nothing like that on the shelf.</Typography>}
          {places.map((place) => {
            const here = found.slice(0, SHOWN).filter((one) => (one.jar.place ?? "") === place);
            if (!here.length) return null;
            return (
              <Box key={place} component="section" aria-label={place || "No place noted"} sx={{ mb: 2 }}>
                <Typography variant="h3" component="h2" color="text.secondary">
                  {place ? capital(place) : "No place noted"}
                </Typography>
                <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(250px, 1fr))" }}>
                  {here.map((one) => (
                    <JarCard
                      key={one.id}
                      jar={one}
                      chosen={one.id === chosen}
                      onChoose={() => setChosen(one.id === chosen ? null : one.id)}
                    />
                  ))}
                </Box>
              </Box>
            );
          })}
          {found.length > SHOWN && <Typography>{found.length - SHOWN} more: say more of what you look for.</Typography>}
        </Box>
        {chosen && <JarForm key={chosen} jar={jar} onDone={(id) => setChosen(chosen === "new" ? id : null)} />}
      </Box>
      <ReservedList />
      <ShoppingTrip />
    </Box>
  );
}

const FLAGS = [
  ["low", "Low"],
  ["old", "Over"],
  ["soon_old", "Soon over"],
  ["doubled", "Opened twice"],
] as const;

function matches(jar: Jar, sought: string, only: string | null): boolean {
  if (only && !jar.remarks.some((remark) => remark.code === only || (only === "low" && remark.code === "empty"))) return false;
  const wanted = sought.trim().toLowerCase();
  return `${jar.name} ${jar.jar.material} ${jar.colour} ${jar.jar.place ?? ""} ${jar.jar.note ?? ""}`.toLowerCase().includes(wanted);
}
