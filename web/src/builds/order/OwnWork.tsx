import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { Task } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { FieldRows } from "../inspector/FieldRows";
import { fieldsOf, type Part } from "../inspector/partFields";
import { freshId } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";

/** Work that the design does not imply: crew to paint, a part to print. It is planned with the rest. */
export function OwnWork() {
  const session = useBuildSession();
  const file = useFile();
  const catalogue = useCatalogue();
  const record = catalogue.parts.find((part) => part.key === "tasks");
  const tasks = (file.tasks ?? []) as Task[];
  function add() {
    const task = { id: freshId(file, record?.stem ?? "task"), ...record?.start };
    session.edit("Add work of your own", [
      file.tasks ? { op: "add", path: "/tasks/-", value: task } : { op: "add", path: "/tasks", value: [task] },
    ]);
  }
  const takeOut = (index: number) =>
    session.edit(`Take out ${tasks[index].title}`, [{ op: "remove", path: tasks.length === 1 ? "/tasks" : `/tasks/${index}` }]);
  return (
    <Box component="section" aria-label="Work of your own" sx={{ mt: 1 }}>
      <Typography color="text.secondary">
        What the design does not imply: crew to paint, a part to print, bushes made the day before. It is planned with all the rest.
      </Typography>
      {tasks.map((task, index) => (
        <Stack
          key={task.id}
          direction="row"
          role="group"
          aria-label={task.title}
          sx={{ gap: 1, flexWrap: "wrap", alignItems: "flex-start", borderBottom: 1, borderColor: "divider", py: 1.5 }}
        >
          <FieldRows
            fields={fieldsOf(catalogue, "tasks", task as unknown as Part)}
            part={task as Part}
            pointer={`/tasks/${index}`}
            called={task.title}
          />
          <Button size="small" color="error" onClick={() => takeOut(index)} aria-label={`Take out ${task.title}`}>
            Take out
          </Button>
        </Stack>
      ))}
      <Button variant="outlined" sx={{ mt: 1.5 }} onClick={add}>
        {tasks.length ? "More work of your own" : "Work of your own"}
      </Button>
    </Box>
  );
}
