import { useTheme } from "@mui/material/styles";
import type { Section } from "../../api/types";
import { standingKind, useCatalogue } from "../../common/catalogue";
import { within } from "../useSession";

interface Props {
  section: Section;
  x: (s: number) => number;
  y: (z: number) => number;
  /** Nothing is drawn above this, px. */
  top: number;
  lit: string | null;
  onSelect: (pointer: string) => void;
  /** Of the hatches of the drawing. */
  hatches: string;
}

/** Features and subjects in elevation: firm where the cut goes through them, faint where it passes by. */
export function Standing({ section, x, y, top, lit, onSelect, hatches }: Props) {
  const { tints, palette } = useTheme();
  const catalogue = useCatalogue();
  return (
    <g data-testid="standing">
      {section.standing.map((one) => {
        const cut_off = y(one.high) < top;
        const on = within(one.pointer, lit);
        const silhouette = cut_off ? undefined : standingKind(catalogue, one.kind, one.pointer)?.[one.silhouette];
        const drawn = {
          fill: palette.text.secondary,
          fillOpacity: one.cut ? 0.42 : 0.14,
          stroke: on ? tints.accent : palette.text.primary,
          strokeOpacity: one.cut || on ? 0.9 : 0.4,
          strokeWidth: on ? 2.5 : 1,
        };
        return (
          <g key={`${one.pointer}${one.low}`} style={{ cursor: "pointer" }} onClick={() => onSelect(one.pointer)}>
            <title>
              {one.name}
              {one.cut ? "" : ", beside the cut"}
            </title>
            {shape(one, silhouette, { x, y, top }).map((path) => (
              <g key={path.d}>
                <path {...path} vectorEffect="non-scaling-stroke" {...drawn} strokeDasharray={cut_off ? "4 3" : undefined} />
                {one.cut && <path {...path} fill={`url(#${hatches}-cut)`} pointerEvents="none" />}
              </g>
            ))}
          </g>
        );
      })}
    </g>
  );
}

/** How something that stands is drawn: the silhouette of its kind, what the core sees of it, or, where neither fits, its box. */
export function shape(
  one: Section["standing"][number],
  silhouette: string | undefined,
  { x, y, top }: { x: (s: number) => number; y: (z: number) => number; top: number },
): { d: string; transform?: string }[] {
  const [left, right] = [x(one.from), x(one.to)];
  const [foot, head] = [y(one.low), Math.max(y(one.high), top)];
  if (silhouette)
    return [
      {
        d: silhouette,
        transform: `translate(${(left + right) / 2} ${foot}) scale(${Math.max(right - left, 2) * (one.mirrored ? -1 : 1)} ${-(foot - head)})`,
      },
    ];
  if (one.rings.length)
    return [
      {
        d: one.rings.map((ring) => `M${ring.map(([s, z]) => `${x(s).toFixed(1)} ${Math.max(y(z), top).toFixed(1)}`).join("L")}Z`).join(""),
      },
    ];
  return [{ d: `M${left} ${foot}V${head}H${Math.max(right, left + 1)}V${foot}Z` }];
}
