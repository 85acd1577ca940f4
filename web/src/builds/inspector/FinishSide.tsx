import Button from "@mui/material/Button";
import { useCatalogue } from "../../common/catalogue";
import { useBuildSession, useFile } from "../useSession";

/** A side of the plinth more that is finished: it begins bare, all round, and what it is finished with is laid on it as courses. */
export function FinishSide() {
  const session = useBuildSession();
  const file = useFile();
  const record = useCatalogue().parts.find((part) => part.key === "sides");
  const sides = file.sides ?? [];
  if (!record) return null;
  function begin() {
    const ids = new Set(sides.map((side) => side.id));
    let number = sides.length + 1;
    while (ids.has(`${record?.stem}-${number}`)) number += 1;
    const side = { ...record?.start, id: `${record?.stem}-${number}` };
    session.edit("Finish a side", [
      sides.length ? { op: "add", path: "/sides/-", value: side } : { op: "add", path: "/sides", value: [side] },
    ]);
    session.select(`/sides/${sides.length}`);
  }
  return (
    <Button variant="outlined" onClick={begin}>
      Finish {sides.length ? "another" : "a"} side of it
    </Button>
  );
}
