import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../../api/client";
import { FileButton } from "../../common/FileButton";
import { NumberField } from "../../common/NumberField";
import { useKept } from "../../common/useKept";
import { useTell } from "../bench/useTell";
import { PICTURES, useAddPhotograph } from "../photographs/usePhotographs";
import { useOfBuild, useSelection } from "../useSession";

/** Words, a photograph or the air of the room, noted now; with what is selected, pinned to it. */
export function NoteForm() {
  const { pointer } = useSelection();
  const tell = useTell();
  const build = useOfBuild((one) => one.id);
  const [text, setText] = useKept("window", `note-${build}`, "");
  const [warm, setWarm] = useState<number | null>(null);
  const [damp, setDamp] = useState<number | null>(null);
  const [simulated, setSimulated] = useState(false);
  const { data: air, refetch: readAgain } = useQuery({ queryKey: ["climate"], queryFn: api.climate });
  const { add, problem } = useAddPhotograph();
  const words = text.trim();
  const photograph = (file: File) =>
    add(file, { ...(words ? { text: words } : {}), ...(pointer ? { part: pointer } : {}) }).then((taken) => taken && setText(""));
  return (
    <Box
      component="section"
      aria-label="Note something"
      sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", alignItems: "center", my: 2, displayPrint: "none" }}
    >
      <TextField
        label="Note"
        value={text}
        onChange={(event) => setText(event.target.value)}
        multiline
        sx={{ flex: "1 1 320px" }}
        slotProps={{ htmlInput: { maxLength: 4000 } }}
      />
      <Button
        variant="contained"
        disabled={!words}
        onClick={() => {
          void tell("noted", { data: { text: words } });
          setText("");
        }}
      >
        Note it
      </Button>
      <FileButton label="Photograph" file="A photograph" variant="outlined" accept={PICTURES} onFile={(file) => void photograph(file)} />
      <NumberField label="Air" unit="°C" value={warm} onChange={setWarm} onClear={() => setWarm(null)} empty="not read" width={130} />
      <NumberField
        label="Humidity"
        unit="%"
        value={damp}
        onChange={setDamp}
        onClear={() => setDamp(null)}
        empty="not read"
        width={130}
        min={0}
      />
      {air?.reading && (
        <Button
          variant="outlined"
          onClick={() =>
            void readAgain().then(({ data }) => {
              setWarm(data?.reading?.temperature_c ?? null);
              setDamp(data?.reading?.humidity_pct ?? null);
              setSimulated(data?.reading?.simulated ?? false);
            })
          }
        >
          {air.reading.simulated ? "Read the simulated thermometer" : "Read the thermometer"}
        </Button>
      )}
      <Button
        variant="outlined"
        disabled={warm === null && damp === null}
        onClick={() => {
          const by = simulated ? { simulated } : {};
          if (warm !== null) void tell("measured", { data: { what: "temperature", value: warm, ...by } });
          if (damp !== null) void tell("measured", { data: { what: "humidity", value: damp, ...by } });
          setSimulated(false);
          setWarm(null);
          setDamp(null);
        }}
      >
        Note the air
      </Button>
      {problem && (
        <Box role="alert" sx={{ color: "error.main", flexBasis: "100%" }}>
          {problem}
        </Box>
      )}
    </Box>
  );
}
