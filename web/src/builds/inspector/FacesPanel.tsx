import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Evaluation, Feature } from "../../api/types";
import { Choice } from "../../common/Choice";
import { useCatalogue, usualWork } from "../../common/catalogue";
import { wordsWide } from "../../common/labels";
import { NameOf } from "../../common/NameOf";
import { NumberField } from "../../common/NumberField";
import { capital, mm, short } from "../../common/words";
import { bounds, ringPath } from "../plan/outline";
import { useBuild, useBuildSession } from "../useSession";
import { FieldRows } from "./FieldRows";
import { fieldsOf, type Part } from "./partFields";

type Opening = NonNullable<Feature["openings"]>[number];
type Faced = Evaluation["faces"][number];

/** Between two faces that are drawn side by side, mm. */
const APART = 4;
/** Members of an opening that are typed. */
const MEASURES = [
  ["from_left_mm", "From left"],
  ["sill_mm", "Sill"],
  ["width_mm", "Wide"],
  ["height_mm", "High"],
] as const;

/** A building's faces, drawn side by side to one scale with what is cut into them; doors and windows, each with its place. */
export function FacesPanel({ feature, pointer }: { feature: Feature; pointer: string }) {
  const session = useBuildSession();
  const catalogue = useCatalogue();
  const faced = useBuild().evaluation.faces.find((one) => one.where === pointer);
  if (!faced)
    return feature.roof ? (
      <Typography variant="body2">Its faces are known once its height is, on a plan with corners or a round one.</Typography>
    ) : null;
  const openings: Opening[] = feature.openings ?? [];
  const walls = faced.faces.filter((face) => face.wall);
  function add() {
    const made = usualWork(catalogue, "opening_cut")?.start;
    session.edit("Cut an opening", [
      feature.openings
        ? { op: "add", path: `${pointer}/openings/-`, value: made }
        : { op: "add", path: `${pointer}/openings`, value: [made] },
    ]);
  }
  return (
    <Box component="section" aria-label="Faces">
      <Typography variant="h3">Faces</Typography>
      <FacesDrawing faced={faced} />
      <Typography variant="body2">
        {mm(faced.eaves_mm)} to the eaves · {short(faced.area_mm2 / 100)} cm² of faces · {openings.length || "no"}{" "}
        {openings.length === 1 ? "opening" : "openings"} · unfolded among the templates
      </Typography>
      {feature.powered && (
        <Typography variant="body2">
          {faced.room_mm
            ? `Room inside for its light: ${faced.room_mm.map(short).join(" × ")} mm, up to the eaves`
            : "The room inside for its light is known once its walls are, on a rectangle"}
        </Typography>
      )}
      {openings.map((opening, index) => (
        <OpeningRow
          // biome-ignore lint/suspicious/noArrayIndexKey: openings have no ids
          key={index}
          opening={opening}
          pointer={`${pointer}/openings/${index}`}
          walls={walls.map((face) => capital(face.name))}
        />
      ))}
      <Button size="small" variant="outlined" sx={{ mt: 1 }} onClick={add}>
        Cut an opening
      </Button>
    </Box>
  );
}

function OpeningRow({ opening, pointer, walls }: { opening: Opening; pointer: string; walls: string[] }) {
  const session = useBuildSession();
  const catalogue = useCatalogue();
  const name = opening.name ?? "opening";
  const put = (label: string, member: string, value: unknown) => session.edit(label, [{ op: "add", path: `${pointer}/${member}`, value }]);
  return (
    <Box role="group" aria-label={name} sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center", mt: 1 }}>
      <NameOf name={name} onChange={(value) => put("Rename an opening", "name", value)} />
      <Choice
        label="In"
        width={150}
        value={String(opening.wall ?? 1)}
        options={walls.map((wall, i) => [String(i + 1), wall])}
        onChange={(wall) => put("Another wall", "wall", Number(wall))}
      />
      {MEASURES.map(([member, label]) => (
        <NumberField
          key={member}
          label={label}
          unit="mm"
          min={member.endsWith("left_mm") || member === "sill_mm" ? 0 : 0.1}
          step={0.5}
          width={100}
          value={opening[member] ?? 0}
          onChange={(value) => put("Move an opening", member, value)}
        />
      ))}
      <FieldRows fields={fieldsOf(catalogue, "openings", opening as Part)} part={opening as Part} pointer={pointer} called={name} />
      <Button
        size="small"
        color="error"
        aria-label={`Take out ${name}`}
        onClick={() => session.edit("Close an opening", [{ op: "remove", path: pointer }])}
      >
        Take out
      </Button>
    </Box>
  );
}

/** Walls on one line, the roof's faces after them. */
function FacesDrawing({ faced }: { faced: Faced }) {
  const { tints, palette } = useTheme();
  const wide = faced.faces.map((face) => {
    const [x0, , x1] = bounds([face.ring]);
    return x1 - x0;
  });
  const names = faced.faces.map((face) => face.name.replace(" wall", "").replace(" slope", ""));
  const type = wide.reduce((sum, one) => sum + one, 0) / 34;
  // Each has room for its name, too.
  const room = wide.map((one, index) => Math.max(one, wordsWide(names[index], type)));
  const starts = room.map((_, index) => room.slice(0, index).reduce((sum, one) => sum + one + APART, 0));
  const whole = starts[starts.length - 1] + room[room.length - 1];
  const high = Math.max(...faced.faces.map((face) => bounds([face.ring])[3]));
  return (
    <svg
      viewBox={`-1 ${-high - 1} ${whole + 2} ${high + type * 2}`}
      role="img"
      aria-label={`Its faces: ${faced.faces.map((face) => face.name).join(", ")}`}
      style={{ width: "100%", maxHeight: 150 }}
    >
      {faced.faces.map((face, index) => (
        <g key={face.name} transform={`translate(${starts[index] + (room[index] - wide[index]) / 2 - bounds([face.ring])[0]} 0)`}>
          <g transform="scale(1 -1)">
            <path
              d={`${ringPath(face.ring)}Z`}
              fill={face.wall ? tints.sitting : tints.lit}
              stroke={palette.text.primary}
              strokeWidth={whole / 500}
            />
            {face.openings.map((opening) => (
              <path
                key={opening.where}
                d={`${ringPath(opening.ring)}Z`}
                fill={tints.mat}
                stroke={palette.text.primary}
                strokeWidth={whole / 700}
              />
            ))}
          </g>
          <text x={bounds([face.ring])[0] + wide[index] / 2} y={type * 1.3} fontSize={type} textAnchor="middle" fill={palette.text.primary}>
            {names[index]}
          </text>
        </g>
      ))}
    </svg>
  );
}
