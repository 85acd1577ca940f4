import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useRef, useState } from "react";
import type { Course, Zone } from "../../api/types";
import { capital } from "../../common/words";
import { valueAt } from "../plan/parts";
import { useBuildSession, useFile, useOfBuild } from "../useSession";
import { CourseRow } from "./CourseRow";
import { LaidPicker } from "./LaidPicker";
import { laidAs } from "./laid";
import { StacksBar } from "./StacksBar";

/** The courses of one zone, of a water, a feature or of a side of the plinth, as a stack, the topmost above: add, edit, drag into another order, take out. */
export function CoursesPanel({ pointer }: { pointer: string }) {
  const session = useBuildSession();
  const file = useFile();
  const zone = valueAt(file, pointer) as unknown as Zone;
  const courses: Course[] = zone.courses ?? [];
  const list = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<{ from: number; to: number } | null>(null);

  /** Which place in the stack a height on the screen is, for a course lifted out of it: rows run from the top course down. */
  function placeAt(clientY: number, lifted: number): number {
    const others = [...(list.current?.querySelectorAll("[data-course]") ?? [])].filter(
      (row) => row.getAttribute("data-course") !== String(lifted),
    );
    const above = others.filter((row) => {
      const frame = row.getBoundingClientRect();
      return clientY > frame.top + frame.height / 2;
    }).length;
    return courses.length - 1 - above;
  }

  function reorder(from: number, to: number) {
    if (from === to || to < 0 || to >= courses.length) return;
    session.select(`${pointer}/courses/${to}`);
    session.edit("Reorder the courses", [{ op: "move", from: `${pointer}/courses/${from}`, path: `${pointer}/courses/${to}` }]);
  }

  return (
    <Box component="section" aria-label="Courses">
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        {capital(zone.name ?? zone.id ?? "")}: courses, top to bottom
      </Typography>
      <Box ref={list} role="list">
        {courses
          .map((_, i) => courses.length - 1 - i)
          .map((index) => (
            <CourseRow
              key={courses[index].id ?? index}
              pointer={`${pointer}/courses/${index}`}
              course={courses[index]}
              count={courses.length}
              index={index}
              lifted={drag?.from === index}
              target={drag !== null && drag.to === index && drag.from !== index ? (drag.to > drag.from ? "above" : "below") : null}
              onMove={(by) => reorder(index, index + by)}
              onDrag={(phase, clientY) => {
                if (phase === "start") setDrag({ from: index, to: index });
                else if (phase === "move") setDrag({ from: index, to: placeAt(clientY, index) });
                else if (phase === "end") {
                  setDrag(null);
                  reorder(index, placeAt(clientY, index));
                }
              }}
            />
          ))}
      </Box>
      {courses.length === 0 && (
        <Typography color="text.secondary" sx={{ py: 1 }}>
          Bare so far. What is laid here first?
        </Typography>
      )}
      <AddCourse pointer={pointer} count={zone.courses?.length} />
      {!pointer.startsWith("/waters/") && <StacksBar pointer={pointer} courses={courses} />}
    </Box>
  );
}

/** Lays one more course on top, which is then lit, so that its values are typed at once. Measures start as the material's usual ones: the
 * core fills in what is not given. */
function AddCourse({ pointer, count }: { pointer: string; count: number | undefined }) {
  const session = useBuildSession();
  const [wrong, setWrong] = useState<string | null>(null);
  const id = useOfBuild((build) => build.id);
  async function lay(key: string, name: string) {
    const { material, patch } = await laidAs(id, key);
    const course = { material };
    session.edit(`Lay ${name}`, [
      ...patch,
      count === undefined
        ? { op: "add", path: `${pointer}/courses`, value: [course] }
        : { op: "add", path: `${pointer}/courses/-`, value: course },
    ]);
    session.select(`${pointer}/courses/${count ?? 0}`);
  }
  return (
    <Stack sx={{ mt: 1 }}>
      {wrong && (
        <Alert severity="error" onClose={() => setWrong(null)}>
          The recipe was not copied: {wrong}
        </Alert>
      )}
      <LaidPicker
        label="Lay another course on top"
        value={null}
        onChange={(key, name) => void lay(key, name).catch((error: Error) => setWrong(error.message))}
        placeholder="paste, sand, PVA, gesso, grass…"
      />
    </Stack>
  );
}
