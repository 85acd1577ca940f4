import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Within } from "../../api/types";
import { Choice } from "../../common/Choice";
import { choices, has, kindOf, useCatalogue } from "../../common/catalogue";
import { NameOf } from "../../common/NameOf";
import { NumberField } from "../../common/NumberField";
import { useBuildSession, useFile } from "../useSession";

/** Where a further body is against the base, and how it comes there. */
export function BodyFields({ within }: { within: Within }) {
  const file = useFile();
  const session = useBuildSession();
  const catalogue = useCatalogue();
  const at = within.pointer;
  const body = file.bodies?.find((one) => one.id === within.id);
  if (!body || !within.place) return null;
  const { how, at_mm, turn_deg } = within.place;
  const put = (label: string, member: string, value: unknown) =>
    session.edit(label, [
      body.place ? { op: "add", path: `${at}/place/${member}`, value } : { op: "add", path: `${at}/place`, value: { [member]: value } },
    ]);
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", mt: 0.75 }}>
      <NameOf name={body.name ?? body.id} onChange={(value) => session.edit("Rename a body", [{ op: "add", path: `${at}/name`, value }])} />
      <Choice
        label="Where"
        width={190}
        value={how}
        options={choices(catalogue, "body_places")}
        onChange={(value) => put("Where it is", "how", value)}
      />
      {["x", "y"].map((axis, index) => (
        <NumberField
          key={axis}
          label={axis}
          unit="mm"
          step={5}
          width={100}
          value={at_mm[index]}
          onChange={(value) =>
            put(
              "Move a body",
              "at_mm",
              at_mm.map((old, i) => (i === index ? value : old)),
            )
          }
        />
      ))}
      <NumberField
        label="Turned"
        unit="°"
        step={5}
        width={96}
        value={turn_deg}
        onChange={(value) => put("Turn a body", "turn_deg", value)}
      />
      {has(kindOf(catalogue, "body_places", how), "over") && (
        <NumberField
          label="Gap"
          unit="mm"
          min={0}
          step={1}
          width={100}
          value={body.place?.gap_mm ?? 0}
          onChange={(value) => put("Gap", "gap_mm", value)}
        />
      )}
      <Button
        size="small"
        color="error"
        onClick={() => {
          session.enter(null);
          session.edit("Take out a body", [{ op: "remove", path: at }]);
        }}
      >
        Take out
      </Button>
    </Box>
  );
}
