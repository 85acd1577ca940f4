import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import { useEffect } from "react";
import type { Step } from "../../api/types";
import { bounds, ringsPath } from "../plan/outline";
import { PlanShapes } from "../plan/PlanShapes";
import { partOf, shapesOf } from "../plan/shapesOf";
import { useSize } from "../plan/view";
import { sectionAt, useAsItStands } from "../rehearsal/useRehearsal";
import { SectionDrawing } from "../section/SectionDrawing";
import { scaleOf } from "../section/sectionScale";
import { useBuildSession, useFile, useOfBuild } from "../useSession";
import { fileWithin } from "../within/within";

/** Room round the base, as a share of its longer side. */
const MARGIN = 0.06;

/** Where the step is: its area lit on the plan, and its stratum in a section that is laid through it. */
export function StepDrawing({ step, now }: { step: Step; now: string }) {
  const whole = useFile();
  // What is done on a further body is drawn on that.
  const body = useOfBuild((build) =>
    build.within.find((one) => one.place && step.where.every((where) => where.startsWith(`${one.pointer}/`))),
  );
  const base = { drawing: useOfBuild((build) => build.drawing), sections: useOfBuild((build) => build.sections) };
  const { drawing: finished, sections } = body ?? base;
  const file = body ? (fileWithin(whole, body.pointer) ?? whole) : whole;
  const prefix = body?.pointer ?? "";
  const standing = useAsItStands(`${now.slice(0, 15)}0`);
  const drawing = (body ? standing?.bodies?.get(body.id)?.drawing : standing?.drawing) ?? finished;
  const session = useBuildSession();
  const { tints } = useTheme();
  const { ref, size } = useSize<HTMLDivElement>();
  const parts = step.where.map((where) => partOf(where.slice(prefix.length)));
  const lit = shapesOf(finished).filter((shape) => parts.includes(shape.pointer));
  const [x0, y0, x1, y1] = bounds(finished.foot);
  const room = Math.max(x1 - x0, y1 - y0) * MARGIN;
  const middle = lit.length ? bounds(lit.flatMap((shape) => shape.rings)) : null;
  const cut = middle ? (middle[1] + middle[3]) / 2 : null;

  // What is worked on is lit in the drawings, and cut through its middle.
  const first = step.where[0] ?? null;
  useEffect(() => session.select(first, step.id), [session, step.id, first]);
  useEffect(() => {
    if (cut !== null) session.cutAt([[x0, cut, x1, cut]]);
  }, [session, cut, x0, x1]);

  const section = sections[0] && sectionAt(sections[0], 0, standing, file, prefix);
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "minmax(0, 2fr) minmax(0, 3fr)" },
        gap: 1.5,
        alignItems: "center",
      }}
    >
      <Box sx={{ bgcolor: tints.mat, borderRadius: 1, p: 0.5 }}>
        <svg
          role="img"
          aria-label={`Plan of ${body?.name ?? file.title}, lit where ${step.title} is`}
          viewBox={`${x0 - room} ${-y1 - room} ${x1 - x0 + 2 * room} ${y1 - y0 + 2 * room}`}
          style={{ display: "block", width: "100%", maxHeight: 230 }}
        >
          <g transform="scale(1 -1)">
            <PlanShapes drawing={drawing} thumbnail />
            {lit.map((shape) => (
              <path
                key={shape.pointer}
                d={ringsPath(shape.rings)}
                fill={tints.accent}
                fillOpacity={0.35}
                stroke={tints.accent}
                strokeWidth={room / 5}
              />
            ))}
          </g>
        </svg>
      </Box>
      <Box ref={ref} sx={{ minWidth: 0 }}>
        {section && size.width > 0 && (
          <SectionDrawing
            section={section}
            name="A"
            scale={scaleOf(section, size.width, null)}
            width={size.width}
            onPoint={() => undefined}
          />
        )}
      </Box>
    </Box>
  );
}
