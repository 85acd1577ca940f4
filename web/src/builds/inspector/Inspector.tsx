import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Catalogue, Feature, Subject } from "../../api/types";
import { has, kindOf, standingKind, useCatalogue } from "../../common/catalogue";
import { capital } from "../../common/words";
import { PartPhotographs } from "../photographs/PartPhotographs";
import { nameOf, placedPart, takeOutPatch, valueAt } from "../plan/parts";
import { useBuildSession, useFile, useSelection } from "../useSession";
import { CopiesField } from "./CopiesField";
import { FacesPanel } from "./FacesPanel";
import { FieldRows } from "./FieldRows";
import { FinishSide } from "./FinishSide";
import { GroundTools } from "./GroundTools";
import { MarkingsPanel } from "./MarkingsPanel";
import { MoreFields } from "./MoreFields";
import { PartFigures } from "./PartFigures";
import { fieldsOf, listOf, moreOf, type Part } from "./partFields";
import { SeveralPanel } from "./SeveralPanel";
import { Waterplanes } from "./Waterplanes";

/** The exact values of the lit part, or what can be done with several. */
export function Inspector({ pointer }: { pointer: string }) {
  const { also = [] } = useSelection();
  return also.length ? <SeveralPanel pointers={[pointer, ...also.map(placedPart)]} /> : <OneInspector pointer={pointer} />;
}

/** A field for each member that the part's kind has. */
function OneInspector({ pointer }: { pointer: string }) {
  const session = useBuildSession();
  const file = useFile();
  const catalogue = useCatalogue();
  const path = placedPart(pointer);
  const part = valueAt(file, path);
  if (!part) return null;
  const name = nameOf(file, path);
  return (
    <Box component="section" aria-label="Exact values">
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "center", gap: 1 }}>
        <NameField
          name={capital(name)}
          onChange={(value) => session.edit(`Rename ${name}`, [{ op: "add", path: `${path}/name`, value }])}
          fixed={path === "/plinth"}
        />
        {path === "/plinth" && <FinishSide />}
        {path.startsWith("/subjects/") && has(standingKind(catalogue, String(part.kind), path), "set_in_water") && (
          <Waterplanes subject={part as unknown as Subject} pointer={path} />
        )}
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
        <FieldRows fields={fieldsOf(catalogue, listOf(path), part)} part={part} pointer={path} />
        <MoreFields key={`more-${path}`} fields={moreOf(catalogue, listOf(path), part)} part={part} pointer={path} />
        {marksOf(catalogue, path, part) && <MarkingsPanel markings={part.markings as Feature["markings"]} pointer={path} />}
        {path.startsWith("/features/") && <FacesPanel feature={part as unknown as Feature} pointer={path} />}
        <GroundTools key={`ground-${path}`} pointers={[path]} />
        {path !== "/plinth" && <CopiesField key={`copies-${path}`} pointer={path} />}
        <PartFigures part={part} pointer={path} />
        {path !== "/plinth" && <PartPhotographs key={path} pointer={path} />}
      </Stack>
    </Box>
  );
}

/** Whether lines can be painted on it: ground or a feature that is driven on and drawn along a line. */
function marksOf(catalogue: Catalogue, path: string, part: Part): boolean {
  if (part.outline?.kind !== "strip") return false;
  if (path.startsWith("/zones/")) return kindOf(catalogue, "grounds", part.ground)?.climbs_pct !== undefined;
  return path.startsWith("/features/") && has(kindOf(catalogue, "features", part.kind), "roadway");
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
