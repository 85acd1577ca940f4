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
}

/** Features and subjects in elevation: firm where the cut goes through them, faint where it passes by. */
export function Standing({ section, x, y, top, lit, onSelect }: Props) {
  const { tints, palette } = useTheme();
  const catalogue = useCatalogue();
  return (
    <g data-testid="standing">
      {section.standing.map((one) => {
        const [left, right] = [x(one.from), x(one.to)];
        const foot = y(one.low);
        const head = Math.max(y(one.high), top);
        const cut_off = y(one.high) < top;
        const on = within(one.pointer, lit);
        const silhouette = cut_off ? undefined : standingKind(catalogue, one.kind, one.pointer)?.silhouette;
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
            {silhouette ? (
              <path
                d={silhouette}
                transform={`translate(${(left + right) / 2} ${foot}) scale(${Math.max(right - left, 2)} ${-(foot - head)})`}
                vectorEffect="non-scaling-stroke"
                {...drawn}
              />
            ) : (
              <rect
                x={left}
                y={head}
                width={Math.max(right - left, 1)}
                height={Math.max(foot - head, 0)}
                strokeDasharray={cut_off ? "4 3" : undefined}
                {...drawn}
              />
            )}
          </g>
        );
      })}
    </g>
  );
}
