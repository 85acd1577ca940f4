import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, Refused } from "../api/client";
import type { Problem, Recipe } from "../api/types";
import { Choice } from "../common/Choice";
import { choices, useCatalogue } from "../common/catalogue";
import { freshKey } from "../common/freshKey";
import { forgetKept, useKept } from "../common/useKept";
import { BatchOff } from "./BatchOff";
import { Measured } from "./Measured";
import { MixCardView } from "./MixCardView";
import { MixParts } from "./MixParts";
import { ToldMixView } from "./ToldMixView";

interface Props {
  /** Its key in the stores; null: it is new. */
  entryKey: string | null;
  recipe: Recipe;
  onSaved: (key: string) => void;
  onGone: () => void;
  onCopy: (recipe: Recipe) => void;
}

/** What a recipe that is not kept yet goes by. */
export const NEW = "new";

/** So much of it its card begins with, g. */
const BEGIN_G = 20;

/** One recipe: its parts, what follows from them, what was measured, and what to measure out. */
export function RecipeForm({ entryKey, recipe, onSaved, onGone, onCopy }: Props) {
  const client = useQueryClient();
  const catalogue = useCatalogue();
  const kept = `recipe:${entryKey ?? NEW}`;
  const [draft, setDraft] = useKept<Recipe>("window", kept, recipe);
  const [problem, setProblem] = useState<Problem | null>(null);
  const change = (more: Partial<Recipe>) => setDraft({ ...draft, ...more });
  const clean = JSON.parse(JSON.stringify(draft)) as Recipe;
  const ready = draft.parts.length > 0;
  const told = useQuery({
    queryKey: ["told", clean.parts, clean.by, clean.measured, clean.colour],
    queryFn: () => api.mixTold({ ...clean, name: clean.name || "new" }),
    enabled: ready,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const changed = JSON.stringify(clean) !== JSON.stringify(recipe);

  const tried = async (work: () => Promise<void>) => {
    try {
      await work();
      await client.invalidateQueries();
    } catch (error) {
      setProblem(error instanceof Refused ? error.problem : ({ title: "Not saved", detail: String(error) } as Problem));
    }
  };
  const save = () =>
    tried(async () => {
      const key = entryKey ?? freshKey(draft.name ?? "", "recipe", new Set(catalogue.recipes.map((one) => one.key)));
      await api.putEntry("recipes", key, clean);
      forgetKept("window", kept);
      onSaved(key);
    });
  const remove = () =>
    tried(async () => {
      await api.deleteEntry("recipes", entryKey as string);
      forgetKept("window", kept);
      onGone();
    });

  return (
    <Box component="form" aria-label={draft.name || "New recipe"} onSubmit={(event) => event.preventDefault()}>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: "wrap", alignItems: "center", mb: 2 }}>
        <TextField label="Name" value={draft.name ?? ""} onChange={(event) => change({ name: event.target.value })} sx={{ width: 280 }} />
        <Choice
          label="Parts are told"
          value={draft.by ?? "volume"}
          options={choices(catalogue, "measures") as [NonNullable<Recipe["by"]>, string][]}
          onChange={(by) => change({ by })}
          width={150}
        />
        <Button variant="contained" onClick={save} disabled={!ready || !draft.name?.trim() || (entryKey !== null && !changed)}>
          {entryKey ? "Save" : "Keep it"}
        </Button>
        {entryKey && <Button onClick={() => onCopy(clean)}>Copy it</Button>}
        {entryKey && (
          <Button color="error" onClick={remove}>
            Take it away
          </Button>
        )}
      </Stack>
      {problem && (
        <Alert severity="error" sx={{ mb: 1.5 }} onClose={() => setProblem(null)}>
          {problem.detail}
          {(problem.problems ?? []).map((one) => (
            <div key={one.pointer + one.message}>{one.message}</div>
          ))}
        </Alert>
      )}
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1.15fr) minmax(0, 1fr)" }, gap: 3 }}>
        <Box>
          <Typography variant="h2" sx={{ mb: 1 }}>
            Parts
          </Typography>
          <MixParts parts={draft.parts} without={entryKey ? `mix:${entryKey}` : undefined} onChange={(parts) => change({ parts })} />
          <Typography variant="h2" sx={{ mt: 2.5, mb: 0.5 }}>
            What you measured
          </Typography>
          <Typography variant="body2" color="text.secondary" sx={{ mb: 1.25 }}>
            It stands before what follows from the parts.
          </Typography>
          <Measured mix={draft} forecast={told.data?.colour} onChange={change} />
          <TextField
            label="Note"
            value={draft.note ?? ""}
            multiline
            fullWidth
            onChange={(event) => change({ note: event.target.value || undefined })}
            sx={{ mt: 1.5 }}
          />
        </Box>
        <Box>
          {told.error && (
            <Alert severity="warning">
              {told.error instanceof Refused
                ? (told.error.problem.problems ?? []).map((one) => one.message).join("; ") || told.error.message
                : told.error.message}
            </Alert>
          )}
          {ready && told.data && <ToldMixView told={told.data} />}
          {ready && told.data?.known && <BatchOff told={told.data} />}
        </Box>
      </Box>
      {ready && told.data?.known && (
        <Box component="section" aria-label="Mix card" sx={{ mt: 2.5 }}>
          <Typography variant="h2" sx={{ mb: 1 }}>
            Mix card
          </Typography>
          <MixCardView of={{ recipe: { ...clean, name: clean.name || "new" } }} start={Math.max(BEGIN_G, told.data.least_g ?? 0)} />
        </Box>
      )}
    </Box>
  );
}
