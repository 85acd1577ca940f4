import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Feature } from "../../api/types";
import { Choice } from "../../common/Choice";
import { ColourField } from "../../common/ColourField";
import { choices, kindOf, useCatalogue } from "../../common/catalogue";
import { NumberField } from "../../common/NumberField";
import { useBuildSession } from "../useSession";
import { MoreFields } from "./MoreFields";
import { moreOf, type Part } from "./partFields";
import { ThingField } from "./ThingField";

type Marking = NonNullable<Feature["markings"]>[number];

/** Lines painted on a road that is drawn as a strip: along it or across it, what each stands for, and its colour. */
export function MarkingsPanel({ markings, pointer }: { markings: Marking[] | undefined; pointer: string }) {
  const session = useBuildSession();
  const catalogue = useCatalogue();
  const list = markings ?? [];
  function add() {
    const made = { line: choices(catalogue, "markings")[0][0] };
    session.edit("Paint a line", [
      markings ? { op: "add", path: `${pointer}/markings/-`, value: made } : { op: "add", path: `${pointer}/markings`, value: [made] },
    ]);
  }
  return (
    <Box component="section" aria-label="Lines on it">
      <Typography variant="h3">Lines on it</Typography>
      {list.map((marking, index) => {
        const at = `${pointer}/markings/${index}`;
        const put = (label: string, member: string, value: unknown) => session.edit(label, [{ op: "add", path: `${at}/${member}`, value }]);
        const across = kindOf(catalogue, "markings", marking.line)?.across === true;
        return (
          <Box
            // biome-ignore lint/suspicious/noArrayIndexKey: lines have no ids
            key={index}
            role="group"
            aria-label={`Line ${index + 1}`}
            sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center", mt: 1 }}
          >
            <Choice
              label="Runs"
              width={200}
              value={marking.line}
              options={choices(catalogue, "markings")}
              onChange={(line) => put("Another line", "line", line)}
            />
            <ThingField
              label="Stands for"
              laid={false}
              value={marking.represents}
              onChange={(key) => put("What a line stands for", "represents", key)}
              onClear={() => session.edit("What a line stands for", [{ op: "remove", path: `${at}/represents` }])}
            />
            {across && (
              <NumberField
                label="Along"
                unit="mm"
                min={0}
                step={1}
                width={110}
                value={marking.at_mm}
                empty="middle"
                onChange={(value) => put("Move a stop line", "at_mm", value)}
              />
            )}
            <ColourField
              label="Colour"
              value={marking.colour ?? "#f4f1e6"}
              onChange={(colour) => put("Colour of a line", "colour", colour)}
              width={82}
            />
            <MoreFields fields={moreOf(catalogue, "markings", marking as Part)} part={marking as Part} pointer={at} />
            <Button
              size="small"
              color="error"
              aria-label={`Take out line ${index + 1}`}
              onClick={() => session.edit("Take out a line", [{ op: "remove", path: at }])}
            >
              Take out
            </Button>
          </Box>
        );
      })}
      <Button size="small" variant="outlined" sx={{ mt: 1 }} onClick={add}>
        Paint a line
      </Button>
    </Box>
  );
}
