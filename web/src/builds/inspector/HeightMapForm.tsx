import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import { useCatalogue, usualWork } from "../../common/catalogue";
import { FileButton } from "../../common/FileButton";
import { MaterialField } from "../../common/MaterialField";
import { NumberField } from "../../common/NumberField";
import { count } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

const MOST_BYTES = 1_400_000;

/** Bytes as base64, in pieces that the call stack bears. */
async function encoded(file: File): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = "";
  for (let i = 0; i < bytes.length; i += 8192) text += String.fromCharCode(...bytes.subarray(i, i + 8192));
  return btoa(text);
}

/** Ground out of a height map, fitted to the plinth and sliced into sheets. */
export function HeightMapForm() {
  const build = useBuild();
  const catalogue = useCatalogue();
  const session = useBuildSession();
  const [height, setHeight] = useState(20);
  const [sheet, setSheet] = useState(3);
  const [material, setMaterial] = useState(usualWork(catalogue, "bank")?.material as string);
  const [problem, setProblem] = useState<string | null>(null);

  async function read(file: File) {
    if (file.size > MOST_BYTES) return setProblem(`${file.name} is ${(file.size / 1e6).toFixed(1)} MB; a height map may be 1.4 MB.`);
    try {
      const { slices, patch } = await api.heightMap(build.id, { data: await encoded(file), height_mm: height, sheet_mm: sheet, material });
      setProblem(null);
      session.edit(`Lay ${count(slices, "sheet")} from ${file.name}`.slice(0, 120), patch);
    } catch (error) {
      setProblem(
        `${file.name} ${error instanceof Refused ? (error.problem.problems?.map((one) => one.message).join("; ") ?? error.message) : String(error)}`,
      );
    }
  }

  return (
    <Stack component="section" aria-label="Ground from a height map" sx={{ gap: 1 }}>
      <Typography variant="h2">Ground from a height map</Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap", alignItems: "center" }}>
        <NumberField label="As high as" unit="mm" min={0.5} step={5} width={112} value={height} onChange={setHeight} />
        <NumberField label="In sheets of" unit="mm" min={0.2} step={0.5} width={118} value={sheet} onChange={setSheet} />
        <MaterialField label="Material" trait="of_forms" value={material} width={180} onChange={setMaterial} />
        <FileButton label="Choose the map" file="Height map file" accept=".png,.asc,.txt,image/png" variant="outlined" onFile={read} />
      </Stack>
      <Typography variant="body2" color={problem ? "error" : "text.secondary"}>
        {problem ?? "A grey PNG of 8 or 16 bits (bright is high), or an ESRI ASCII grid. It is fitted to the plinth."}
      </Typography>
    </Stack>
  );
}
