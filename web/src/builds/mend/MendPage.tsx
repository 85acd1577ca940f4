import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import { Brand } from "../../common/Brand";
import { placeWords } from "../../common/placeWords";
import { capital, count } from "../../common/words";
import { Saved } from "../Saved";
import type { Session } from "../sessionState";
import { useBuildSession } from "../useSession";
import { at, type Mended, mendingPatch, shown } from "./mending";

/** A build that cannot be opened as it is: what is wrong with its file, each place to be put right, and ways back. */
export function MendPage({ broken, refused }: { broken: NonNullable<Session["broken"]>; refused: Session["refused"] }) {
  const session = useBuildSession();
  const { build, problem } = broken;
  const [mended, setMended] = useState<Record<string, Mended>>({});
  const problems = (refused?.problems ?? problem.problems ?? []).filter((one) => one.pointer !== undefined);
  const title = typeof build.file.title === "string" ? build.file.title : "Untitled";
  return (
    <Box sx={{ maxWidth: 860, mx: "auto", p: 2 }}>
      <Stack component="header" direction="row" sx={{ alignItems: "center", gap: 2, flexWrap: "wrap", mb: 2 }}>
        <Brand component={Link} to="/" />
        <Typography variant="h1" sx={{ flex: 1 }}>
          {title}
        </Typography>
        <Saved />
        <Button component={Link} to="/">
          To the shelf
        </Button>
      </Stack>
      <Box component="main">
        <Alert severity="warning" sx={{ mb: 2 }}>
          This build cannot be opened as it is: {count(problems.length, "thing")} in its file to be put right. Nothing of it is lost.
        </Alert>
        {problems.map((one) => (
          <Place
            key={one.pointer}
            pointer={one.pointer}
            words={capital(placeWords(one.pointer, build.file))}
            message={one.message}
            value={at(build.file, one.pointer)}
            mended={mended[one.pointer]}
            onChange={(to) => setMended({ ...mended, [one.pointer]: to })}
          />
        ))}
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: "wrap", mt: 2 }}>
          <Button
            variant="contained"
            disabled={!mendingPatch(build.file, mended).length}
            onClick={() => session.edit("Mend the file", mendingPatch(build.file, mended))}
          >
            Put it right
          </Button>
          {build.undo && (
            <Button variant="outlined" onClick={() => session.move("undo")}>
              Undo: {build.undo}
            </Button>
          )}
          {build.redo && (
            <Button variant="outlined" onClick={() => session.move("redo")}>
              Redo: {build.redo}
            </Button>
          )}
          <Button component="a" href={api.exported(build.id, "json")}>
            Save the plinth file as it is
          </Button>
        </Stack>
      </Box>
    </Box>
  );
}

function Place({
  pointer,
  words,
  message,
  value,
  mended,
  onChange,
}: {
  pointer: string;
  words: string;
  message: string;
  value: unknown;
  mended: Mended | undefined;
  onChange: (to: Mended) => void;
}) {
  const out = mended === "out";
  return (
    <Paper component="section" aria-label={words} variant="outlined" sx={{ p: 1.5, mb: 1.5 }}>
      <Typography sx={{ overflowWrap: "anywhere" }}>
        <strong>{words}</strong> {message}.
      </Typography>
      {pointer !== "" && (
        <Stack direction="row" sx={{ gap: 1.5, mt: 1, alignItems: "center", flexWrap: "wrap" }}>
          <TextField
            label={value === undefined ? "Put here" : "Put here instead"}
            disabled={out}
            value={out ? "" : (mended?.text ?? shown(value))}
            onChange={(event) => onChange({ text: event.target.value })}
            sx={{ flex: 1, minWidth: 220 }}
          />
          {value !== undefined && (
            <Button color={out ? "primary" : "error"} onClick={() => onChange(out ? { text: shown(value) } : "out")}>
              {out ? "Leave it in" : "Take it out"}
            </Button>
          )}
        </Stack>
      )}
    </Paper>
  );
}
