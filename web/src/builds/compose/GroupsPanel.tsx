import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Chip from "@mui/material/Chip";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { PlinthFile } from "../../api/types";
import { Choice } from "../../common/Choice";
import { choices, useCatalogue } from "../../common/catalogue";
import { NameOf } from "../../common/NameOf";
import { freshId } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";

type Group = NonNullable<PlinthFile["groups"]>[number];

/** The lists whose parts can belong together. */
const LISTS = ["subjects", "features", "forms", "zones", "waters"] as const;

const partsOf = (file: PlinthFile): { id: string; name?: string }[] =>
  LISTS.flatMap((list) => (file[list] ?? []) as { id: string; name?: string }[]);

/** Parts that stand together, or are finished apart from the base: which belong to which group, and how its subjects are held. */
export function GroupsPanel() {
  const file = useFile();
  const session = useBuildSession();
  const parts = partsOf(file);
  if (parts.length < 2) return null;
  const first = parts.filter((subject) => !file.groups?.some((group) => group.members.includes(subject.id)));
  function add() {
    const made = { id: freshId(file, "group"), name: "group", members: (first.length ? first : parts).slice(0, 1).map((one) => one.id) };
    session.edit("Make a group", [
      file.groups ? { op: "add", path: "/groups/-", value: made } : { op: "add", path: "/groups", value: [made] },
    ]);
  }
  return (
    <Box component="section" aria-label="Groups">
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "center" }}>
        <Typography variant="h2">Groups</Typography>
        <Button variant="outlined" size="small" onClick={add}>
          Make a group
        </Button>
      </Stack>
      {file.groups?.map((group, index) => (
        <GroupRow key={group.id} group={group} pointer={`/groups/${index}`} />
      ))}
    </Box>
  );
}

function GroupRow({ group, pointer }: { group: Group; pointer: string }) {
  const file = useFile();
  const session = useBuildSession();
  const catalogue = useCatalogue();
  function toggle(id: string) {
    const members = group.members.includes(id) ? group.members.filter((one) => one !== id) : [...group.members, id];
    if (members.length) session.edit(`Who is in ${group.name ?? group.id}`, [{ op: "add", path: `${pointer}/members`, value: members }]);
  }
  return (
    <Box sx={{ mt: 1 }} role="group" aria-label={group.name ?? group.id}>
      <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap", alignItems: "center" }}>
        <NameOf
          name={group.name ?? group.id}
          onChange={(name) => session.edit("Rename a group", [{ op: "add", path: `${pointer}/name`, value: name }])}
        />
        <Choice
          label="Held"
          width={190}
          value={group.mount ?? ""}
          options={[["", "each as it says"], ...choices(catalogue, "mounts")]}
          onChange={(mount) =>
            session.edit("How a group is held", [
              mount
                ? { op: "add", path: `${pointer}/mount`, value: mount }
                : { op: "replace", path: pointer, value: { ...group, mount: undefined } },
            ])
          }
        />
        <Button size="small" color="error" onClick={() => session.edit("Dissolve a group", [{ op: "remove", path: pointer }])}>
          Dissolve
        </Button>
      </Stack>
      <Stack direction="row" sx={{ gap: 0.5, flexWrap: "wrap", mt: 0.75 }}>
        {partsOf(file).map((subject) => {
          const belongs = group.members.includes(subject.id);
          return (
            <Chip
              key={subject.id}
              label={subject.name ?? subject.id}
              clickable
              color={belongs ? "primary" : undefined}
              variant={belongs ? "filled" : "outlined"}
              aria-pressed={belongs}
              onClick={() => toggle(subject.id)}
            />
          );
        })}
      </Stack>
    </Box>
  );
}
