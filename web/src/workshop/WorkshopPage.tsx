import Box from "@mui/material/Box";
import List from "@mui/material/List";
import ListItemButton from "@mui/material/ListItemButton";
import ListItemText from "@mui/material/ListItemText";
import Tab from "@mui/material/Tab";
import Tabs from "@mui/material/Tabs";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { api, type EntryKind } from "../api/client";
import { DownloadLink } from "../builds/quantities/DownloadLink";
import { kindOf, useCatalogue } from "../common/catalogue";
import { FileButton } from "../common/FileButton";
import { PageHead } from "../common/PageHead";
import { done, refused, type Said, SaidNote } from "../common/Said";
import { capital, count, plain } from "../common/words";
import { EntryForm } from "./EntryForm";

/** Materials and ways of working: those that ship, and the maker's own, to change, copy and share. */
export function WorkshopPage() {
  const client = useQueryClient();
  const [search, setSearch] = useSearchParams();
  const kind: EntryKind = search.get("kind") === "techniques" ? "techniques" : "materials";
  const key = search.get("key");
  const [sought, setSought] = useState("");
  const [said, setSaid] = useState<Said | null>(null);
  const rows = useRows(kind, sought);
  const go = (to: { kind?: EntryKind; key?: string | null }) => {
    const next = { kind, key, ...to };
    setSearch({ kind: next.kind, ...(next.key ? { key: next.key } : {}) }, { replace: true });
  };

  async function open(file: File) {
    try {
      const added = await api.stock(await file.text());
      setSaid(done(`Added ${count(added.materials.length, "material")} and ${count(added.techniques.length, "technique")}.`));
      await client.invalidateQueries();
    } catch (error) {
      setSaid(refused(error));
    }
  }

  return (
    <Box component="main" sx={{ maxWidth: 1240, mx: "auto", p: 2.5 }}>
      <PageHead title="Materials and techniques">
        <FileButton label="Open a shared file" file="Catalogue file" accept=".json,application/json" onFile={open} />
        <DownloadLink href={api.ownEntries}>Share mine as a file</DownloadLink>
      </PageHead>
      <SaidNote said={said} onClose={() => setSaid(null)} />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "330px minmax(0, 1fr)" }, gap: 3 }}>
        <Box>
          <Tabs value={kind} onChange={(_, next: EntryKind) => go({ kind: next, key: null })} aria-label="What to look at">
            <Tab value="materials" label="Materials" sx={{ textTransform: "none", fontSize: "1rem" }} />
            <Tab value="techniques" label="Techniques" sx={{ textTransform: "none", fontSize: "1rem" }} />
          </Tabs>
          <TextField fullWidth label="Find" value={sought} onChange={(event) => setSought(event.target.value)} sx={{ my: 1.5 }} />
          <List
            component="nav"
            dense
            sx={{ maxHeight: "68vh", overflow: "auto", border: 1, borderColor: "divider", py: 0 }}
            aria-label={capital(kind)}
          >
            {rows.map((row) => (
              <ListItemButton key={row.key} selected={row.key === key} onClick={() => go({ key: row.key })}>
                <ListItemText
                  primary={row.name}
                  secondary={`${row.kind}${row.own ? " · your own" : ""}`}
                  slotProps={{ primary: { sx: { fontWeight: row.own ? 700 : 400 } } }}
                />
              </ListItemButton>
            ))}
            {rows.length === 0 && <Typography sx={{ p: 1.5 }}>Nothing of that name.</Typography>}
          </List>
        </Box>
        <Box>
          {key ? (
            <EntryForm
              key={`${kind} ${key}`}
              kind={kind}
              entryKey={key}
              onSaved={(saved) => go({ key: saved })}
              onGone={() => go({ key: null })}
            />
          ) : (
            <Typography sx={{ pt: 2 }}>
              Pick one to read or change it. What you change or copy becomes your own, is held to the same checks as what ships, and every
              build uses it from then on. The times are typical ones: a product's label and data sheet overrule them.
            </Typography>
          )}
        </Box>
      </Box>
    </Box>
  );
}

interface Row {
  key: string;
  name: string;
  kind: string;
  own: boolean;
}

/** The maker's own first, then by name. */
function useRows(kind: EntryKind, sought: string): Row[] {
  const catalogue = useCatalogue();
  const own = catalogue.own[kind];
  const all: Row[] =
    kind === "materials"
      ? catalogue.materials.map((one) => ({
          key: one.key,
          name: capital(one.name),
          kind: [kindOf(catalogue, "families", one.family)?.name, kindOf(catalogue, "mechanisms", one.mechanism)?.words]
            .filter(Boolean)
            .join(", "),
          own: own.includes(one.key),
        }))
      : catalogue.techniques.map((one) => ({
          key: one.key,
          name: capital(plain(one.key)),
          kind: one.look ?? "",
          own: own.includes(one.key),
        }));
  const wanted = sought.trim().toLowerCase();
  return all
    .filter((row) => `${row.key} ${row.name} ${row.kind}`.toLowerCase().includes(wanted))
    .sort((a, b) => Number(b.own) - Number(a.own) || a.name.localeCompare(b.name));
}
