import { useTheme } from "@mui/material/styles";
import { memo } from "react";
import type { Drawing } from "../../api/types";
import { has, kindOf, useCatalogue } from "../../common/catalogue";
import { bounds, ringPath, ringsPath } from "./outline";

const INK = "#211b14";
const LEAVES = { fill: "#41602f", stroke: "#2e4522" };
const FOCAL = "#d7962a";
const DAM = "#ff6a4d";

/** A hair line, mm: the five hundredth part of the base. */
interface Fine {
  fine: number;
}

const dashes = (fine: number, on: number, off: number) => `${fine * on} ${fine * off}`;

/** A water where it was drawn and where it really stands, and the edges that must be dammed. */
export const WaterShape = memo(function WaterShape({ water, fine }: Fine & { water: Drawing["waters"][number] }) {
  const { tints } = useTheme();
  return (
    <g>
      <path
        data-part={water.pointer}
        d={ringsPath(water.drawn)}
        fill="transparent"
        stroke="#e8f3f8"
        strokeWidth={fine * 1.4}
        strokeDasharray={dashes(fine, 5, 4)}
      />
      <path
        data-part={water.pointer}
        d={ringsPath(water.wet)}
        fill={water.colour ?? tints.wet}
        fillOpacity={0.82}
        fillRule="evenodd"
        stroke="#cfe6f2"
        strokeWidth={fine}
      />
      {water.depths.map((band) => (
        <path key={band.from_mm} pointerEvents="none" d={ringsPath(band.rings)} fill={band.colour} fillRule="evenodd" />
      ))}
      {water.courses
        .filter((course) => course.colour !== null)
        .map((course) => (
          <path
            key={course.pointer}
            data-part={course.pointer}
            d={ringsPath(course.rings)}
            fill={course.colour as string}
            // What lies under the pours is seen through them, and water through what covers it in part.
            fillOpacity={(course.under ? 0.35 : 0.9) * course.cover}
            fillRule="evenodd"
          />
        ))}
      {water.reaches
        .flatMap((reach) => reach.dams)
        .map((dam) => (
          <path
            key={`reach ${dam[0].join()}`}
            pointerEvents="none"
            d={ringsPath([dam]).replace(/Z/g, "")}
            fill="none"
            stroke={DAM}
            strokeWidth={fine * 2.5}
            strokeDasharray={dashes(fine, 6, 4)}
          />
        ))}
      {water.dams.map((dam) => (
        <path
          key={dam[0].join()}
          pointerEvents="none"
          d={ringsPath([dam]).replace(/Z/g, "")}
          fill="none"
          stroke={DAM}
          strokeWidth={fine * 5}
          strokeLinecap="round"
        />
      ))}
    </g>
  );
});

/** A feature's own outline, with its crown where it carries one. */
export const FeatureShape = memo(function FeatureShape({ feature, fine }: Fine & { feature: Drawing["features"][number] }) {
  const kind = kindOf(useCatalogue(), "features", feature.kind);
  const [x0, y0, x1, y1] = bounds(feature.rings);
  return (
    <g>
      {feature.crown_mm && has(kind, "crowned") && (
        <circle
          pointerEvents="none"
          cx={(x0 + x1) / 2}
          cy={(y0 + y1) / 2}
          r={feature.crown_mm / 2}
          {...LEAVES}
          fillOpacity={0.3}
          strokeWidth={fine}
          strokeDasharray={dashes(fine, 3, 2)}
        />
      )}
      <path
        data-part={feature.pointer}
        d={ringsPath(feature.rings)}
        fill={feature.colour ?? kind?.colour ?? STONE}
        fillRule="evenodd"
        stroke={INK}
        strokeWidth={fine}
      />
      {feature.cable.length > 0 && (
        <path
          pointerEvents="none"
          d={ringPath(feature.cable)}
          fill="none"
          stroke={FOCAL}
          strokeWidth={fine * 2}
          strokeDasharray={dashes(fine, 2, 2)}
        />
      )}
      {feature.rails.map((rail) => (
        <path key={rail[0].join()} pointerEvents="none" d={ringPath(rail)} fill="none" stroke={RAIL} strokeWidth={fine * 2.4} />
      ))}
    </g>
  );
});

const RAIL = "#d9d2c4";
const STONE = "#918879";

/** A subject's footprint with its feet, and its whole plan shadow where that is larger. */
export const SubjectShape = memo(function SubjectShape({ subject, fine }: Fine & { subject: Drawing["subjects"][number] }) {
  const { colour, above } = kindOf(useCatalogue(), "subjects", subject.kind) ?? {};
  const [wide, deep] = subject.size_mm;
  return (
    <g>
      {subject.silhouette.length > 0 && (
        <path
          pointerEvents="none"
          d={ringsPath(subject.silhouette)}
          fill={colour}
          fillOpacity={0.35}
          stroke={INK}
          strokeOpacity={0.6}
          strokeWidth={fine}
          strokeDasharray={dashes(fine, 3, 2)}
        />
      )}
      <path
        data-part={subject.pointer}
        d={ringsPath(subject.rings)}
        fill={colour}
        fillRule="evenodd"
        stroke={subject.focal ? FOCAL : INK}
        strokeWidth={fine * (subject.focal ? 2.4 : 1.4)}
      />
      {above && (
        <path
          pointerEvents="none"
          d={above}
          transform={`translate(${subject.at_mm.join(" ")}) rotate(${subject.turn_deg}) scale(${wide} ${deep})`}
          fill={INK}
          fillOpacity={0.14}
          stroke={INK}
          strokeOpacity={0.75}
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
      )}
      {subject.feet.map(([x, y]) => (
        <path
          key={`${x} ${y}`}
          pointerEvents="none"
          d={`M${x - fine * 4} ${y}h${fine * 8}M${x} ${y - fine * 4}v${fine * 8}`}
          stroke={INK}
          strokeWidth={fine * 1.6}
        />
      ))}
    </g>
  );
});
