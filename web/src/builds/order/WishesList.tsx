import Alert from "@mui/material/Alert";
import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api } from "../../api/client";
import type { PlinthFile, Step, Task, WhyNot } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { matching } from "../../common/search";
import { capital } from "../../common/words";
import { laidName } from "../courses/laid";
import { FieldRows } from "../inspector/FieldRows";
import { fieldsOf, type Part } from "../inspector/partFields";
import { useBuild, useBuildSession, useFile } from "../useSession";
import { WhyNotNote } from "./WhyNotNote";

/** The order as its maker wishes it, beside what the rules ask: made by picking two steps, without dragging; loosened, tightened, taken back. */
export function WishesList() {
  const session = useBuildSession();
  const file = useFile();
  const catalogue = useCatalogue();
  const wishes = file.order ?? [];
  const name = (id: string) => capital(idName(file, id, (key) => laidName(catalogue, file, key)));
  const drop = (index: number) => session.edit("Drop a wish", [{ op: "remove", path: wishes.length === 1 ? "/order" : `/order/${index}` }]);
  return (
    <Box component="section" aria-label="Your wishes" sx={{ mt: 1 }}>
      <Typography color="text.secondary">
        What the rules leave open is yours to say. A wish against a rule is kept and becomes a snag, with the rule's reason.
      </Typography>
      {wishes.map((wish, index) => (
        <Stack
          // biome-ignore lint/suspicious/noArrayIndexKey: wishes are told by their place
          key={index}
          direction="row"
          role="group"
          aria-label={`Wish ${index + 1}`}
          sx={{ gap: 1.5, flexWrap: "wrap", alignItems: "center", borderBottom: 1, borderColor: "divider", py: 1.25 }}
        >
          <Typography sx={{ minWidth: 260 }}>
            <b>{name(wish.first)}</b> before <b>{name(wish.then)}</b>
          </Typography>
          <FieldRows fields={fieldsOf(catalogue, "wishes", wish as Part)} part={wish as Part} pointer={`/order/${index}`} called="a wish" />
          <Button size="small" color="error" onClick={() => drop(index)} aria-label={`Drop wish ${index + 1}`}>
            Drop it
          </Button>
        </Stack>
      ))}
      <NewWish />
    </Box>
  );
}

/** Asks first what stands against it, as a drag does. */
function NewWish() {
  const session = useBuildSession();
  const { id, evaluation } = useBuild();
  const [first, setFirst] = useState<Step | null>(null);
  const [later, setLater] = useState<Step | null>(null);
  const [answer, setAnswer] = useState<WhyNot | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  async function wish() {
    if (!first || !later) return;
    try {
      const told = await api.whyNot(id, first.id, later.id);
      setAnswer(told.reasons.length ? told : null);
      if (!told.reasons.length && told.patch.length) {
        session.edit("Wish an order", told.patch);
        setFirst(null);
        setLater(null);
      }
    } catch (error) {
      setWrong(error instanceof Error ? error.message : String(error));
    }
  }
  const pick = (set: (step: Step | null) => void) => (step: Step | null) => {
    setAnswer(null);
    set(step);
  };
  return (
    <Box sx={{ mt: 1.5 }}>
      <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap", alignItems: "center" }}>
        <StepPicker label="Do this" steps={evaluation.steps} value={first} onChange={pick(setFirst)} />
        <StepPicker label="before this" steps={evaluation.steps.filter((step) => step !== first)} value={later} onChange={pick(setLater)} />
        <Button variant="contained" disabled={!first || !later} onClick={() => void wish()}>
          Wish it
        </Button>
      </Stack>
      {answer && <WhyNotNote answer={answer} />}
      {wrong && (
        <Alert severity="error" onClose={() => setWrong(null)}>
          It could not be asked: {wrong}
        </Alert>
      )}
    </Box>
  );
}

interface PickerProps {
  label: string;
  steps: Step[];
  value: Step | null;
  onChange: (step: Step | null) => void;
}

function StepPicker({ label, steps, value, onChange }: PickerProps) {
  return (
    <Autocomplete
      size="small"
      sx={{ width: 340, maxWidth: "100%" }}
      options={steps}
      value={value}
      getOptionLabel={(step) => step.title}
      getOptionKey={(step) => step.id}
      isOptionEqualToValue={(one, other) => one.id === other.id}
      filterOptions={(all, { inputValue }) => matching(all, inputValue, (step) => step.title)}
      onChange={(_, step) => onChange(step)}
      renderInput={(params) => <TextField {...params} label={label} />}
    />
  );
}

/** What a wish speaks of: a part by its name, a course by what it is of and where it lies, work by its title. */
function idName(file: PlinthFile, id: string, materialName: (key: string) => string): string {
  const task = ((file.tasks ?? []) as Task[]).find((one) => one.id === id);
  if (task) return task.title;
  for (const list of ["forms", "zones", "features", "subjects", "waters"] as const)
    for (const part of file[list] ?? []) {
      if (part.id === id) return part.name ?? id;
      const courses = "courses" in part ? (part.courses ?? []) : [];
      const course = courses.find((one) => one.id === id);
      if (course) return `${materialName(course.material)} on ${part.name ?? part.id}`;
    }
  return id.replaceAll("-", " ");
}
