import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, Refused } from "../api/client";
import type { Kind, Outline, PlinthFile, Start } from "../api/types";
import { Evenings } from "../builds/brief/Evenings";
import { type Evening, lastWeek } from "../builds/brief/week";
import { Brand } from "../common/Brand";
import { Choice } from "../common/Choice";
import { choices, useCatalogue, usualOf, usualWork } from "../common/catalogue";
import { FieldGroup } from "../common/FieldGroup";
import { MomentField } from "../common/MomentField";
import { NumberField } from "../common/NumberField";
import { problemWords } from "../common/placeWords";
import { usePreferences } from "../common/preferences";
import { ScaleField } from "../common/ScaleField";
import { useKept } from "../common/useKept";
import { usePageTitle } from "../common/usePageTitle";
import { nowMoment } from "../common/words";
import { useAsked, useSettled } from "../scale/useAsked";
import { OutlineChooser } from "./OutlineChooser";
import { SizeBoard } from "./SizeBoard";
import { SizeChooser } from "./SizeChooser";
import { type Begin, StartChooser } from "./StartChooser";

const madeOver = ({ begin, scale, outline }: { begin: NonNullable<Begin>; scale: number; outline: Outline }) =>
  api.startMade(begin, scale, outline);

/** A new build: what it is for, how large, by when. Everything may be changed later. */
export function NewBuildPage() {
  usePageTitle("New build");
  const navigate = useNavigate();
  const catalogue = useCatalogue();
  const usual = usualWork(catalogue, "new_build") as Kind;
  const [begin, setBegin] = useState<Begin>(null);
  const [title, setTitle] = useKept("window", "new-title", "");
  const [purpose, setPurpose] = useState(usualOf(catalogue, "purposes"));
  const [scale, setScale] = useState(usual.scale as number);
  const [copies, setCopies] = useState(1);
  const [outline, setOutline] = useState(usual.outline as unknown as Outline);
  const [thickness, setThickness] = useState(usual.thickness_mm as number);
  /** What the common size picked is made of; the core has its own where none is told. */
  const [material, setMaterial] = useState<string | null>(null);
  const [start, setStart] = useState<string | null>(`${nowMoment().slice(0, 10)}T18:00`);
  const [wanted, setWanted] = useState<string | null>(null);
  const [evenings, setEvenings] = useState(() => lastWeek() ?? ((usual.weekly ?? []) as unknown as Evening[]));
  const [problems, setProblems] = useState<string[]>([]);
  const [busy, setBusy] = useState(false);
  const plinths = catalogue.plinths.filter((plinth) => plinth.purpose === purpose);
  const settled = useSettled(JSON.stringify({ begin, scale, outline }));
  const scheme = useAsked(["start", settled], () => madeOver(JSON.parse(settled)), begin !== null);
  const made = begin === null ? null : (scheme.data ?? null);

  /** A start brings what it is by itself; all of it may be changed. */
  function startWith(start: Start | null) {
    setBegin(start && { start: start.key });
    if (!start) return;
    const plinth = start.plinth as unknown as PlinthFile["plinth"];
    setPurpose(start.purpose);
    setScale(start.scale);
    setCopies(start.copies);
    setBase(plinth);
  }

  function setBase(plinth: PlinthFile["plinth"]) {
    setOutline(plinth.outline);
    setThickness(plinth.thickness_mm ?? thickness);
    setMaterial(plinth.material ?? null);
  }

  async function asBuild(build: { id: number; scale: number; copies: number; purpose: string }) {
    try {
      const { file } = await api.startMade({ build: build.id }, build.scale);
      setBegin({ build: build.id });
      setPurpose(build.purpose);
      setScale(build.scale);
      setCopies(build.copies);
      setBase(file.plinth);
    } catch (error) {
      setProblems([(error as Error).message]);
    }
  }

  async function create() {
    if (!title.trim()) return setProblems(["Give it a title: it is how you find it on the shelf."]);
    const zone = usePreferences.getState().chosen.time_zone;
    const file = (ground: object) => ({
      ...ground,
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
      plinth: {
        ...("plinth" in ground ? (ground.plinth as object) : {}),
        outline,
        thickness_mm: thickness,
        ...(material ? { material } : {}),
      },
    });
    setBusy(true);
    try {
      const ground = begin === null ? { zones: usual.zones } : (await madeOver({ begin, scale, outline })).file;
      const { id } = await api.create(file(ground) as unknown as PlinthFile);
      setTitle("");
      navigate(`/builds/${id}`);
    } catch (error) {
      setProblems(
        error instanceof Refused
          ? (error.problem.problems?.map((one) => problemWords(one)) ?? [error.problem.detail])
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
            <ScaleField value={scale} onChange={setScale} />
            <NumberField label="Bases" min={1} step={1} whole width={92} value={copies} onChange={setCopies} />
          </FieldGroup>
          <FieldGroup title="Begin with">
            <StartChooser begin={begin} onStart={startWith} onBuild={asBuild} />
          </FieldGroup>
          <FieldGroup title="The plinth">
            <SizeChooser
              plinths={plinths}
              outline={outline}
              onChange={(plinth) => {
                setOutline(plinth.outline as unknown as Outline);
                setThickness(plinth.thickness_mm);
                setMaterial(plinth.material ?? null);
              }}
            />
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
          {[...problems, ...(scheme.error && begin ? [scheme.error.message] : [])].map((words) => (
            <Alert key={words} severity="error" sx={{ mt: 2 }}>
              {words}
            </Alert>
          ))}
          <Button variant="contained" size="large" onClick={create} disabled={busy} sx={{ mt: 2 }}>
            Begin the build
          </Button>
        </Box>
        <SizeBoard outline={outline} copies={copies} scale={scale} drawing={made?.drawing ?? null} onChange={setOutline} />
      </Box>
    </Box>
  );
}
