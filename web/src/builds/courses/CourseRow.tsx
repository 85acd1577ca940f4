import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import type { Course } from "../../api/types";
import { kindOf, materialOf, useCatalogue, usualWork } from "../../common/catalogue";
import { span } from "../../common/words";
import { FieldRows } from "../inspector/FieldRows";
import { MoreFields } from "../inspector/MoreFields";
import { fieldsOf, moreOf, type Part } from "../inspector/partFields";
import { nameOf, placedPart, valueAt } from "../plan/parts";
import { askToDraw } from "../plan/useAskedToDraw";
import { Hatches, hatchOf } from "../section/hatches";
import { useBuildSession, useFile, useOfBuild, useSelection, within } from "../useSession";
import { courseWords, measuresOf } from "./courseWords";
import { laidName } from "./laid";

interface Props {
  pointer: string;
  course: Course;
  index: number;
  count: number;
  lifted: boolean;
  target: "above" | "below" | null;
  onMove: (by: number) => void;
  onDrag: (phase: "start" | "move" | "end", clientY: number) => void;
}

/** One course in the stack; unfolds to its exact values when it is the lit one. */
export function CourseRow({ pointer, course, index, count, lifted, target, onMove, onDrag }: Props) {
  const session = useBuildSession();
  const allSteps = useOfBuild((build) => build.evaluation.steps);
  const selection = useSelection();
  const { tints } = useTheme();
  const catalogue = useCatalogue();
  const material = materialOf(catalogue, course.material);
  const on = selection.pointer === pointer;
  const steps = allSteps.filter((step) => step.where.some((where) => within(where, pointer)));
  const dry = steps.length ? steps.map((step) => step.tail_min).reduce((a, b) => (a === null || b === null ? null : Math.max(a, b))) : null;
  const file = useFile();
  const tone = useOfBuild((build) => build.evaluation.palette.tones).find((one) => one.material === course.material && one.mix)?.colour;
  const name = laidName(catalogue, file, course.material);
  return (
    <Box
      role="listitem"
      data-course={index}
      sx={{
        borderBottom: 1,
        borderColor: "divider",
        bgcolor: on ? tints.lit : undefined,
        opacity: lifted ? 0.5 : 1,
        boxShadow: target === "above" ? `inset 0 3px 0 ${tints.accent}` : target === "below" ? `inset 0 -3px 0 ${tints.accent}` : undefined,
      }}
    >
      <Stack direction="row" sx={{ alignItems: "center", gap: 1 }}>
        <Box
          aria-hidden
          sx={{ cursor: "grab", touchAction: "none", px: 0.75, py: 1, color: "text.secondary", fontSize: 18, lineHeight: 1 }}
          title="Drag to another place in the stack"
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            onDrag("start", event.clientY);
          }}
          onPointerMove={(event) => event.buttons && onDrag("move", event.clientY)}
          onPointerUp={(event) => onDrag("end", event.clientY)}
        >
          ⠿
        </Box>
        <svg width={26} height={18} aria-hidden>
          <Hatches id={`row-${index}`} />
          <rect width={26} height={18} fill={course.colour ?? tone ?? material?.colour ?? "#bbb"} />
          <rect
            width={26}
            height={18}
            fill={`url(#row-${index}-${hatchOf(catalogue, material?.family)})`}
            stroke="#1b1510"
            strokeOpacity={0.5}
          />
        </svg>
        <Button
          color="inherit"
          onClick={() => session.select(on ? placedPart(pointer) : pointer)}
          aria-expanded={on}
          sx={{ flex: 1, justifyContent: "flex-start", textAlign: "left", px: 0.5, lineHeight: 1.2 }}
        >
          {name}
        </Button>
        <Box sx={{ color: "text.secondary", textAlign: "right", fontSize: 14 }}>{courseWords(catalogue, course)}</Box>
        <Box sx={{ width: 74, textAlign: "right", fontSize: 14, pr: 0.5 }} title="Dry through after">
          {span(dry)}
        </Box>
      </Stack>
      {on && <CourseValues pointer={pointer} course={course} index={index} count={count} onMove={onMove} />}
    </Box>
  );
}

/** Its exact values, and where it lies in the stack. */
function CourseValues({ pointer, course, index, count, onMove }: Pick<Props, "pointer" | "course" | "index" | "count" | "onMove">) {
  const session = useBuildSession();
  const catalogue = useCatalogue();
  const file = useFile();
  const name = nameOf(file, pointer);
  const list = pointer.startsWith("/waters/") ? "water_courses" : "courses";
  const roofed = pointer.startsWith("/features/") && valueAt(file, placedPart(pointer))?.roof !== undefined;
  return (
    <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1, p: 1, pt: 1.25 }}>
      <FieldRows
        fields={[
          ...fieldsOf(catalogue, "courses", course as Part),
          ...measuresOf(catalogue, course),
          ...(pointer.startsWith("/waters/") ? fieldsOf(catalogue, "water_courses", course as Part) : []),
          ...(roofed ? fieldsOf(catalogue, "face_courses", course as Part) : []),
        ]}
        part={course}
        pointer={pointer}
      />
      {pointer.startsWith("/waters/") && <OwnPlace pointer={pointer} course={course} />}
      <Box sx={{ width: "100%" }}>
        <MoreFields fields={moreOf(catalogue, list, course as Part)} part={course as Part} pointer={pointer} />
      </Box>
      <Stack direction="row" sx={{ alignItems: "center" }}>
        <Button size="small" disabled={index === count - 1} onClick={() => onMove(1)}>
          Lay later
        </Button>
        <Button size="small" disabled={index === 0} onClick={() => onMove(-1)}>
          Lay earlier
        </Button>
        <Button
          size="small"
          color="error"
          onClick={() => {
            session.select(placedPart(pointer));
            session.edit(`Take out ${name}`, [{ op: "remove", path: pointer }]);
          }}
        >
          Take out
        </Button>
      </Stack>
    </Stack>
  );
}

/** A course that lies on a place of its own: drawn on the plan, or laid along the section line, which is pulled where it is wanted. */
function OwnPlace({ pointer, course }: { pointer: string; course: Course }) {
  const session = useBuildSession();
  const catalogue = useCatalogue();
  const cut = useOfBuild((build) => build.sections[0]);
  if (!kindOf(catalogue, "water_spots", course.on)?.drawn) return null;
  const along = cut && { kind: "strip", points_mm: [cut.from, cut.to], width_mm: usualWork(catalogue, "strip_laid")?.width_mm };
  return (
    <>
      <Button size="small" variant="outlined" onClick={() => askToDraw(pointer)}>
        {(course as Part).outline ? "Draw its place anew" : "Draw its place"}
      </Button>
      {along && (
        <Button
          size="small"
          variant="outlined"
          onClick={() => session.edit("Lay it along the section", [{ op: "add", path: `${pointer}/outline`, value: along }])}
        >
          Lay it along section A
        </Button>
      )}
    </>
  );
}
