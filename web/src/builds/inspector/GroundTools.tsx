import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import type { CutLine, PatchOperation } from "../../api/types";
import { nameOf } from "../plan/parts";
import { useBuildSession, useFile, useOf, useOfBuild } from "../useSession";

const isGround = (pointer: string) => pointer.startsWith("/zones/");
const placeOf = (pointer: string) => Number(pointer.split("/")[2]);

/** Several grounds made one, or one parted along the section line, which is pulled where it is wanted. */
export function GroundTools({ pointers }: { pointers: string[] }) {
  const session = useBuildSession();
  const file = useFile();
  const id = useOfBuild((build) => build.id);
  const cut = useOfBuild((build) => build.sections[0]);
  const within = useOf();
  const [wrong, setWrong] = useState<string | null>(null);
  // What is composed by itself within the build has places of its own, which the server is not asked by.
  if (within || !pointers.length || !pointers.every(isGround)) return null;
  const [first] = pointers;
  async function tried(label: string, asked: Promise<{ patch: PatchOperation[] }>) {
    try {
      const { patch } = await asked;
      setWrong(null);
      session.select(first);
      session.edit(label, patch);
    } catch (error) {
      setWrong(error instanceof Refused ? (error.problem.problems?.[0]?.message ?? error.message) : String(error));
    }
  }
  const name = nameOf(file, first);
  return (
    <Stack direction="row" sx={{ gap: 1, alignItems: "center", flexWrap: "wrap" }}>
      {pointers.length > 1 ? (
        <Button size="small" variant="outlined" onClick={() => void tried(`Join ground to ${name}`, api.joined(id, pointers.map(placeOf)))}>
          Join into {name}
        </Button>
      ) : (
        cut && (
          <Button
            size="small"
            onClick={() => void tried(`Split ${name}`, api.split(id, placeOf(first), [...cut.from, ...cut.to] as CutLine))}
          >
            Split along section A
          </Button>
        )
      )}
      {wrong && (
        <Typography variant="body2" color="error" role="alert">
          {wrong}
        </Typography>
      )}
    </Stack>
  );
}
