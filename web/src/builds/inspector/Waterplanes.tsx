import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Outline, Subject } from "../../api/types";
import { useCatalogue, usualWork } from "../../common/catalogue";
import { NumberField } from "../../common/NumberField";
import { bounds, corners, pathOf } from "../plan/outline";
import { useBuildSession } from "../useSession";
import { FieldRows } from "./FieldRows";
import { fieldsOf, type Part } from "./partFields";

type Plane = NonNullable<Subject["immersed"]>[number];

/** What a hull fills below its waterline, waterplane by waterplane: drawn within each other, each with its depth and its size. */
export function Waterplanes({ subject, pointer }: { subject: Subject; pointer: string }) {
  const session = useBuildSession();
  const { tints } = useTheme();
  const catalogue = useCatalogue();
  const next = usualWork(catalogue, "waterplane");
  const planes: Plane[] = subject.immersed ?? [];
  const put = (label: string, path: string, value: unknown) => session.edit(label, [{ op: "add", path, value }]);
  function add() {
    if (!next) return;
    const last = planes[planes.length - 1] ?? { depth_mm: 0, outline: subject.footprint };
    const plane = { depth_mm: last.depth_mm + (next.deeper_mm as number), outline: narrower(last.outline, next.narrower as number) };
    put("Add a waterplane", planes.length ? `${pointer}/immersed/-` : `${pointer}/immersed`, planes.length ? plane : [plane]);
  }
  const [x0, y0, x1, y1] = bounds([corners(subject.footprint)]);
  return (
    <Box component="section" aria-label="Below its waterline">
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Below its waterline
      </Typography>
      {planes.length > 0 && (
        <svg
          viewBox={`${x0 - 2} ${-y1 - 2} ${x1 - x0 + 4} ${y1 - y0 + 4}`}
          role="img"
          aria-label="Its waterplanes, one within the other"
          style={{ width: "100%", maxHeight: 110 }}
        >
          <g transform="scale(1 -1)" fill={tints.wet} stroke="currentColor" strokeWidth={(x1 - x0) / 250}>
            {[{ depth_mm: 0, outline: subject.footprint }, ...planes].map((plane, index) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: waterplanes have no names
              <path key={index} d={pathOf(plane.outline as Outline)} fillOpacity={0.25} />
            ))}
          </g>
        </svg>
      )}
      {planes.map((plane, index) => {
        const at = `${pointer}/immersed/${index}`;
        const outline = plane.outline as Outline;
        return (
          <Box
            // biome-ignore lint/suspicious/noArrayIndexKey: waterplanes have no names
            key={index}
            role="group"
            aria-label={`Waterplane ${index + 1}`}
            sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap", my: 1 }}
          >
            <NumberField
              label="Depth"
              unit="mm"
              value={plane.depth_mm}
              min={0.1}
              width={110}
              onChange={(value) => put("Deeper", `${at}/depth_mm`, value)}
            />
            {(outline.kind === "oval" || outline.kind === "rectangle") && (
              <>
                <NumberField
                  label="Long"
                  unit="mm"
                  value={outline.width_mm}
                  min={0.1}
                  width={110}
                  onChange={(value) => put("Waterplane", `${at}/outline/width_mm`, value)}
                />
                <NumberField
                  label="Broad"
                  unit="mm"
                  value={outline.depth_mm}
                  min={0.1}
                  width={110}
                  onChange={(value) => put("Waterplane", `${at}/outline/depth_mm`, value)}
                />
              </>
            )}
            <FieldRows fields={fieldsOf(catalogue, "waterplanes", plane as Part)} part={plane as Part} pointer={at} called="a waterplane" />
            <Button
              size="small"
              color="error"
              onClick={() => session.edit("Take out a waterplane", [{ op: "remove", path: at }])}
              aria-label={`Take out waterplane ${index + 1}`}
            >
              Take out
            </Button>
          </Box>
        );
      })}
      <Button size="small" variant="outlined" onClick={add}>
        Add a waterplane
      </Button>
    </Box>
  );
}

/** The same outline, smaller: a hull fines down towards its keel. */
function narrower(outline: Outline, by: number): Outline {
  const smaller = (value: number) => Math.round(value * by * 10) / 10;
  if (outline.kind === "oval" || outline.kind === "rectangle")
    return { ...outline, width_mm: smaller(outline.width_mm), depth_mm: smaller(outline.depth_mm) };
  if (outline.kind === "round") return { ...outline, diameter_mm: smaller(outline.diameter_mm) };
  return { ...outline, points_mm: corners(outline).map(([x, y]) => [smaller(x), smaller(y)]) } as Outline;
}
