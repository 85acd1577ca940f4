import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import type { Outline, PatchOperation, PlinthFile, Preset } from "../../api/types";
import { capital, short } from "../../common/words";
import { centre } from "../plan/outline";
import { appendPatch, freshId } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";

/** What can be placed: picked by name, it stands in the middle of the base and is lit, ready to be dragged. */
export function Palette() {
  const session = useBuildSession();
  const file = useFile();
  const presets = useQuery({
    queryKey: ["presets", file.scale],
    queryFn: () => api.presets(file.scale),
    staleTime: Number.POSITIVE_INFINITY,
  });

  function place(list: "subjects" | "features", preset: Preset) {
    const { patch, pointer } = placed(file, list, preset);
    session.edit(`Place ${preset.name}`, patch);
    session.select(pointer);
  }

  return (
    <Box component="section" aria-label="Place">
      <Typography variant="h2">Place</Typography>
      <Stack direction="row" sx={{ gap: 1, mt: 1 }}>
        <Picker label="A subject" options={presets.data?.subjects ?? []} onPick={(preset) => place("subjects", preset)} />
        <Picker label="A feature" options={presets.data?.features ?? []} onPick={(preset) => place("features", preset)} />
      </Stack>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        Sizes are life's at 1:{short(file.scale)}, to start from. Ctrl D copies what is lit.
      </Typography>
    </Box>
  );
}

function Picker({ label, options, onPick }: { label: string; options: Preset[]; onPick: (preset: Preset) => void }) {
  return (
    <Autocomplete
      size="small"
      sx={{ flex: 1 }}
      options={options}
      value={null}
      blurOnSelect
      clearOnBlur
      groupBy={(preset) => capital(preset.group)}
      getOptionLabel={(preset) => capital(preset.name)}
      getOptionKey={(preset) => preset.key}
      onChange={(_, preset) => preset && onPick(preset)}
      renderInput={(params) => <TextField {...params} label={label} />}
    />
  );
}

/** A part of the file made from a preset, in the middle of the plinth. */
function placed(file: PlinthFile, list: "subjects" | "features", preset: Preset): { patch: PatchOperation[]; pointer: string } {
  const at = centre(file.plinth.outline);
  const id = freshId(file, preset.key.replaceAll("_", "-"));
  const part = { id, ...preset.part } as Record<string, unknown>;
  if (list === "subjects") {
    part.at_mm = at;
    if (!file.subjects?.length) part.focal = true;
  } else if ((part.outline as Outline).kind !== "strip") part.outline = { ...(part.outline as Outline), at_mm: at };
  return { patch: appendPatch(file, list, part), pointer: `/${list}/${file[list]?.length ?? 0}` };
}
