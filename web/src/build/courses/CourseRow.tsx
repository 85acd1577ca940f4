import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import TextField from "@mui/material/TextField";
import type { Course, PatchOperation } from "../../api/types";
import { NumberField } from "../../common/NumberField";
import { materialOf, useCatalogue } from "../../common/useCatalogue";
import { plain, span } from "../../common/words";
import { Hatches, hatchOf } from "../section/hatches";
import { useBuild, useBuildSession, useSelection, within } from "../useSession";
import { type Measure, measuresOf, measureWords } from "./measures";

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
  const build = useBuild();
  const selection = useSelection();
  const { bench } = useTheme();
  const catalogue = useCatalogue();
  const material = materialOf(catalogue, course.material);
  const on = selection.pointer === pointer;
  const steps = build.evaluation.steps.filter((step) => step.where.some((where) => within(where, pointer)));
  const dry = steps.length ? steps.map((step) => step.tail_min).reduce((a, b) => (a === null || b === null ? null : Math.max(a, b))) : null;
  const name = material?.name ?? plain(course.material);
  return (
    <Box
      role="listitem"
      data-course={index}
      sx={{
        borderBottom: 1,
        borderColor: "divider",
        bgcolor: on ? bench.lit : undefined,
        opacity: lifted ? 0.5 : 1,
        boxShadow: target === "above" ? `inset 0 3px 0 ${bench.accent}` : target === "below" ? `inset 0 -3px 0 ${bench.accent}` : undefined,
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
          <rect width={26} height={18} fill={course.colour ?? material?.colour ?? "#bbb"} />
          <rect width={26} height={18} fill={`url(#row-${index}-${hatchOf(material?.family)})`} stroke="#1b1510" strokeOpacity={0.5} />
        </svg>
        <Button
          color="inherit"
          onClick={() => session.select(on ? pointer.split("/").slice(0, 3).join("/") : pointer)}
          aria-expanded={on}
          sx={{ flex: 1, justifyContent: "flex-start", textAlign: "left", px: 0.5, lineHeight: 1.2 }}
        >
          {name}
        </Button>
        <Box sx={{ color: "text.secondary", textAlign: "right", fontSize: 14 }}>{measureWords(course, material)}</Box>
        <Box sx={{ width: 74, textAlign: "right", fontSize: 14, pr: 0.5 }} title="Dry through after">
          {span(dry)}
        </Box>
      </Stack>
      {on && (
        <CourseValues
          pointer={pointer}
          course={course}
          measures={measuresOf(material)}
          first={index === 0}
          last={index === count - 1}
          name={name}
          onMove={onMove}
        />
      )}
    </Box>
  );
}

const FIELDS: Record<Exclude<Measure, "grain_mm">, { label: string; unit?: string; min: number; step: number; whole?: boolean }> = {
  thickness_mm: { label: "Thickness", unit: "mm", min: 0.01, step: 0.1 },
  coats: { label: "Coats", min: 1, step: 1, whole: true },
  cover_pct: { label: "Cover", unit: "%", min: 1, step: 5 },
  count: { label: "Pieces", min: 1, step: 1, whole: true },
  length_mm: { label: "Length", unit: "mm", min: 0.1, step: 0.5 },
};

function CourseValues({
  pointer,
  course,
  measures,
  first,
  last,
  name,
  onMove,
}: {
  pointer: string;
  course: Course;
  measures: Measure[];
  first: boolean;
  last: boolean;
  name: string;
  onMove: (by: number) => void;
}) {
  const session = useBuildSession();
  const edit = (key: string, value: unknown) => session.edit(`Change ${name}`, [{ op: "add", path: `${pointer}/${key}`, value }]);
  const clear = (key: keyof Course) =>
    course[key] === undefined
      ? undefined
      : () => session.edit(`Change ${name}`, [{ op: "remove", path: `${pointer}/${key}` } as PatchOperation]);
  return (
    <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1, p: 1, pt: 1.25 }}>
      {measures.map((measure) =>
        measure === "grain_mm" ? (
          <Stack key={measure} direction="row" sx={{ gap: 1 }}>
            {["Grains from", "Grains to"].map((label, end) => (
              <NumberField
                key={label}
                label={label}
                empty="usual"
                unit="mm"
                min={0}
                step={0.1}
                width={118}
                value={course.grain_mm?.[end]}
                onChange={(value) => {
                  const [from, to] = course.grain_mm ?? [value, value];
                  edit("grain_mm", end === 0 ? [value, Math.max(to, value)] : [Math.min(from, value), value]);
                }}
                onClear={clear("grain_mm")}
              />
            ))}
          </Stack>
        ) : (
          <NumberField
            key={measure}
            {...FIELDS[measure]}
            empty={measure === "cover_pct" ? "100" : "usual"}
            width={118}
            value={course[measure]}
            onChange={(value) => edit(measure, value)}
            onClear={clear(measure)}
          />
        ),
      )}
      <TextField
        label="Colour"
        type="color"
        value={course.colour ?? "#808080"}
        onChange={(event) => edit("colour", event.target.value)}
        sx={{ width: 82 }}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <Stack direction="row" sx={{ alignItems: "center" }}>
        <Button size="small" disabled={last} onClick={() => onMove(1)}>
          Lay later
        </Button>
        <Button size="small" disabled={first} onClick={() => onMove(-1)}>
          Lay earlier
        </Button>
        <Button
          size="small"
          color="error"
          onClick={() => {
            session.select(pointer.split("/").slice(0, 3).join("/"));
            session.edit(`Take out ${name}`, [{ op: "remove", path: pointer }]);
          }}
        >
          Take out
        </Button>
      </Stack>
    </Stack>
  );
}
