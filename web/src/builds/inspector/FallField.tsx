import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Evaluation, PatchOperation, Water } from "../../api/types";
import { NumberField } from "../../common/NumberField";
import { capital, mm, short } from "../../common/words";
import { nameOf } from "../plan/parts";
import { useBuild, useBuildSession, useFile } from "../useSession";
import type { FieldProps } from "./fieldEdit";

type Mark = NonNullable<Water["fall"]>[number];
type Reaches = Evaluation["waters"][number]["reaches"];

/** How running water falls: drawn along its line, the level at each mark typed; pulled on the plan. Still water may begin to run. */
export function FallField({ field, part, pointer, own }: FieldProps) {
  const session = useBuildSession();
  const name = nameOf(useFile(), pointer);
  const pool = useBuild().evaluation.waters.find((water) => water.id === part.id);
  const fall = own as Mark[] | undefined;
  const edit = (patch: PatchOperation[]) => session.edit(`${field.edit} ${name}`, patch);
  if (!fall) {
    const proposed = pool?.fall_proposed;
    if (!proposed) return null;
    const still: PatchOperation[] = part.level_mm === undefined ? [] : [{ op: "remove", path: `${pointer}/level_mm` }];
    return (
      <Button
        size="small"
        variant="outlined"
        sx={{ alignSelf: "flex-start" }}
        onClick={() => edit([...still, { op: "add", path: `${pointer}/fall`, value: proposed }])}
      >
        Let it run downhill
      </Button>
    );
  }
  const put = (index: number, mark: Mark) => edit([{ op: "replace", path: `${pointer}/fall/${index}`, value: mark }]);
  return (
    <Box component="section" aria-label={field.name}>
      <Typography variant="h3">{field.name}</Typography>
      {pool && <Profile fall={fall} reaches={pool.reaches} />}
      {fall.map((mark, index) => (
        <Box
          // biome-ignore lint/suspicious/noArrayIndexKey: marks have no names
          key={index}
          role="group"
          aria-label={`Mark ${index + 1}`}
          sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap", my: 0.75 }}
        >
          <NumberField
            label={`${index + 1}: surface at`}
            unit="mm"
            value={mark.level_mm}
            step={0.5}
            width={130}
            onChange={(level_mm) => put(index, { ...mark, level_mm })}
          />
          {["x", "y"].map((axis, at) => (
            <NumberField
              key={axis}
              label={axis}
              unit="mm"
              value={mark.at_mm[at]}
              step={1}
              width={96}
              onChange={(value) => put(index, { ...mark, at_mm: mark.at_mm.map((old, i) => (i === at ? value : old)) })}
            />
          ))}
          {index < fall.length - 1 && (
            <Button size="small" onClick={() => edit([{ op: "add", path: `${pointer}/fall/${index + 1}`, value: between(fall, index) }])}>
              Add after it
            </Button>
          )}
          {fall.length > 2 && (
            <Button
              size="small"
              color="error"
              aria-label={`Take out mark ${index + 1}`}
              onClick={() => edit([{ op: "remove", path: `${pointer}/fall/${index}` }])}
            >
              Take out
            </Button>
          )}
        </Box>
      ))}
      <Button
        size="small"
        onClick={() =>
          edit([
            { op: "remove", path: `${pointer}/fall` },
            { op: "add", path: `${pointer}/level_mm`, value: fall[fall.length - 1].level_mm },
          ])
        }
      >
        Let it stand level
      </Button>
    </Box>
  );
}

/** Halfway to the next. */
const between = (fall: Mark[], index: number): Mark => {
  const half = (a: number, b: number) => Math.round((a + b) * 5) / 10;
  const [a, b] = [fall[index], fall[index + 1]];
  return { at_mm: a.at_mm.map((value, axis) => half(value, b.at_mm[axis])), level_mm: half(a.level_mm, b.level_mm) };
};

const WIDE = 300;
const HIGH = 84;
const FOOT = 18;

/** The surface from its source to its end, as steep as it is drawn up; white where it breaks. */
function Profile({ fall, reaches }: { fall: Mark[]; reaches: Reaches }) {
  const { tints, palette } = useTheme();
  const long = reaches[reaches.length - 1]?.to_mm || 1;
  const levels = fall.map((mark) => mark.level_mm);
  const [low, high] = [Math.min(...levels), Math.max(...levels)];
  const x = (s: number) => 4 + (s / long) * (WIDE - 8);
  const y = (z: number) => 8 + ((high - z) / (high - low || 1)) * (HIGH - FOOT - 16);
  let top = high;
  return (
    <>
      <svg viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={`It falls ${mm(high - low)} over ${mm(long)}`} style={{ width: "100%" }}>
        {reaches.map((reach) => {
          const from = top;
          top = from - reach.drop_mm;
          return (
            <g key={reach.name}>
              <path
                d={`M${x(reach.from_mm)} ${y(from)}L${x(reach.to_mm)} ${y(top)}V${HIGH - FOOT}H${x(reach.from_mm)}Z`}
                fill={tints.wet}
                fillOpacity={0.35}
              />
              <path
                d={`M${x(reach.from_mm)} ${y(from)}L${x(reach.to_mm)} ${y(top)}`}
                stroke={reach.white ? palette.text.primary : tints.wet}
                strokeWidth={reach.white ? 4 : 2.5}
                strokeDasharray={reach.white ? "5 3" : undefined}
              />
              {reach.dam_mm > 0 && <path d={`M${x(reach.to_mm)} ${y(top) - 6}V${HIGH - FOOT}`} stroke={tints.accent} strokeWidth={3} />}
            </g>
          );
        })}
        <text x={4} y={HIGH - 4} fontSize={12} fill={palette.text.secondary}>
          source
        </text>
        <text x={WIDE - 4} y={HIGH - 4} fontSize={12} textAnchor="end" fill={palette.text.secondary}>
          {mm(high - low)} down over {mm(long)}
        </text>
      </svg>
      {reaches.map((reach) => (
        <Typography key={reach.name} variant="body2">
          <b>{capital(reach.name)}</b>: {reach.slope_pct === null ? "straight down" : `${short(reach.slope_pct)} in 100`}
          {reach.white ? ", breaks white" : ""}
          {reach.poured
            ? reach.tilt_deg !== null
              ? `; prop the base up by ${short(reach.tilt_deg)}° to pour it`
              : ""
            : "; laid, not poured"}
          {reach.dam_mm > 0 ? `; a dam of ${mm(reach.dam_mm)} below it` : ""}
        </Typography>
      ))}
    </>
  );
}
