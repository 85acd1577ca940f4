import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import type { CutLine } from "../../api/types";
import { bounds } from "../plan/outline";
import { CUT_NAMES } from "../plan/PlanOverlay";
import { sectionAt, useRehearsed } from "../rehearsal/useRehearsal";
import { MOST_CUTS } from "../sessionState";
import { useBuild, useBuildSession, useSession } from "../useSession";
import { SectionView } from "./SectionView";

/** Up to three cuts through the base, each moved and turned by its own line on the plan. */
export function SectionsPanel() {
  const { sections, drawing, file } = useBuild();
  const session = useBuildSession();
  const rehearsed = useRehearsed();
  // Lines that were pulled a moment ago are not in the build yet.
  const pulled = useSession((state) => state.cuts);
  const lines = pulled ?? sections.map((section) => [...section.from, ...section.to] as CutLine);

  /** Square to the first, through the middle of the base; a third along its quarter. */
  function add() {
    const [x0, y0, x1, y1] = bounds(drawing.foot);
    const x = lines.length === 1 ? (x0 + x1) / 2 : x0 + (x1 - x0) / 4;
    session.cutAt([...lines, [x, y0, x, y1]]);
  }

  return (
    <Stack sx={{ gap: 1 }}>
      {sections.map((section, index) => (
        <SectionView
          key={CUT_NAMES[index]}
          section={sectionAt(section, index, rehearsed, file)}
          name={CUT_NAMES[index]}
          onDrop={sections.length > 1 ? () => session.cutAt(lines.filter((_, i) => i !== index)) : undefined}
        />
      ))}
      {lines.length < MOST_CUTS && (
        <Button size="small" onClick={add} sx={{ alignSelf: "flex-start" }}>
          Another section
        </Button>
      )}
    </Stack>
  );
}
