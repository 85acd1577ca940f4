import Typography from "@mui/material/Typography";
import type { ComponentType } from "react";
import { has, kindOf, useCatalogue } from "../../common/catalogue";
import { count, short } from "../../common/words";
import { useBuild } from "../useSession";
import { PoolFigures } from "./PoolFigures";
import { listOf, type Part } from "./partFields";

interface Props {
  part: Part;
  pointer: string;
}

/** What was computed of the part. */
export function PartFigures(props: Props) {
  const Figures = FIGURES[listOf(props.pointer)];
  return Figures ? <Figures {...props} /> : null;
}

function FormFigures({ part }: Props) {
  const figures = useBuild().evaluation.relief.forms.find((form) => form.id === part.id);
  const kind = kindOf(useCatalogue(), "forms", part.kind);
  if (!figures) return null;
  return (
    <Typography variant="body2" color="text.secondary">
      {short(figures.area_mm2 / 100)} cm² · {has(kind, "takes_away") ? "takes away" : "adds"} {short(figures.volume_mm3 / 1000)} ml
      {figures.void_mm3 > 1 ? ` · bridges ${short(figures.void_mm3 / 1000)} ml of void` : ""}
    </Typography>
  );
}

function ZoneFigures({ part }: Props) {
  const area = useBuild().evaluation.relief.zones.find((zone) => zone.id === part.id)?.area_mm2;
  if (area === undefined) return null;
  return (
    <Typography variant="body2" color="text.secondary">
      {short(area / 100)} cm² of it shows
    </Typography>
  );
}

function UnitFigures({ pointer }: Props) {
  const units = useBuild().evaluation.units.find((unit) => unit.where === `${pointer}/unit`);
  if (!units) return null;
  return (
    <Typography variant="body2" data-testid="unit-count">
      <b>{count(units.count, "piece")}</b>: {units.name} {units.of}, each{" "}
      {units.size_mm.map((side) => (side === null ? "?" : short(side))).join(" × ")} mm with {short(units.joint_mm)} mm between. Make{" "}
      {units.to_get}, for waste and spares.
    </Typography>
  );
}

const FIGURES: Record<string, ComponentType<Props>> = {
  forms: FormFigures,
  zones: ZoneFigures,
  features: UnitFigures,
  waters: PoolFigures,
};
