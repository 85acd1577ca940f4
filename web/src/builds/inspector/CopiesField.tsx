import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useState } from "react";
import { NumberField } from "../../common/NumberField";
import { count } from "../../common/words";
import { copied } from "../courses/clipboard";
import { bounds, corners } from "../plan/outline";
import { copiesPatch, copyPatch, nameOf, outlineOf } from "../plan/parts";
import { ranks } from "../plan/several";
import { useBuildSession, useFile } from "../useSession";

/** Room between two that stand in ranks, mm, to begin with. */
const BETWEEN_MM = 2;

/** One copy beside the part, or numbered copies in rows and ranks. */
export function CopiesField({ pointer }: { pointer: string }) {
  const session = useBuildSession();
  const file = useFile();
  const [open, setOpen] = useState(false);
  const [taken, setTaken] = useState<string | null>(null);
  const outline = outlineOf(file, pointer);
  const [across, setAcross] = useState(3);
  const [deep, setDeep] = useState(1);
  const [steps, setSteps] = useState<[number, number] | null>(null);
  if (!outline || outline.kind === "rest") return null;
  const name = nameOf(file, pointer);
  const [x0, y0, x1, y1] = bounds([corners(outline)]);
  const [stepX, stepY] = steps ?? [Math.ceil(x1 - x0) + BETWEEN_MM, Math.ceil(y1 - y0) + BETWEEN_MM];
  function copy() {
    const made = copyPatch(file, pointer);
    if (!made) return;
    session.edit(`Copy ${name}`, made.patch);
    session.select(made.pointer);
  }
  function array() {
    const made = copiesPatch(file, pointer, ranks(across, deep, stepX, stepY));
    if (made) session.edit(`Copy ${name} ${count(across * deep - 1, "time")}`, made.patch);
    setOpen(false);
  }
  return (
    <Stack sx={{ gap: 1 }}>
      <Stack direction="row" sx={{ gap: 1 }}>
        <Button size="small" variant="outlined" onClick={copy}>
          Copy
        </Button>
        <Button size="small" onClick={() => setOpen(!open)} aria-expanded={open}>
          Copies in ranks…
        </Button>
        <Button
          size="small"
          onClick={() => setTaken(copied(file, [pointer]) ? name : null)}
          title="It can then be pasted, into another build, too"
        >
          {taken === name ? "Taken along" : "Take along"}
        </Button>
      </Stack>
      {open && (
        <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap" }} role="group" aria-label="Copies in ranks">
          <NumberField label="Across" value={across} min={1} step={1} whole width={90} onChange={setAcross} />
          <NumberField label="In depth" value={deep} min={1} step={1} whole width={90} onChange={setDeep} />
          <NumberField label="Every, across" unit="mm" value={stepX} step={1} width={124} onChange={(value) => setSteps([value, stepY])} />
          <NumberField label="Every, depth" unit="mm" value={stepY} step={1} width={124} onChange={(value) => setSteps([stepX, value])} />
          <Button variant="contained" disabled={across * deep < 2 || across * deep > MOST} onClick={array}>
            {across * deep > MOST ? `${MOST} at the most` : `Make ${count(across * deep - 1, "copy", "copies")}`}
          </Button>
        </Stack>
      )}
    </Stack>
  );
}

/** More of one thing than this is not drawn by hand. */
const MOST = 200;
