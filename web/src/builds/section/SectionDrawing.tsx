import { useTheme } from "@mui/material/styles";
import type { PointerEvent } from "react";
import type { Section, Stratum } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { short } from "../../common/words";
import { related, useBuild, useBuildSession, useSelection } from "../useSession";
import { Hatches, hatchOf } from "./hatches";
import { Heights, ScaleBar } from "./SectionMarks";
import { Standing } from "./Standing";
import { MARGIN, type Run, type SectionScale, shapeOf, surfaceOf } from "./sectionScale";
import { WaterGrip } from "./WaterGrip";

const BARE = "#b59468";

interface Props {
  section: Section;
  name: string;
  scale: SectionScale;
  /** px */
  width: number;
  onPoint: (event: PointerEvent, stratum: string, run: Run) => void;
}

/** Every stratum of a cut, hatched by family, with the waters and what stands there; lit where the selection lies. */
export function SectionDrawing({ section, name, scale, width, onPoint }: Props) {
  const { file } = useBuild();
  const session = useBuildSession();
  const { pointer } = useSelection();
  const { x, y } = scale;
  return (
    <svg
      width={width}
      height={scale.height}
      role="img"
      aria-label={`Section ${name} of ${file.title}, ${short(section.length_mm)} mm long`}
      style={{ display: "block" }}
    >
      <Hatches id={`cut${name}`} />
      <Heights scale={scale} />
      <Standing
        section={section}
        x={x}
        y={y}
        top={MARGIN.top - 8}
        lit={pointer}
        onSelect={(part) => session.select(part)}
        hatches={`cut${name}`}
      />
      {section.strata.map((stratum) => (
        <StratumRuns
          key={`${stratum.pointer} ${stratum.runs[0]?.[0]}`}
          stratum={stratum}
          hatches={`cut${name}`}
          scale={scale}
          onPoint={onPoint}
        />
      ))}
      {section.waters.map((water) => (
        <Wet key={water.id} runs={water.runs} hatches={`cut${name}`} scale={scale} />
      ))}
      {section.waters.flatMap((water) =>
        water.courses.map((course) => <Laid key={course.pointer} course={course} scale={scale} onPoint={onPoint} />),
      )}
      {section.waters.map((water) => (
        <WaterGrip key={water.id} water={water} x={x} y={y} up={scale.up} />
      ))}
      <Letter x={scale.left - 8} y={y(0) + 4} end>
        {name}
      </Letter>
      <Letter x={scale.right + 8} y={y(0) + 4}>
        {name}′
      </Letter>
      <ScaleBar scale={scale} />
    </svg>
  );
}

type WaterCourseCut = Section["waters"][number]["courses"][number];

interface StratumProps {
  stratum: Stratum;
  hatches: string;
  scale: SectionScale;
  onPoint: Props["onPoint"];
}

function StratumRuns({ stratum, hatches, scale, onPoint }: StratumProps) {
  const session = useBuildSession();
  const catalogue = useCatalogue();
  const { pointer } = useSelection();
  const { tints, palette } = useTheme();
  const lit = related(stratum.pointer, pointer) && pointer !== "/plinth";
  return stratum.runs.map((run) => (
    <g
      key={`${run[0][0]}`}
      data-stratum={stratum.pointer}
      onClick={() => session.select(stratum.pointer)}
      onPointerMove={(event) => onPoint(event, stratum.name, run)}
      style={{ cursor: "pointer" }}
    >
      <path d={shapeOf(scale, run)} fill={stratum.colour ?? BARE} stroke={palette.text.primary} strokeWidth={0.7} />
      <path
        d={shapeOf(scale, run)}
        fill={`url(#${hatches}-${hatchOf(catalogue, stratum.family)})`}
        stroke={lit ? tints.accent : "none"}
        strokeWidth={3}
      />
    </g>
  ));
}

function Wet({ runs, hatches, scale }: { runs: Run[]; hatches: string; scale: SectionScale }) {
  const { tints } = useTheme();
  return runs.map((run) => (
    <g key={`${run[0][0]}`} pointerEvents="none">
      <path d={shapeOf(scale, run)} fill={tints.wet} fillOpacity={0.6} />
      <path d={shapeOf(scale, run)} fill={`url(#${hatches}-water)`} />
      <path d={surfaceOf(scale, run)} fill="none" stroke={tints.wet} strokeWidth={1.6} />
    </g>
  ));
}

/** What is laid on a water: at its bed, between its pours, or on its surface. */
function Laid({ course, scale, onPoint }: { course: WaterCourseCut; scale: SectionScale; onPoint: Props["onPoint"] }) {
  const session = useBuildSession();
  const { pointer } = useSelection();
  const { tints, palette } = useTheme();
  return course.runs.map((run) => (
    <path
      key={`${run[0][0]}`}
      data-stratum={course.pointer}
      d={shapeOf(scale, run)}
      fill={course.colour ?? tints.wet}
      stroke={related(course.pointer, pointer) ? tints.accent : palette.text.primary}
      strokeWidth={related(course.pointer, pointer) ? 2.5 : 0.4}
      onClick={() => session.select(course.pointer)}
      onPointerMove={(event) => onPoint(event, course.name, run)}
      style={{ cursor: "pointer" }}
    />
  ));
}

/** One end of the cut. */
function Letter({ x, y, end = false, children }: { x: number; y: number; end?: boolean; children: React.ReactNode }) {
  const { palette } = useTheme();
  return (
    <text x={x} y={y} textAnchor={end ? "end" : undefined} fontSize={14} fontWeight={700} fill={palette.text.primary}>
      {children}
    </text>
  );
}
