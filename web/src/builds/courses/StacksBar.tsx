import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../../api/client";
import type { Course } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { freshKey } from "../../common/freshKey";
import { count } from "../../common/words";
import { nameOf } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";
import { type Carried, carried, coursesCopied, coursesKept, coursesPatch, pasted } from "./clipboard";

const MOST_NAME = 60;

/** Courses carried from ground to ground and from build to build: copied, pasted, or kept in the workshop under a name. */
export function StacksBar({ pointer, courses }: { pointer: string; courses: Course[] }) {
  const session = useBuildSession();
  const file = useFile();
  const client = useQueryClient();
  const { stacks } = useCatalogue();
  const [, again] = useState(0);
  const [naming, setNaming] = useState<string | null>(null);
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);

  async function tried(work: () => Promise<unknown>) {
    try {
      await work();
      await client.invalidateQueries({ queryKey: ["catalogue"] });
    } catch (error) {
      setWrong(error instanceof Error ? error.message : String(error));
    }
  }
  const keep = (name: string) =>
    tried(async () => {
      const key = freshKey(name, "stack", new Set(stacks.map((one) => one.key)));
      await api.putEntry("stacks", key, { name, ...carried(file, courses) });
      setNaming(null);
    });
  function paste() {
    const change = pasted(file, pointer);
    if (change) session.edit(change.label, change.patch);
  }
  function lay(stack: (typeof stacks)[number]) {
    setMenu(null);
    session.edit(`Lay ${stack.name} on ${nameOf(file, pointer)}`, coursesPatch(file, pointer, stack as unknown as Carried));
  }
  return (
    <Stack sx={{ gap: 0.5, mt: 1 }}>
      {wrong && (
        <Alert severity="error" onClose={() => setWrong(null)}>
          Not kept: {wrong}
        </Alert>
      )}
      <Stack direction="row" sx={{ gap: 0.5, flexWrap: "wrap", alignItems: "center" }}>
        {courses.length > 0 && (
          <>
            <Button
              size="small"
              onClick={() => {
                coursesCopied(file, courses);
                again((times) => times + 1);
              }}
            >
              Copy the courses
            </Button>
            <Button
              size="small"
              onClick={() => setNaming(naming === null ? `my ${nameOf(file, pointer)}` : null)}
              aria-expanded={naming !== null}
            >
              Keep them as…
            </Button>
          </>
        )}
        {coursesKept() && (
          <Button size="small" onClick={paste}>
            Paste courses
          </Button>
        )}
        {stacks.length > 0 && (
          <Button size="small" onClick={(event) => setMenu(event.currentTarget)} aria-haspopup="menu">
            Lay a stack of yours…
          </Button>
        )}
      </Stack>
      {naming !== null && (
        <Stack
          direction="row"
          component="form"
          sx={{ gap: 1 }}
          onSubmit={(event) => {
            event.preventDefault();
            void keep(naming.trim());
          }}
        >
          <TextField
            label="Keep these courses as"
            value={naming}
            onChange={(event) => setNaming(event.target.value)}
            sx={{ flex: 1 }}
            slotProps={{ htmlInput: { maxLength: MOST_NAME } }}
          />
          <Button type="submit" variant="contained" disabled={!naming.trim()}>
            Keep
          </Button>
        </Stack>
      )}
      <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
        {stacks.map((stack) => (
          <MenuItem key={stack.key} onClick={() => lay(stack)} sx={{ gap: 1 }}>
            {stack.name}
            <Typography component="span" color="text.secondary" sx={{ flex: 1 }}>
              {count(stack.courses.length, "course")}
            </Typography>
            <IconButton
              size="small"
              aria-label={`Forget ${stack.name}`}
              onClick={(event) => {
                event.stopPropagation();
                void tried(() => api.deleteEntry("stacks", stack.key));
              }}
            >
              ×
            </IconButton>
          </MenuItem>
        ))}
      </Menu>
    </Stack>
  );
}
