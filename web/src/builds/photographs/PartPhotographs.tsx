import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { FileButton } from "../../common/FileButton";
import { useTell } from "../bench/useTell";
import { PinnedPhotographs } from "./PinnedPhotographs";
import { PICTURES, useAddPhotograph, usePhotographs } from "./usePhotographs";

/** Photographs of the real thing that are pinned to the part, each with the fact that it is kept for. */
export function PartPhotographs({ pointer }: { pointer: string }) {
  const photographs = usePhotographs();
  const { add, problem } = useAddPhotograph();
  const tell = useTell();
  const [fact, setFact] = useState("");
  const mine = photographs?.references.filter((one) => one.part === pointer) ?? [];
  return (
    <Box component="section" aria-label="Photographs of it">
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Photographs of it
      </Typography>
      <PinnedPhotographs references={mine} />
      {mine.map((one) => (
        <Button key={one.event} size="small" onClick={() => void tell("took_back", { data: { event: one.event } })}>
          Take off: {one.fact}
        </Button>
      ))}
      <Box sx={{ display: "flex", gap: 1, alignItems: "center", mt: 1 }}>
        <TextField
          size="small"
          label="What it shows"
          placeholder="moss only on the north side"
          value={fact}
          onChange={(event) => setFact(event.target.value)}
          sx={{ flex: 1 }}
          slotProps={{ htmlInput: { maxLength: 400 } }}
        />
        <FileButton
          label="Pin"
          file="A photograph of the part"
          variant="outlined"
          disabled={!fact.trim()}
          accept={PICTURES}
          onFile={(file) => void add(file, { fact: fact.trim(), part: pointer }).then((number) => number && setFact(""))}
        />
      </Box>
      {problem && (
        <Typography role="alert" color="error">
          {problem}
        </Typography>
      )}
    </Box>
  );
}
