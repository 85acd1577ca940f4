import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import type { Drawing, PlinthFile, Within } from "../../api/types";
import { useCatalogue, usualWork } from "../../common/catalogue";
import { capital, count } from "../../common/words";
import { bounds, corners } from "../plan/outline";
import { PlanShapes } from "../plan/PlanShapes";
import { freshId } from "../plan/parts";
import { useBuild, useBuildSession, useFile, useSession } from "../useSession";
import { BodyFields } from "./BodyFields";
import { VariantFields } from "./VariantFields";

/** Which base the pages below show: each drawn small, with how many there are of it; a further one is made here. */
export function WithinBar() {
  const build = useBuild();
  const file = useFile();
  const session = useBuildSession();
  const within = useSession((state) => state.within);
  const shown = build.within.find((one) => one.id === within) ?? null;
  if (!build.within.length)
    return (
      <Box component="nav" aria-label="Bases of this build" sx={{ px: 1.5, py: 0.25, borderBottom: 1, borderColor: "divider" }}>
        <Making />
      </Box>
    );
  return (
    <Box component="nav" aria-label="Bases of this build" sx={{ px: 1.5, py: 0.75, borderBottom: 1, borderColor: "divider" }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={shown?.id ?? ""}
          onChange={(_, id: string | null) => id !== null && session.enter(id || null)}
          aria-label="Which base is shown"
          sx={{ flexWrap: "wrap" }}
        >
          <ToggleButton value="" sx={BASE}>
            <Small drawing={build.drawing} />
            {file.variants?.length ? `All others, ${plainOf(file)}` : "The base"}
          </ToggleButton>
          {build.within.map((one) => (
            <ToggleButton key={one.id} value={one.id} sx={BASE}>
              <Small drawing={one.drawing} />
              {wordsOf(one)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Making />
      </Box>
      {shown?.bases && <VariantFields key={shown.id} within={shown} />}
      {shown?.place && <BodyFields key={shown.id} within={shown} />}
    </Box>
  );
}

const BASE = { textTransform: "none", gap: 1, py: 0.25 };

/** Copies that are as the file has them. */
const plainOf = (file: PlinthFile): number => (file.copies ?? 1) - (file.variants ?? []).reduce((sum, one) => sum + one.count, 0);

/** "Leader, 1 base". */
const wordsOf = ({ name, bases }: Within): string =>
  bases ? `${capital(name)}, ${count(bases[1] - bases[0] + 1, "base")}` : capital(name);

function Small({ drawing }: { drawing: Drawing }) {
  const [x0, y0, x1, y1] = bounds(drawing.foot);
  return (
    <svg viewBox={`${x0} ${-y1} ${x1 - x0} ${y1 - y0}`} width={40} height={28} aria-hidden>
      <g transform="scale(1 -1)">
        <PlanShapes drawing={drawing} thumbnail />
      </g>
    </svg>
  );
}

/** Makes one more of them, which is shown then. */
function Making() {
  const build = useBuild();
  const file = useFile();
  const session = useBuildSession();
  const catalogue = useCatalogue();
  function make(list: "variants" | "bodies") {
    const id = freshId(file, list === "variants" ? "variant" : "body");
    const start = usualWork(catalogue, "new_body");
    const half = bounds([corners(file.plinth.outline)])[2];
    // To the right of all that stand there.
    const right = Math.max(half, ...build.within.map((one) => (one.place ? one.place.at_mm[0] + bounds(one.drawing.foot)[2] : half)));
    const beside = Math.round(right + half + ((start?.apart_mm as number) ?? 0));
    const made =
      list === "variants"
        ? { id, name: "other copy", count: 1 }
        : {
            id,
            name: "further body",
            plinth: { ...file.plinth, top_outline: undefined },
            zones: [{ id: freshId(file, "ground"), ...start?.start }],
            place: { at_mm: [beside, 0] },
          };
    session.edit(list === "variants" ? "Let a copy differ" : "Add a further body", [
      file[list] ? { op: "add", path: `/${list}/-`, value: made } : { op: "add", path: `/${list}`, value: [made] },
    ]);
    session.enter(id);
  }
  return (
    <>
      {plainOf(file) > 1 && (
        <Button size="small" onClick={() => make("variants")}>
          Copies that differ…
        </Button>
      )}
      <Button size="small" onClick={() => make("bodies")}>
        A further body…
      </Button>
    </>
  );
}
