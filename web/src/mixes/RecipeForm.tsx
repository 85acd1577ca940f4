import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, Refused } from "../api/client";
import type { Problem, Recipe } from "../api/types";
import { Choice } from "../common/Choice";
import { choices, materialOf, useCatalogue } from "../common/catalogue";
import { NumberField } from "../common/NumberField";
import { AnyMaterialField } from "./AnyMaterialField";
import { BatchOff } from "./BatchOff";
import { MixCardView } from "./MixCardView";
import { ToldMixView } from "./ToldMixView";

interface Props {
  /** Its key in the stores; null: it is new. */
  entryKey: string | null;
  recipe: Recipe;
  onSaved: (key: string) => void;
  onGone: () => void;
  onCopy: (recipe: Recipe) => void;
}

/** So much of it its card begins with, g. */
const BEGIN_G = 20;

/** One recipe: its parts, what follows from them, what was measured, and what to measure out. */
export function RecipeForm({ entryKey, recipe, onSaved, onGone, onCopy }: Props) {
  const client = useQueryClient();
  const catalogue = useCatalogue();
  const [draft, setDraft] = useState<Recipe>(recipe);
  const [problem, setProblem] = useState<Problem | null>(null);
  const change = (more: Partial<Recipe>) => setDraft({ ...draft, ...more });
  const part = (index: number, more: Partial<Recipe["parts"][number]>) =>
    change({ parts: draft.parts.map((one, at) => (at === index ? { ...one, ...more } : one)) });
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
      const key = entryKey ?? freshKey(draft.name ?? "", new Set(catalogue.recipes.map((one) => one.key)));
      await api.putEntry("recipes", key, clean);
      onSaved(key);
    });
  const remove = () =>
    tried(async () => {
      await api.deleteEntry("recipes", entryKey as string);
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
          <Stack sx={{ gap: 1.25 }}>
            {draft.parts.map((one, index) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: parts are told by their place
              <Stack key={index} direction="row" sx={{ gap: 1, alignItems: "center" }} role="group" aria-label={`Part ${index + 1}`}>
                <NumberField
                  label="Parts"
                  value={one.amount}
                  min={0.001}
                  step={1}
                  width={84}
                  onChange={(amount) => part(index, { amount })}
                />
                <AnyMaterialField
                  label="Of"
                  value={one.material}
                  water
                  without={entryKey ? `mix:${entryKey}` : undefined}
                  onChange={(material) => part(index, { material })}
                  width="100%"
                />
                {materialOf(catalogue, one.material)?.traits.includes("by_colour") && (
                  <input
                    type="color"
                    aria-label={`Colour of part ${index + 1}`}
                    value={one.colour ?? materialOf(catalogue, one.material)?.colour ?? "#808080"}
                    onChange={(event) => part(index, { colour: event.target.value })}
                    style={{ width: 44, height: 36, flexShrink: 0 }}
                  />
                )}
                <IconButton
                  aria-label={`Take part ${index + 1} out`}
                  onClick={() => change({ parts: draft.parts.filter((_, at) => at !== index) })}
                >
                  ×
                </IconButton>
              </Stack>
            ))}
            <AnyMaterialField
              key={draft.parts.length}
              label={draft.parts.length ? "Another part" : "The first part"}
              value={null}
              water
              without={entryKey ? `mix:${entryKey}` : undefined}
              onChange={(material) => change({ parts: [...draft.parts, { material, amount: 1 }] })}
              width="100%"
            />
          </Stack>
          <Typography variant="h2" sx={{ mt: 2.5, mb: 0.5 }}>
            What you measured
          </Typography>
          <Typography variant="body2" color="text.secondary" sx={{ mb: 1.25 }}>
            It stands before what follows from the parts.
          </Typography>
          <Measured recipe={draft} forecast={told.data?.colour} onChange={change} />
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

const MEASURES = [
  ["dry_h", "Dry through after", "h"],
  ["open_min", "Workable for", "min"],
  ["density_g_ml", "Weighs", "g/ml"],
  ["layer_mm", "Spread", "mm"],
] as const;

interface MeasuredProps {
  recipe: Recipe;
  /** What its colour is forecast to be. */
  forecast: string | null | undefined;
  onChange: (more: Partial<Recipe>) => void;
}

function Measured({ recipe, forecast, onChange }: MeasuredProps) {
  const put = (name: string, value: number | undefined) => {
    const { [name]: _, ...rest } = (recipe.measured ?? {}) as Record<string, number>;
    const next = value === undefined ? rest : { ...rest, [name]: value };
    onChange({ measured: Object.keys(next).length ? next : undefined });
  };
  return (
    <Stack direction="row" sx={{ gap: 1.25, flexWrap: "wrap", alignItems: "center" }}>
      {MEASURES.map(([name, label, unit]) => (
        <NumberField
          key={name}
          label={label}
          unit={unit}
          value={recipe.measured?.[name]}
          min={0.001}
          step={1}
          empty="derived"
          width={142}
          onChange={(value) => put(name, value)}
          onClear={() => put(name, undefined)}
        />
      ))}
      {recipe.colour ? (
        <>
          <TextField
            type="color"
            label="Colour, dry"
            value={recipe.colour}
            onChange={(event) => onChange({ colour: event.target.value })}
            slotProps={{ inputLabel: { shrink: true } }}
            sx={{ width: 96 }}
          />
          <Button onClick={() => onChange({ colour: undefined })}>Colour as forecast</Button>
        </>
      ) : (
        <Button variant="outlined" onClick={() => onChange({ colour: forecast ?? "#808080" })}>
          Colour of a dry swatch
        </Button>
      )}
    </Stack>
  );
}

/** A key for the stores out of a name; another one where it is taken. */
function freshKey(name: string, taken: Set<string>): string {
  const letters =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, "_")
      .replace(/^[^a-z]+|_+$/g, "")
      .slice(0, 34) || "recipe";
  const stem = letters.length < 2 ? `${letters}_mix` : letters;
  let key = stem;
  for (let number = 2; taken.has(key); number += 1) key = `${stem}_${number}`;
  return key;
}
