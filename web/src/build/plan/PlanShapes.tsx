import { useTheme } from "@mui/material/styles";
import { memo, useMemo } from "react";
import type { Drawing, Point } from "../../api/types";
import { bounds, ringsPath } from "./outline";

const INK = "#211b14";
const PAPER = "#f3ead8";
const WOOD = "#b59468";
const STONE = "#918879";

/** A place inside rings that looks scattered and is the same at every drawing. */
function scattered(rings: Point[][], apart: number, seed: number): Point[] {
  if (!rings.length || !rings[0].length) return [];
  const [x0, y0, x1, y1] = bounds(rings);
  const out: Point[] = [];
  let state = seed + 1;
  const random = () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
  for (let x = x0; x < x1 && out.length < 400; x += apart) {
    for (let y = y0; y < y1 && out.length < 400; y += apart) {
      const point: Point = [x + random() * apart, y + random() * apart];
      if (inside(point, rings)) out.push(point);
    }
  }
  return out;
}

function inside([x, y]: Point, rings: Point[][]): boolean {
  let odd = false;
  for (const ring of rings) {
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i, i += 1) {
      const [xi, yi] = ring[i];
      const [xj, yj] = ring[j];
      if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) odd = !odd;
    }
  }
  return odd;
}

/** Marks for what grows, as a draughtsman would set them: strokes for fibres, stars for tufts, dots for flock. */
function Greenery({ zone, apart }: { zone: Drawing["zones"][number]; apart: number }) {
  const tufts = zone.greenery.includes("tufts");
  const points = useMemo(
    () => scattered(zone.rings, tufts ? apart * 2 : apart, zone.pointer.length * 7 + zone.rings.length),
    [zone, tufts, apart],
  );
  const s = apart * 0.26;
  return (
    <path
      pointerEvents="none"
      fill="none"
      stroke={tufts ? "#d7dd7a" : "#dfe6a6"}
      strokeOpacity={0.75}
      strokeWidth={Math.max(apart * 0.055, 0.12)}
      strokeLinecap="round"
      d={points
        .map(([x, y]) =>
          tufts
            ? `M${x} ${y}l0 ${s * 1.3}M${x} ${y}l${s} ${s}M${x} ${y}l${-s} ${s}M${x} ${y}l${s * 1.1} ${-s * 0.2}M${x} ${y}l${-s * 1.1} ${-s * 0.2}`
            : `M${x} ${y}l${s * 0.4} ${s}`,
        )
        .join("")}
    />
  );
}

/** The base from above as the server computed it: plinth, ground, forms, water where it really stands, what stands on it. Unlit. */
export const PlanShapes = memo(function PlanShapes({
  drawing,
  hidden,
  thumbnail = false,
}: {
  drawing: Drawing;
  hidden?: string | null;
  thumbnail?: boolean;
}) {
  const { bench } = useTheme();
  const box = useMemo(() => bounds(drawing.foot), [drawing]);
  const apart = Math.max(box[2] - box[0], box[3] - box[1]) / (thumbnail ? 22 : 30);
  const fine = Math.max(box[2] - box[0], box[3] - box[1]) / 500;
  const shown = <T extends { pointer: string }>(list: T[]) => list.filter((part) => part.pointer !== hidden);
  return (
    <g strokeLinejoin="round">
      <path d={ringsPath(drawing.foot)} fill={WOOD} stroke="#f4efe2" strokeWidth={fine * 2.2} />
      {drawing.top.length > 0 && <path d={ringsPath(drawing.top)} fill="none" stroke={INK} strokeOpacity={0.35} strokeWidth={fine} />}
      {shown(drawing.forms).map((form) => (
        <path
          key={form.pointer}
          data-part={form.pointer}
          d={ringsPath(form.rings)}
          fill={form.kind === "cut" ? "#5c4632" : (form.colour ?? WOOD)}
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
          {zone.greenery.length > 0 && <Greenery zone={zone} apart={apart} />}
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
          strokeDasharray={
            form.kind === "cut" ? `${fine * 5} ${fine * 3}` : form.kind === "skim" ? `${fine * 1.5} ${fine * 2.5}` : undefined
          }
        />
      ))}
      {shown(drawing.waters).map((water) => (
        <g key={water.pointer}>
          <path
            data-part={water.pointer}
            d={ringsPath(water.drawn)}
            fill="transparent"
            stroke="#e8f3f8"
            strokeWidth={fine * 1.4}
            strokeDasharray={`${fine * 5} ${fine * 4}`}
          />
          <path
            data-part={water.pointer}
            d={ringsPath(water.wet)}
            fill={water.colour ?? bench.wet}
            fillOpacity={0.82}
            fillRule="evenodd"
            stroke="#cfe6f2"
            strokeWidth={fine}
          />
          {water.dams.map((dam) => (
            <path
              key={dam[0].join()}
              pointerEvents="none"
              d={ringsPath([dam]).replace(/Z/g, "")}
              fill="none"
              stroke="#ff6a4d"
              strokeWidth={fine * 5}
              strokeLinecap="round"
            />
          ))}
        </g>
      ))}
      {shown(drawing.features).map((feature) => {
        const [x0, y0, x1, y1] = bounds(feature.rings);
        return (
          <g key={feature.pointer}>
            {feature.crown_mm && ["tree", "bush", "hedge"].includes(feature.kind) && (
              <circle
                pointerEvents="none"
                cx={(x0 + x1) / 2}
                cy={(y0 + y1) / 2}
                r={feature.crown_mm / 2}
                fill="#41602f"
                fillOpacity={0.3}
                stroke="#2e4522"
                strokeWidth={fine}
                strokeDasharray={`${fine * 3} ${fine * 2}`}
              />
            )}
            <path
              data-part={feature.pointer}
              d={ringsPath(feature.rings)}
              fill={feature.colour ?? STONE}
              fillRule="evenodd"
              stroke={INK}
              strokeWidth={fine}
            />
          </g>
        );
      })}
      {shown(drawing.subjects).map((subject) => (
        <g key={subject.pointer}>
          {subject.silhouette.length > 0 && (
            <path
              pointerEvents="none"
              d={ringsPath(subject.silhouette)}
              fill={PAPER}
              fillOpacity={0.35}
              stroke={INK}
              strokeOpacity={0.6}
              strokeWidth={fine}
              strokeDasharray={`${fine * 3} ${fine * 2}`}
            />
          )}
          <path
            data-part={subject.pointer}
            d={ringsPath(subject.rings)}
            fill={PAPER}
            fillRule="evenodd"
            stroke={subject.focal ? "#d7962a" : INK}
            strokeWidth={fine * (subject.focal ? 2.4 : 1.4)}
          />
          {subject.feet.map((foot) => (
            <path
              key={foot.join()}
              pointerEvents="none"
              d={`M${foot[0] - fine * 4} ${foot[1]}h${fine * 8}M${foot[0]} ${foot[1] - fine * 4}v${fine * 8}`}
              stroke={INK}
              strokeWidth={fine * 1.6}
            />
          ))}
        </g>
      ))}
    </g>
  );
});
