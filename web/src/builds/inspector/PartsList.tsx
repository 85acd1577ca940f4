import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useCatalogue } from "../../common/catalogue";
import { capital, count } from "../../common/words";
import { partKept, pasted } from "../courses/clipboard";
import { freshId, nameOf } from "../plan/parts";
import { useBuildSession, useFile, useOfBuild, useSelection, within } from "../useSession";
import { PartSwatch } from "./PartSwatch";
import { PileOrder } from "./PileOrder";

type Lists = "zones" | "waters" | "forms" | "features" | "subjects";

/** Every part of the base by name: the way to them by keyboard, and what is there at a glance. */
export function PartsList() {
  const file = useFile();
  const snagged = useOfBuild((build) => build.evaluation.snags);
  const session = useBuildSession();
  const { pointer: selected } = useSelection();
  const { tints } = useTheme();
  const { parts: lists } = useCatalogue();
  const snags = (pointer: string) => snagged.filter((snag) => within(snag.where, pointer)).length;
  return (
    <Box component="section" aria-label="Parts">
      <Typography variant="h2">Parts</Typography>
      {lists.map(({ key, name: title, single, piled }) => {
        const parts = single ? [] : (file[key as Lists] ?? []);
        return parts.length === 0 && key !== "zones" ? null : (
          <Box key={key} sx={{ mt: 0.5 }}>
            <Typography variant="body2" color="text.secondary">
              {title}
            </Typography>
            {piled && <PileOrder list={key as "forms" | "zones"} />}
            {key === "zones" && <RestOfGround />}
            <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
              {(piled ? [] : parts).map((part, index) => {
                const pointer = `/${key}/${index}`;
                const found = snags(pointer);
                return (
                  <Button
                    key={part.id}
                    size="small"
                    variant={within(selected ?? "", pointer) ? "contained" : "outlined"}
                    color="primary"
                    onClick={() => session.select(pointer)}
                    startIcon={<PartSwatch pointer={pointer} />}
                    sx={{ py: 0, minHeight: 34 }}
                    aria-label={`${capital(nameOf(file, pointer))}${found ? `, ${count(found, "snag")}` : ""}`}
                  >
                    {capital(nameOf(file, pointer))}
                    {found > 0 && (
                      <Box component="span" sx={{ ml: 0.75, color: tints.trouble, fontWeight: 700 }}>
                        ▲{found}
                      </Box>
                    )}
                  </Button>
                );
              })}
            </Box>
          </Box>
        );
      })}
      <PastePart />
      <Button
        size="small"
        sx={{ mt: 1 }}
        variant={selected === "/plinth" ? "contained" : "outlined"}
        onClick={() => session.select("/plinth")}
      >
        {lists.find((list) => list.single)?.name}
      </Button>
    </Box>
  );
}

/** Brings in what was taken along, here or in another build. */
function PastePart() {
  const session = useBuildSession();
  const file = useFile();
  const name = partKept();
  if (!name) return null;
  function paste() {
    const change = pasted(file, null);
    if (!change) return;
    session.edit(change.label, change.patch);
    session.select(change.lit[0]);
  }
  return (
    <Button size="small" sx={{ mt: 1, mr: 1 }} onClick={paste}>
      Paste {name}
    </Button>
  );
}

/** Where nothing takes what other ground leaves bare, it can be asked for. */
function RestOfGround() {
  const session = useBuildSession();
  const file = useFile();
  const record = useCatalogue().parts.find((part) => part.key === "zones");
  if (file.zones?.some((zone) => zone.outline.kind === "rest")) return null;
  const rest = { id: freshId(file, "rest"), name: "rest", ...record?.start, outline: { kind: "rest" } };
  function lay() {
    // Below all other ground, which takes its places out of it.
    session.edit("Lay ground on all the rest", [
      file.zones ? { op: "add", path: "/zones/0", value: rest } : { op: "add", path: "/zones", value: [rest] },
    ]);
    session.select("/zones/0");
  }
  return (
    <Button size="small" variant="outlined" onClick={lay} sx={{ mb: 0.5 }}>
      Ground on all the rest
    </Button>
  );
}
