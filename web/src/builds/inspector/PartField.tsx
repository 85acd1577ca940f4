import Button from "@mui/material/Button";
import FormControlLabel from "@mui/material/FormControlLabel";
import Stack from "@mui/material/Stack";
import Switch from "@mui/material/Switch";
import type { ComponentType } from "react";
import type { Field } from "../../api/types";
import { Choice } from "../../common/Choice";
import { ColourField } from "../../common/ColourField";
import { has, kindsOf, materialOf } from "../../common/catalogue";
import { LifeField } from "../../common/LifeField";
import { MaterialField } from "../../common/MaterialField";
import { NumberField } from "../../common/NumberField";
import { WordsField } from "../brief/WordsField";
import { LaidField } from "../courses/LaidField";
import { useFile } from "../useSession";
import { FallField } from "./FallField";
import { FeetField } from "./FeetField";
import { FootingField } from "./FootingField";
import type { FieldProps } from "./fieldEdit";
import { LevelField } from "./LevelField";
import { ListField } from "./ListField";
import { MaterialsField } from "./MaterialsField";
import { NumbersField } from "./NumbersField";
import { OtherPartField } from "./OtherPartField";
import { OutlineField } from "./OutlineField";
import { PlaceField, TurnField } from "./PlaceField";
import { PointsField } from "./PointsField";
import { RangeField } from "./RangeField";
import { ReachHeight } from "./ReachHeight";
import { SeveralField } from "./SeveralField";
import { SliceMound } from "./SliceMound";
import { TechniqueField } from "./TechniqueField";
import { ThingField } from "./ThingField";

/** One field of a part, drawn as its record says. */
export function PartField(props: FieldProps) {
  const Drawn = DRAWN[props.field.as ?? "number"] ?? OneNumber;
  return <Drawn {...props} />;
}

/** No length of a build is more than this, mm. */
const MOST_MM = 5000;

/** Fields that take a line of their own. */
export const onItsOwn = (field: Field): boolean =>
  ["level", "fall", "outline", "footing", "feet", "reach", "slice", "list", "points", "materials"].includes(field.as ?? "");

/** Wide enough for the name above, and below for six digits, or what it says when it is empty, with their unit, px. */
export function widthOf(field: Field): number {
  const figures = Math.max(6, field.optional ? (field.empty?.length ?? 0) : 0);
  return Math.max(field.name.length * 7.5 + 26, 18 + 8 * figures + 9 * (field.unit?.length ?? 0));
}

function OneNumber({ field, own, shown, put, clear }: FieldProps) {
  const { scale } = useFile();
  const model = (
    <NumberField
      label={field.name}
      unit={field.unit}
      min={field.least}
      max={field.most ?? (field.unit === "mm" ? MOST_MM : undefined)}
      step={field.step}
      whole={field.whole}
      empty={field.empty}
      width={widthOf(field)}
      value={shown as number | undefined}
      onChange={put}
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

function OneOfKinds({ field, catalogue, shown, put, clear }: FieldProps) {
  const kinds = kindsOf(catalogue, field.kinds as string).filter((kind) => !field.trait || has(kind, field.trait));
  const none: [string, string][] = field.optional ? [["", field.empty ?? "not said"]] : [];
  const options = [...none, ...kinds.map((kind): [string, string] => [kind.key, kind.name ?? kind.key])];
  const longest = Math.max(field.name.length, ...options.map(([, name]) => name.length));
  return (
    <Choice
      label={field.name}
      width={longest * 8 + 60}
      value={(shown as string | undefined) ?? ""}
      options={options}
      onChange={(key) => (key ? put(key) : clear())}
    />
  );
}

function OneMaterial({ field, shown, put, clear }: FieldProps) {
  return (
    <MaterialField
      label={field.name}
      trait={field.trait as string}
      value={(shown as string | undefined) ?? null}
      onChange={(key) => put(key)}
      onClear={field.optional ? clear : undefined}
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
function OneColour({ field, part, catalogue, own, put, clear }: FieldProps) {
  const begun = materialOf(catalogue, part.material)?.colour ?? "#8a7a5c";
  if (!own) return <Button onClick={() => put(begun)}>{field.name}: none said</Button>;
  return (
    <Stack direction="row" sx={{ alignItems: "center" }}>
      <ColourField label={field.name} value={own as string} onChange={put} />
      {field.optional && (
        <Button size="small" onClick={clear}>
          None
        </Button>
      )}
    </Stack>
  );
}

function Words({ field, own, put, clear }: FieldProps) {
  return (
    <WordsField
      label={field.name}
      value={(own as string | undefined) ?? ""}
      onChange={(words) => (words ? put(words) : clear())}
      width={field.lines ? "100%" : 220}
      most={field.most ?? 400}
      lines={field.lines}
      needed={field.needed}
    />
  );
}

const DRAWN: Record<string, ComponentType<FieldProps>> = {
  number: OneNumber,
  choice: OneOfKinds,
  material: OneMaterial,
  thing: OneThing,
  switch: OnOrOff,
  text: Words,
  several: SeveralField,
  laid: LaidField,
  materials: MaterialsField,
  technique: TechniqueField,
  part: OtherPartField,
  numbers: NumbersField,
  list: ListField,
  points: PointsField,
  colour: OneColour,
  range: RangeField,
  place: PlaceField,
  turn: TurnField,
  level: LevelField,
  fall: FallField,
  outline: OutlineField,
  footing: FootingField,
  feet: FeetField,
  reach: ReachHeight,
  slice: SliceMound,
};
