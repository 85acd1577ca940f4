import { memo, useMemo } from "react";
import type { Drawing } from "../../api/types";
import { kindOf, useCatalogue } from "../../common/catalogue";
import { Greenery } from "./Greenery";
import { bounds, ringsPath } from "./outline";
import { FeatureShape, SubjectShape, WaterShape } from "./StandingShapes";
import { WakeLines } from "./WakeLines";

const INK = "#211b14";
const WOOD = "#b59468";
/** Of a road line whose colour nobody says. */
const MARKING = "#f4f1e6";

interface Props {
  drawing: Drawing;
  hidden?: string | null;
  thumbnail?: boolean;
}

/** The base from above as the server computed it: plinth, ground, forms, water where it really stands, what stands on it. Unlit. */
export const PlanShapes = memo(function PlanShapes({ drawing, hidden, thumbnail = false }: Props) {
  const catalogue = useCatalogue();
  const box = useMemo(() => bounds(drawing.foot), [drawing]);
  const long = Math.max(box[2] - box[0], box[3] - box[1]);
  const fine = long / 500;
  const shown = <T extends { pointer: string }>(list: T[]) => list.filter((part) => part.pointer !== hidden);
  const kindOfForm = (form: Drawing["forms"][number]) => kindOf(catalogue, "forms", form.kind);
  return (
    <g strokeLinejoin="round">
      <path d={ringsPath(drawing.foot)} fill={WOOD} stroke="#f4efe2" strokeWidth={fine * 2.2} />
      {drawing.top.length > 0 && <path d={ringsPath(drawing.top)} fill="none" stroke={INK} strokeOpacity={0.35} strokeWidth={fine} />}
      {shown(drawing.forms).map((form) => (
        <path
          key={form.pointer}
          data-part={form.pointer}
          d={ringsPath(form.rings)}
          fill={kindOfForm(form)?.colour ?? form.colour ?? WOOD}
        />
      ))}
      {shown(drawing.zones).map((zone) => (
        <g key={zone.pointer}>
          <path
            data-part={zone.pointer}
            d={ringsPath(zone.rings)}
            fill={zone.colour}
            fillOpacity={0.9}
            fillRule="evenodd"
            stroke={INK}
            strokeOpacity={0.25}
            strokeWidth={fine * 0.7}
          />
          {zone.greenery.length > 0 && <Greenery zone={zone} apart={long / (thumbnail ? 22 : 30)} />}
        </g>
      ))}
      {shown(drawing.forms).map((form) => (
        <path
          key={`edge${form.pointer}`}
          pointerEvents="none"
          d={ringsPath(form.rings)}
          fill="none"
          stroke={INK}
          strokeOpacity={0.55}
          strokeWidth={fine * 1.1}
          strokeDasharray={kindOfForm(form)
            ?.dashes?.map((dash) => dash * fine)
            .join(" ")}
        />
      ))}
      {shown(drawing.waters).map((water) => (
        <WaterShape key={water.pointer} water={water} fine={fine} />
      ))}
      {drawing.markings.map((mark) => (
        <path
          key={`${mark.pointer} ${mark.rings[0][0]}`}
          pointerEvents="none"
          d={ringsPath(mark.rings)}
          fill={mark.colour ?? MARKING}
          fillOpacity={0.9}
        />
      ))}
      <WakeLines wakes={drawing.wakes} fine={fine} />
      {shown(drawing.features).map((feature) => (
        <FeatureShape key={feature.pointer} feature={feature} fine={fine} />
      ))}
      {shown(drawing.subjects).map((subject) => (
        <SubjectShape key={subject.pointer} subject={subject} fine={fine} />
      ))}
    </g>
  );
});
