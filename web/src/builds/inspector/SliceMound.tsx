import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import { NumberField } from "../../common/NumberField";
import { count } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";
import type { FieldProps } from "./fieldEdit";

/** A mound as sheets laid on each other, each cut to its own contour. */
export function SliceMound({ field, pointer }: FieldProps) {
  const build = useBuild();
  const session = useBuildSession();
  const [sheet, setSheet] = useState(field.usual as number);
  const [words, setWords] = useState<string | null>(null);
  async function slice() {
    try {
      const { patch, slices } = await api.slices(build.id, Number(pointer.split("/")[2]), sheet);
      setWords(null);
      session.select(null);
      session.edit(`Slice it into ${count(slices, "sheet")}`, patch);
    } catch (error) {
      setWords(error instanceof Refused ? (error.problem.problems?.[0]?.message ?? error.message) : String(error));
    }
  }
  return (
    <Stack direction="row" sx={{ gap: 1, alignItems: "center", flexWrap: "wrap" }}>
      <NumberField label={field.name} unit={field.unit} min={field.least} step={field.step} width={110} value={sheet} onChange={setSheet} />
      <Button size="small" variant="outlined" onClick={() => void slice()}>
        Cut it into sheets
      </Button>
      {words && (
        <Typography variant="body2" color="error">
          {words}
        </Typography>
      )}
    </Stack>
  );
}
