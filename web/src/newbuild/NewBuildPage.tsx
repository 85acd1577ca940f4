import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, Refused } from "../api/client";
import type { Kind, Outline, PlinthFile } from "../api/types";
import { type Evening, Evenings } from "../builds/brief/Evenings";
import { Brand } from "../common/Brand";
import { Choice } from "../common/Choice";
import { choices, useCatalogue, usualOf, usualWork } from "../common/catalogue";
import { FieldGroup } from "../common/FieldGroup";
import { MomentField } from "../common/MomentField";
import { NumberField } from "../common/NumberField";
import { usePreferences } from "../common/preferences";
import { nowMoment } from "../common/words";
import { OutlineChooser } from "./OutlineChooser";
import { OutlinePreview } from "./OutlinePreview";

/** A new build: what it is for, how large, by when. Everything may be changed later. */
export function NewBuildPage() {
  const navigate = useNavigate();
  const catalogue = useCatalogue();
  const usual = usualWork(catalogue, "new_build") as Kind;
  const scales = usualWork(catalogue, "usual_scales")?.ratios ?? [];
  const [title, setTitle] = useState("");
  const [purpose, setPurpose] = useState(usualOf(catalogue, "purposes"));
  const [scale, setScale] = useState(usual.scale as number);
  const [copies, setCopies] = useState(1);
  const [outline, setOutline] = useState(usual.outline as unknown as Outline);
  const [thickness, setThickness] = useState(usual.thickness_mm as number);
  /** What the common size picked is made of; the core has its own where none is told. */
  const [material, setMaterial] = useState<string | null>(null);
  const [start, setStart] = useState<string | null>(`${nowMoment().slice(0, 10)}T18:00`);
  const [wanted, setWanted] = useState<string | null>(null);
  const [evenings, setEvenings] = useState((usual.weekly ?? []) as unknown as Evening[]);
  const [problems, setProblems] = useState<string[]>([]);
  const [busy, setBusy] = useState(false);
  const plinths = catalogue.plinths.filter((plinth) => plinth.purpose === purpose);

  async function begin() {
    if (!title.trim()) return setProblems(["Give it a title: it is how you find it on the shelf."]);
    const zone = usePreferences.getState().chosen.time_zone;
    const file = {
      format: "green-plinth/1",
      title: title.trim(),
      purpose,
      scale,
      copies,
      calendar: {
        ...(zone ? { time_zone: zone } : {}),
        ...(start ? { start } : {}),
        ...(wanted ? { finish_by: wanted } : {}),
        weekly: evenings,
      },
      plinth: { outline, thickness_mm: thickness, ...(material ? { material } : {}) },
      zones: usual.zones,
    } as unknown as PlinthFile;
    setBusy(true);
    try {
      navigate(`/builds/${(await api.create(file)).id}`);
    } catch (error) {
      setProblems(
        error instanceof Refused
          ? (error.problem.problems?.map((one) => `${one.pointer}: ${one.message}`) ?? [error.problem.detail])
          : [(error as Error).message],
      );
      setBusy(false);
    }
  }

  return (
    <Box sx={{ maxWidth: 1080, mx: "auto", p: 2 }}>
      <Stack component="header" direction="row" sx={{ alignItems: "center", gap: 2, mb: 1 }}>
        <Brand component={Link} to="/" />
        <Typography variant="h1" sx={{ flex: 1 }}>
          New build
        </Typography>
        <Button component={Link} to="/">
          Back to the shelf
        </Button>
      </Stack>
      <Box component="main" sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 380px" }, gap: 3 }}>
        <Box>
          <FieldGroup title="What it is">
            <TextField
              label="Title"
              required
              value={title}
              onChange={(event) => setTitle(event.target.value)}
              sx={{ width: 320 }}
              autoFocus
              slotProps={{ htmlInput: { maxLength: 120 } }}
            />
            <Choice
              label="Purpose"
              value={purpose}
              options={choices(catalogue, "purposes")}
              onChange={(value) => {
                setPurpose(value);
                setMaterial(null);
              }}
            />
            <NumberField label="Scale 1:" min={0.1} step={1} width={104} value={scale} onChange={setScale} />
            <TextField
              select
              label="Usual scales"
              value={scales.includes(scale) ? scale : ""}
              onChange={(event) => setScale(Number(event.target.value))}
              sx={{ width: 150 }}
              slotProps={{ inputLabel: { shrink: true } }}
            >
              {scales.map((n) => (
                <MenuItem key={n} value={n}>
                  1:{n}
                </MenuItem>
              ))}
            </TextField>
            <NumberField label="Bases" min={1} step={1} whole width={92} value={copies} onChange={setCopies} />
          </FieldGroup>
          <FieldGroup title="The plinth">
            {plinths.length > 0 && (
              <TextField
                select
                label="Common sizes"
                value=""
                onChange={(event) => {
                  const plinth = plinths.find((one) => one.label === event.target.value);
                  if (plinth) {
                    setOutline(plinth.outline as unknown as Outline);
                    setThickness(plinth.thickness_mm);
                    setMaterial(plinth.material ?? null);
                  }
                }}
                sx={{ width: 190 }}
                slotProps={{ inputLabel: { shrink: true } }}
              >
                {plinths.map((plinth) => (
                  <MenuItem key={plinth.label} value={plinth.label}>
                    {plinth.label}
                  </MenuItem>
                ))}
              </TextField>
            )}
            <OutlineChooser outline={outline} onChange={setOutline} onProblem={(words) => setProblems(words ? [words] : [])} />
            <NumberField label="Thickness" unit="mm" min={0.5} step={1} width={118} value={thickness} onChange={setThickness} />
            <Typography variant="body2" color="text.secondary" sx={{ width: "100%" }}>
              Inches are taken too: type 4.5 in.
            </Typography>
          </FieldGroup>
          <FieldGroup title="When">
            <MomentField label="Start" value={start} onChange={setStart} />
            <MomentField label="Wanted by" value={wanted} onChange={setWanted} />
            <Evenings rows={evenings} onChange={setEvenings} />
          </FieldGroup>
          {problems.map((words) => (
            <Alert key={words} severity="error" sx={{ mt: 2 }}>
              {words}
            </Alert>
          ))}
          <Button variant="contained" size="large" onClick={begin} disabled={busy} sx={{ mt: 2 }}>
            Begin the build
          </Button>
        </Box>
        <OutlinePreview outline={outline} copies={copies} scale={scale} />
      </Box>
    </Box>
  );
}
