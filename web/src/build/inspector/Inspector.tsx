import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Outline } from "../../api/types";
import { capital } from "../../common/words";
import { nameOf, placedPart, takeOutPatch, valueAt } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";
import { FeatureFields } from "./FeatureFields";
import { FormFields } from "./FormFields";
import { OutlineFields } from "./OutlineFields";
import { SubjectFields } from "./SubjectFields";
import { WaterFields } from "./WaterFields";
import { ZoneFields } from "./ZoneFields";

/** The exact values of the lit part. */
export function Inspector({ pointer }: { pointer: string }) {
  const session = useBuildSession();
  const file = useFile();
  const path = placedPart(pointer);
  const part = valueAt(file, path);
  if (!part) return null;
  const name = nameOf(file, path);
  const put = (key: string, value: unknown, label = "Change") =>
    session.edit(`${label} ${name}`, [{ op: "add", path: `${path}/${key}`, value }]);
  const clear = (key: string) => part[key] !== undefined && session.edit(`Change ${name}`, [{ op: "remove", path: `${path}/${key}` }]);
  const list = path.split("/")[1];
  const outline = part.outline as Outline | undefined;
  return (
    <Box component="section" aria-label="Exact values">
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "center", gap: 1 }}>
        <NameField name={capital(name)} onChange={(value) => put("name", value, "Rename")} fixed={path === "/plinth"} />
        {path !== "/plinth" && (
          <Button
            size="small"
            color="error"
            onClick={() => {
              session.select(null);
              session.edit(`Take out ${name}`, takeOutPatch(path));
            }}
          >
            Take out
          </Button>
        )}
        <Button size="small" onClick={() => session.select(null)}>
          All parts
        </Button>
      </Stack>
      <Stack sx={{ gap: 1.25, mt: 1.25 }}>
        {list === "forms" && <FormFields part={part} pointer={path} put={put} />}
        {list === "zones" && <ZoneFields part={part} put={put} />}
        {list === "waters" && <WaterFields part={part} pointer={path} put={put} clear={clear} />}
        {list === "features" && <FeatureFields part={part} pointer={path} put={put} clear={clear} />}
        {list === "subjects" && <SubjectFields part={part} put={put} clear={clear} />}
        {outline && <OutlineFields outline={outline} placed={path !== "/plinth"} onChange={(next, label) => put("outline", next, label)} />}
      </Stack>
    </Box>
  );
}

function NameField({ name, onChange, fixed }: { name: string; onChange: (name: string) => void; fixed: boolean }) {
  const [text, setText] = useState(name);
  useEffect(() => setText(name), [name]);
  if (fixed)
    return (
      <Typography variant="h2" sx={{ flex: 1 }}>
        {name}
      </Typography>
    );
  const settle = () => (text.trim() && text !== name ? onChange(text.trim()) : setText(name));
  return (
    <TextField
      variant="standard"
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={settle}
      onKeyDown={(event) => event.key === "Enter" && settle()}
      sx={{ flex: 1 }}
      slotProps={{
        htmlInput: {
          "aria-label": "Name",
          maxLength: 80,
          style: { fontFamily: '"Zilla Slab", serif', fontWeight: 700, fontSize: "1.15rem" },
        },
      }}
    />
  );
}
