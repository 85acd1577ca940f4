import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Course, PlinthFile } from "../../api/types";
import { Choice } from "../../common/Choice";
import { choices, useCatalogue } from "../../common/catalogue";
import { Swatch } from "../../common/Swatch";
import { capital, count, plain } from "../../common/words";
import { Measured } from "../../mixes/Measured";
import { MixParts } from "../../mixes/MixParts";
import { WordsField } from "../brief/WordsField";
import { freshId } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";

type Mix = NonNullable<PlinthFile["mixes"]>[number];

/** What the build stirs up by itself: made here, or copied from a recipe of the stores when that is laid. */
export function BuildMixes() {
  const session = useBuildSession();
  const file = useFile();
  const mixes = file.mixes ?? [];
  const [open, setOpen] = useState<string | null>(null);
  function add() {
    const mix: Mix = { id: freshId(file, "mix"), name: "mix of my own", parts: [{ material: "water", amount: 1 }] };
    setOpen(mix.id);
    session.edit("Make a mix", [file.mixes ? { op: "add", path: "/mixes/-", value: mix } : { op: "add", path: "/mixes", value: [mix] }]);
  }
  return (
    <Box component="section" aria-label="Mixes of this build" sx={{ mt: 2 }}>
      <Stack direction="row" sx={{ borderBottom: 2, borderColor: "primary.main", justifyContent: "space-between" }}>
        <Typography variant="h2">Mixes of this build</Typography>
        <Button size="small" onClick={add}>
          Make a mix
        </Button>
      </Stack>
      {mixes.map((mix, index) => (
        <MixRow key={mix.id} mix={mix} index={index} open={open === mix.id} onOpen={() => setOpen(open === mix.id ? null : mix.id)} />
      ))}
    </Box>
  );
}

function MixRow({ mix, index, open, onOpen }: { mix: Mix; index: number; open: boolean; onOpen: () => void }) {
  const session = useBuildSession();
  const file = useFile();
  const catalogue = useCatalogue();
  const path = `/mixes/${index}`;
  const name = mix.name ?? plain(mix.id);
  const used = uses(file, mix.id);
  const put = (label: string, more: Partial<Mix>) => session.edit(label, [{ op: "replace", path, value: { ...mix, ...more } }]);
  const others = (file.mixes ?? []).map((one) => ({ key: `mix:${one.id}`, name: one.name ?? plain(one.id), colour: one.colour ?? null }));
  return (
    <Box sx={{ borderBottom: 1, borderColor: "divider", py: 0.5 }}>
      <Button fullWidth color="inherit" aria-expanded={open} onClick={onOpen} sx={{ justifyContent: "flex-start", gap: 1.5 }}>
        <Swatch colour={mix.colour ?? null} width={22} height={16} />
        {capital(name)}
        <Typography component="span" color="text.secondary">
          {count(mix.parts.length, "part")}, {used ? `used in ${count(used, "place")}` : "not used yet"}
        </Typography>
      </Button>
      {open && (
        <Stack sx={{ gap: 1.5, p: 1, pt: 1.5 }}>
          <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap" }}>
            <WordsField label="Name" value={name} most={120} width={240} onChange={(words) => put("Rename a mix", { name: words })} />
            <Choice
              label="Parts are told"
              width={150}
              value={mix.by ?? "volume"}
              options={choices(catalogue, "measures") as [NonNullable<Mix["by"]>, string][]}
              onChange={(by) => put(`How ${name} is told`, { by })}
            />
            <Button
              color="error"
              disabled={used > 0}
              title={used ? "It is laid somewhere: change that first" : undefined}
              onClick={() => session.edit(`Take out ${name}`, [{ op: "remove", path: (file.mixes ?? []).length === 1 ? "/mixes" : path }])}
            >
              Take out
            </Button>
          </Stack>
          <MixParts
            parts={mix.parts}
            mixes={others}
            without={`mix:${mix.id}`}
            least={1}
            onChange={(parts) => put(`Parts of ${name}`, { parts })}
          />
          <Measured mix={mix} forecast={null} onChange={(more) => put(`What was measured of ${name}`, more)} />
          <WordsField
            label="Note"
            value={mix.note ?? ""}
            most={400}
            width="100%"
            lines={2}
            onChange={(words) => put(`A note on ${name}`, { note: words || undefined })}
          />
        </Stack>
      )}
    </Box>
  );
}

/** How often a mix is laid, tinted with or stirred into another one: whatever names it. */
function uses(file: PlinthFile, id: string): number {
  const quoted = JSON.stringify(`mix:${id}`);
  return JSON.stringify(file as Record<string, unknown> & { courses?: Course[] }).split(quoted).length - 1;
}
