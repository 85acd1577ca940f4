import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import { FileButton } from "../../common/FileButton";
import { NumberField } from "../../common/NumberField";
import { useTell } from "../bench/useTell";
import { useOfBuild, useSelection } from "../useSession";

const PICTURES = "image/jpeg,image/png,image/webp";

/** Words, a photograph or the air of the room, noted now; with what is selected, pinned to it. */
export function NoteForm() {
  const id = useOfBuild((build) => build.id);
  const { pointer } = useSelection();
  const tell = useTell();
  const [text, setText] = useState("");
  const [warm, setWarm] = useState<number | null>(null);
  const [damp, setDamp] = useState<number | null>(null);
  const [simulated, setSimulated] = useState(false);
  const { data: air, refetch: readAgain } = useQuery({ queryKey: ["climate"], queryFn: api.climate });
  const [problem, setProblem] = useState<string | null>(null);
  const words = text.trim();
  async function photograph(file: File) {
    try {
      const picture = await api.addPicture(id, file);
      await tell("pictured", {
        data: { picture: picture.number, ...(words ? { text: words } : {}), ...(pointer ? { part: pointer } : {}) },
      });
      setText("");
      setProblem(null);
    } catch (error) {
      setProblem(
        error instanceof Refused
          ? (error.problem.problems?.map((one) => one.message).join("; ") ?? error.problem.detail)
          : "The server cannot be reached: a photograph needs it. Choose it again in a moment.",
      );
    }
  }
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
