import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, Refused } from "../api/client";
import type { Jar, JarData, Problem } from "../api/types";
import { Choice } from "../common/Choice";
import { materialOf, useCatalogue } from "../common/catalogue";
import { NumberField } from "../common/NumberField";
import { problemWords } from "../common/placeWords";
import { preferred } from "../common/preferences";
import { currency, dateWords } from "../common/words";
import { AnyMaterialField } from "../mixes/AnyMaterialField";

const UNITS = [
  ["ml", "ml"],
  ["g", "g"],
  ["piece", "pieces"],
  ["sheet", "sheets"],
  ["mm", "mm"],
  ["cm2", "cm²"],
] as const;

/** One kind of jar by hand. A new one begins with the usual pack of what it holds. */
export function JarForm({ jar, onDone }: { jar: Jar | null; onDone: (id: number | null) => void }) {
  const client = useQueryClient();
  const catalogue = useCatalogue();
  const [draft, setDraft] = useState<Partial<JarData>>(jar?.jar ?? { full: 1 });
  const [problem, setProblem] = useState<Problem | null>(null);
  const change = (more: Partial<JarData>) => setDraft({ ...draft, ...more });
  const { decimals } = currency(preferred("currency"));
  const ready = draft.material && draft.pack && draft.unit;

  function hold(material: string) {
    const pack = materialOf(catalogue, material)?.pack;
    const usual = pack && !draft.pack ? { pack: pack.size_mm ? 1 : pack.amount, unit: pack.unit as JarData["unit"] } : {};
    change({ material, ...usual });
  }

  const tried = async (work: () => Promise<number | null>) => {
    try {
      const id = await work();
      await client.invalidateQueries({ queryKey: ["stores"] });
      onDone(id);
    } catch (error) {
      setProblem(error instanceof Refused ? error.problem : ({ title: "Not saved", detail: String(error) } as Problem));
    }
  };
  const save = () =>
    tried(async () => {
      const sent = Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== "" && value !== undefined)) as JarData;
      return (jar ? await api.putJar(jar.id, sent) : await api.addJar(sent)).id;
    });
  const remove = () =>
    tried(async () => {
      if (jar) await api.deleteJar(jar.id);
      return null;
    });
  const day = (label: string, member: "opened_on" | "bought_on") => (
    <TextField
      type="date"
      label={label}
      value={draft[member] ?? ""}
      onChange={(event) => change({ [member]: event.target.value || undefined })}
      slotProps={{ inputLabel: { shrink: true } }}
      sx={{ width: 160 }}
    />
  );

  return (
    <Box component="form" aria-label={jar ? "Change this jar" : "A new jar"} onSubmit={(event) => event.preventDefault()}>
      <Typography variant="h2" sx={{ mb: 1.25 }}>
        {jar ? "This jar" : "A new jar"}
      </Typography>
      {problem && (
        <Alert severity="error" sx={{ mb: 1.25 }} onClose={() => setProblem(null)}>
          {problem.detail}
          {(problem.problems ?? []).map((one) => (
            <div key={one.pointer + one.message}>{problemWords({ ...one, pointer: one.pointer.replace("/jars/0", "") })}</div>
          ))}
        </Alert>
      )}
      <Stack sx={{ gap: 1.5 }}>
        <AnyMaterialField label="What is in it" value={draft.material ?? null} onChange={hold} width="100%" />
        <TextField label="On its label" value={draft.name ?? ""} onChange={(event) => change({ name: event.target.value || undefined })} />
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: "wrap" }}>
          {draft.colour ? (
            <TextField
              type="color"
              label="Colour"
              value={draft.colour}
              onChange={(event) => change({ colour: event.target.value })}
              slotProps={{ inputLabel: { shrink: true } }}
              sx={{ width: 82 }}
            />
          ) : (
            <Button onClick={() => change({ colour: materialOf(catalogue, draft.material)?.colour ?? "#808080" })}>It has a colour</Button>
          )}
          <NumberField label="A full pack holds" value={draft.pack} onChange={(pack) => change({ pack })} width={130} empty="" />
          <Choice label="In" value={draft.unit ?? ""} options={UNITS} onChange={(unit) => change({ unit })} width={100} />
        </Stack>
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: "wrap" }}>
          <NumberField label="Full ones" value={draft.full ?? 0} whole min={0} step={1} onChange={(full) => change({ full })} width={100} />
          <NumberField
            label="In the open one"
            value={draft.open}
            min={0}
            unit={draft.unit === "cm2" ? "cm²" : draft.unit}
            onChange={(open) => change({ open })}
            onClear={() => change({ open: undefined })}
            width={150}
          />
          {day("Opened on", "opened_on")}
        </Stack>
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: "wrap" }}>
          {day("Bought on", "bought_on")}
          <NumberField
            label={`Paid for one, ${preferred("currency")}`}
            value={draft.price_minor === undefined ? null : draft.price_minor / 10 ** decimals}
            min={0}
            onChange={(price) => change({ price_minor: Math.round(price * 10 ** decimals) })}
            onClear={() => change({ price_minor: undefined })}
            width={150}
          />
        </Stack>
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: "wrap" }}>
          {(["closed", "open"] as const).map((state) => (
            <NumberField
              key={state}
              label={`Keeps ${state}`}
              unit="months"
              min={0}
              step={1}
              value={draft.keeps_months?.[state]}
              empty={jar?.keeps_months[state] ? String(jar.keeps_months[state]) : "unknown"}
              onChange={(months) => change({ keeps_months: { ...draft.keeps_months, [state]: months } })}
              onClear={() => change({ keeps_months: { ...draft.keeps_months, [state]: undefined } })}
              width={150}
            />
          ))}
        </Stack>
        <TextField
          label="Where it stands"
          value={draft.place ?? ""}
          onChange={(event) => change({ place: event.target.value || undefined })}
        />
        <TextField
          label="Note"
          value={draft.note ?? ""}
          multiline
          onChange={(event) => change({ note: event.target.value || undefined })}
        />
        {jar?.over_on && <Typography variant="body2">It is over on {dateWords(jar.over_on)}. The label overrules.</Typography>}
        <Stack direction="row" sx={{ gap: 1 }}>
          <Button variant="contained" onClick={save} disabled={!ready}>
            {jar ? "Save" : "Put it on the shelf"}
          </Button>
          <Button onClick={() => onDone(jar?.id ?? null)}>Leave it</Button>
          {jar && (
            <Button color="error" onClick={remove}>
              Take it away
            </Button>
          )}
        </Stack>
      </Stack>
    </Box>
  );
}
