import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import List from "@mui/material/List";
import ListItemButton from "@mui/material/ListItemButton";
import ListItemText from "@mui/material/ListItemText";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { api } from "../api/client";
import type { RecipeEntry } from "../api/types";
import { DownloadLink } from "../builds/quantities/DownloadLink";
import { FileButton } from "../common/FileButton";
import { PageHead } from "../common/PageHead";
import { done, refused, type Said, SaidNote } from "../common/Said";
import { Swatch } from "../common/Swatch";
import { forgetKept } from "../common/useKept";
import { capital, count } from "../common/words";
import { NEW, RecipeForm } from "./RecipeForm";
import { ToneFinder } from "./ToneFinder";
import { usePartNames } from "./usePartNames";

/** So many are listed at once: of a thousand one is searched. */
const SHOWN = 150;

/** The maker's recipes: found, made, copied, changed, and measured out; and which paints make a tone. */
export function MixesPage() {
  const nameOf = usePartNames();
  const recipes = useQuery({ queryKey: ["recipes"], queryFn: api.recipes });
  const [search, setSearch] = useSearchParams();
  const [sought, setSought] = useState("");
  const client = useQueryClient();
  const [said, setSaid] = useState<Said | null>(null);
  const [draft, setDraft] = useState<RecipeEntry["recipe"] | null>(null);
  const key = search.get("recipe");
  const all = recipes.data ?? [];
  const wanted = sought.trim().toLowerCase();
  const found = all
    .filter(({ key, recipe }) =>
      `${key} ${recipe.name} ${recipe.note ?? ""} ${recipe.parts.map((part) => nameOf(part)).join(" ")}`.toLowerCase().includes(wanted),
    )
    .sort((a, b) => (a.recipe.name ?? "").localeCompare(b.recipe.name ?? ""));
  const go = (next: string | null) => {
    setDraft(null);
    setSearch(next ? { recipe: next } : {}, { replace: true });
  };
  const begin = (recipe: RecipeEntry["recipe"]) => {
    // A new one begins as it is given, not where another was left.
    forgetKept("window", `recipe:${NEW}`);
    setSearch({ recipe: NEW }, { replace: true });
    setDraft(recipe);
  };
  const open = async (file: File) => {
    try {
      const { recipes: added } = await api.stock(await file.text());
      setSaid(done(`${count(added.length, "recipe")} taken up.`));
      await client.invalidateQueries();
    } catch (error) {
      setSaid(refused(error));
    }
  };
  const chosen = all.find((one) => one.key === key) ?? null;
  const making = key === NEW || draft !== null;

  return (
    <Box sx={{ maxWidth: 1240, mx: "auto", p: 2 }}>
      <PageHead title="Mixes">
        <DownloadLink href={api.ownEntries}>Mine as a file</DownloadLink>
        <FileButton label="Bring in a file" file="Catalogue file with recipes" accept=".json,application/json" onFile={open} />
        <Button variant="contained" onClick={() => begin({ name: "", by: "volume", parts: [] })}>
          New recipe
        </Button>
      </PageHead>
      <SaidNote said={said} onClose={() => setSaid(null)} />
      <Box component="main" sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "300px minmax(0, 1fr)" }, gap: 3 }}>
        <Box>
          <TextField
            fullWidth
            label="Find a recipe"
            type="search"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
            sx={{ mb: 1.5 }}
          />
          <List
            component="nav"
            dense
            aria-label="Recipes"
            sx={{ maxHeight: "70vh", overflow: "auto", border: 1, borderColor: "divider", py: 0 }}
          >
            {found.slice(0, SHOWN).map(({ key: at, recipe, told }) => (
              <ListItemButton key={at} selected={at === key} onClick={() => go(at)} sx={{ gap: 1.25 }}>
                <Swatch colour={told.known ? told.colour : null} width={34} height={34} />
                <ListItemText
                  primary={capital(recipe.name ?? at)}
                  secondary={recipe.parts.map((part) => `${part.amount} ${nameOf(part)}`).join(", ")}
                  slotProps={{ secondary: { noWrap: true } }}
                />
              </ListItemButton>
            ))}
            {found.length === 0 && (
              <Typography sx={{ p: 1.5 }}>
                {all.length ? "No recipe of that name." : "No recipe yet. What did you stir up last?"}
              </Typography>
            )}
            {found.length > SHOWN && <Typography sx={{ p: 1.5 }}>{found.length - SHOWN} more: say more of what you look for.</Typography>}
          </List>
        </Box>
        <Box>
          {making || chosen ? (
            <RecipeForm
              key={making ? "new" : (key as string)}
              entryKey={making ? null : key}
              recipe={making ? (draft ?? { name: "", by: "volume", parts: [] }) : (chosen as RecipeEntry).recipe}
              onSaved={go}
              onGone={() => go(null)}
              onCopy={(recipe) => begin({ ...recipe, name: `${recipe.name}, copy` })}
            />
          ) : (
            <ToneFinder onTake={begin} />
          )}
        </Box>
      </Box>
    </Box>
  );
}
