import FormControlLabel from "@mui/material/FormControlLabel";
import Stack from "@mui/material/Stack";
import Switch from "@mui/material/Switch";
import { Choice } from "../../common/Choice";
import { NumberField } from "../../common/NumberField";
import type { PartFields } from "./fields";

const MOUNTS = [
  ["glued", "glued"],
  ["pinned", "pinned"],
  ["wired", "wired"],
  ["magnet", "by magnet"],
  ["loose", "loose"],
] as const;

/** What the base is for: how it stands. */
export function SubjectFields({ part, put, clear }: PartFields & { clear: (key: string) => void }) {
  const [x, y] = part.at_mm ?? [0, 0];
  return (
    <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1 }}>
      <NumberField
        label="Stands at, across"
        unit="mm"
        step={1}
        width={128}
        value={x}
        onChange={(value) => put("at_mm", [value, y], "Move")}
      />
      <NumberField
        label="Stands at, depth"
        unit="mm"
        step={1}
        width={128}
        value={y}
        onChange={(value) => put("at_mm", [x, value], "Move")}
      />
      <NumberField
        label="Turn"
        unit="°"
        step={5}
        width={104}
        value={part.turn_deg ?? 0}
        onChange={(value) => put("turn_deg", value, "Turn")}
      />
      <NumberField
        label="Height"
        unit="mm"
        min={0}
        step={1}
        width={104}
        value={part.height_mm}
        onChange={(value) => put("height_mm", value)}
        onClear={() => clear("height_mm")}
      />
      <NumberField
        label="Mass"
        unit="g"
        min={0}
        step={1}
        width={104}
        value={part.mass_g}
        onChange={(value) => put("mass_g", value)}
        onClear={() => clear("mass_g")}
      />
      <NumberField
        label="Contact"
        unit="mm²"
        min={0.1}
        step={5}
        width={118}
        value={part.contact_mm2}
        onChange={(value) => put("contact_mm2", value)}
        onClear={() => clear("contact_mm2")}
      />
      <NumberField
        label="Painting left"
        unit="min"
        min={0}
        step={15}
        width={124}
        value={part.paint_min}
        onChange={(value) => put("paint_min", value)}
        onClear={() => clear("paint_min")}
      />
      <Choice label="Mount" width={124} value={part.mount ?? "glued"} options={MOUNTS} onChange={(value) => put("mount", value)} />
      <FormControlLabel
        label="Looked at first"
        control={<Switch checked={part.focal === true} onChange={(event) => put("focal", event.target.checked)} />}
      />
    </Stack>
  );
}
