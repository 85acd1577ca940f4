import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { Choice } from "../../common/Choice";
import { MaterialField } from "../../common/MaterialField";
import { NumberField } from "../../common/NumberField";
import { short } from "../../common/words";
import { useBuild } from "../useSession";
import type { PartFields } from "./fields";
import { ReachHeight } from "./ReachHeight";
import { SliceMound } from "./SliceMound";

const EDGES = [
  ["sheer", "sheer"],
  ["torn", "torn"],
  ["bevel", "bevelled"],
] as const;

/** A lift, cut, ramp, mound or skim. */
export function FormFields({ part, pointer, put }: PartFields & { pointer: string }) {
  const figures = useBuild().evaluation.relief.forms.find((form) => form.id === part.id);
  return (
    <>
      <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1 }}>
        {part.kind !== "cut" && (
          <MaterialField
            label="Material"
            families={["bulk", "paste"]}
            value={part.material ?? null}
            onChange={(key) => put("material", key)}
          />
        )}
        {part.kind === "lift" && (
          <NumberField
            label="Sheet"
            unit="mm"
            min={0.1}
            step={1}
            width={104}
            value={part.sheet_mm}
            onChange={(value) => put("sheet_mm", value)}
          />
        )}
        {part.kind === "lift" && (
          <NumberField
            label="Sheets"
            min={1}
            step={1}
            whole
            width={84}
            value={part.sheets ?? 1}
            onChange={(value) => put("sheets", value)}
          />
        )}
        {part.kind === "cut" && (
          <NumberField
            label="Depth of cut"
            unit="mm"
            min={0.1}
            step={0.5}
            width={118}
            value={part.depth_mm}
            onChange={(value) => put("depth_mm", value)}
          />
        )}
        {part.kind === "mound" && (
          <NumberField
            label="Crown"
            unit="mm"
            min={0.1}
            step={1}
            width={104}
            value={part.crown_mm}
            onChange={(value) => put("crown_mm", value)}
          />
        )}
        {part.kind === "mound" && (
          <Choice
            label="Profile"
            width={120}
            value={part.profile ?? "dome"}
            options={[
              ["dome", "dome"],
              ["cone", "cone"],
            ]}
            onChange={(value) => put("profile", value)}
          />
        )}
        {part.kind === "skim" && (
          <NumberField
            label="No steeper than"
            unit="°"
            min={1}
            step={5}
            width={124}
            value={part.slope_deg}
            onChange={(value) => put("slope_deg", Math.min(value, 80))}
          />
        )}
        {part.kind === "ramp" && (
          <NumberField
            label="From height"
            unit="mm"
            step={1}
            width={118}
            value={part.from_z_mm}
            onChange={(value) => put("from_z_mm", value)}
          />
        )}
        {part.kind === "ramp" && (
          <NumberField label="To height" unit="mm" step={1} width={118} value={part.to_z_mm} onChange={(value) => put("to_z_mm", value)} />
        )}
        {(part.kind === "lift" || part.kind === "cut") && (
          <>
            <Choice
              label="Edge"
              width={120}
              value={part.edge?.kind ?? "sheer"}
              options={EDGES}
              onChange={(kind) => put("edge", kind === "sheer" ? { kind } : { kind, run_mm: part.edge?.run_mm ?? 2 })}
            />
            {part.edge && part.edge.kind !== "sheer" && (
              <NumberField
                label="Edge run"
                unit="mm"
                min={0}
                step={0.5}
                width={104}
                value={part.edge.run_mm}
                onChange={(value) => put("edge", { ...part.edge, run_mm: value })}
              />
            )}
          </>
        )}
      </Stack>
      {part.kind === "lift" && <ReachHeight part={part} pointer={pointer} />}
      {part.kind === "mound" && <SliceMound pointer={pointer} />}
      {figures && (
        <Typography variant="body2" color="text.secondary">
          {short(figures.area_mm2 / 100)} cm² · {part.kind === "cut" ? "takes away" : "adds"} {short(figures.volume_mm3 / 1000)} ml
          {figures.void_mm3 > 1 ? ` · bridges ${short(figures.void_mm3 / 1000)} ml of void` : ""}
        </Typography>
      )}
    </>
  );
}
