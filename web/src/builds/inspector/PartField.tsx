import Button from "@mui/material/Button";
import FormControlLabel from "@mui/material/FormControlLabel";
import Stack from "@mui/material/Stack";
import Switch from "@mui/material/Switch";
import TextField from "@mui/material/TextField";
import type { ComponentType } from "react";
import type { Field, Outline } from "../../api/types";
import { Choice } from "../../common/Choice";
import { choices } from "../../common/catalogue";
import { LifeField } from "../../common/LifeField";
import { MaterialField } from "../../common/MaterialField";
import { NumberField } from "../../common/NumberField";
import { useFile } from "../useSession";
import { FeetField } from "./FeetField";
import { FootingField } from "./FootingField";
import type { FieldProps } from "./fieldEdit";
import { LevelField } from "./LevelField";
import { OutlineFields } from "./OutlineFields";
import { PlaceField, TurnField } from "./PlaceField";
import { RangeField } from "./RangeField";
import { ReachHeight } from "./ReachHeight";
import { SliceMound } from "./SliceMound";
import { ThingField } from "./ThingField";

/** One field of a part, drawn as its record says. */
export function PartField(props: FieldProps) {
  const Drawn = DRAWN[props.field.as ?? "number"] ?? OneNumber;
  return <Drawn {...props} />;
}

/** Fields that take a line of their own. */
export const onItsOwn = (field: Field): boolean => ["level", "outline", "footing", "feet", "reach", "slice"].includes(field.as ?? "");

/** Wide enough for the name above and six digits with their unit below, px. */
export const widthOf = (field: Field): number => Math.max(field.name.length * 7.5 + 26, 66 + 9 * (field.unit?.length ?? 0));

function OneNumber({ field, own, shown, put, clear }: FieldProps) {
  const { scale } = useFile();
  const bounded = (value: number) => Math.min(value, field.most ?? Number.POSITIVE_INFINITY);
  const model = (
    <NumberField
      label={field.name}
      unit={field.unit}
      min={field.least}
      step={field.step}
      whole={field.whole}
      empty={field.empty}
      width={widthOf(field)}
      value={shown as number | undefined}
      onChange={(value) => put(bounded(value))}
      onClear={field.optional ? clear : undefined}
    />
  );
  if (!field.life) return model;
  return (
    <Stack direction="row" sx={{ gap: 1 }}>
      {model}
      <LifeField label="in life" value={own as number | undefined} ratio={scale} onChange={put} />
    </Stack>
  );
}

function OneOfKinds({ field, catalogue, shown, put }: FieldProps) {
  const options = choices(catalogue, field.kinds as string);
  const longest = Math.max(field.name.length, ...options.map(([, name]) => name.length));
  return (
    <Choice label={field.name} width={longest * 8 + 60} value={(shown as string | undefined) ?? ""} options={options} onChange={put} />
  );
}

function OneMaterial({ field, shown, put }: FieldProps) {
  return (
    <MaterialField
      label={field.name}
      trait={field.trait as string}
      value={(shown as string | undefined) ?? null}
      onChange={(key) => put(key)}
    />
  );
}

function OneThing({ field, own, put, clear }: FieldProps) {
  return (
    <ThingField
      label={field.name}
      laid={field.trait === "laid"}
      value={own as string | undefined}
      onChange={(key) => put(key)}
      onClear={clear}
    />
  );
}

function OnOrOff({ field, own, put }: FieldProps) {
  return (
    <FormControlLabel label={field.name} control={<Switch checked={own === true} onChange={(event) => put(event.target.checked)} />} />
  );
}

/** A colour; what has none asks whether it should have one. */
function OneColour({ field, own, put, clear }: FieldProps) {
  if (!own) return <Button onClick={() => put("#8a7a5c")}>{field.name}: none said</Button>;
  return (
    <Stack direction="row" sx={{ alignItems: "center" }}>
      <TextField
        type="color"
        label={field.name}
        value={own as string}
        onChange={(event) => put(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ width: 110 }}
      />
      {field.optional && (
        <Button size="small" onClick={clear}>
          None
        </Button>
      )}
    </Stack>
  );
}

function WholeOutline({ own, pointer, put }: FieldProps) {
  const { scale } = useFile();
  if (!own) return null;
  return <OutlineFields outline={own as Outline} placed={pointer !== "/plinth"} scale={scale} onChange={put} />;
}

const DRAWN: Record<string, ComponentType<FieldProps>> = {
  number: OneNumber,
  choice: OneOfKinds,
  material: OneMaterial,
  thing: OneThing,
  switch: OnOrOff,
  colour: OneColour,
  range: RangeField,
  place: PlaceField,
  turn: TurnField,
  level: LevelField,
  outline: WholeOutline,
  footing: FootingField,
  feet: FeetField,
  reach: ReachHeight,
  slice: SliceMound,
};
