import { useTheme } from "@mui/material/styles";
import type { Outline, PatchOperation, PlinthFile } from "../../api/types";
import { applied } from "../sessionState";
import type { Preview } from "./gesture";
import { pathOf } from "./outline";
import { outlineOf, shadowOf } from "./parts";

interface Props {
  file: PlinthFile;
  /** The part that is being pulled, as it will be. */
  preview: Preview | null;
  /** A change looked at but not made. */
  trial: PatchOperation[] | null;
  /** What is being drawn. */
  sketched: Outline | null;
  /** One pixel, in mm. */
  hair: number;
}

const PAPER = "#fff6df";

/** What is not yet so: a part under the hand with a ghost where it was, a change that is only tried, an outline being drawn. */
export function PlanPreview({ file, preview, trial, sketched, hair }: Props) {
  const { tints } = useTheme();
  const was = preview && outlineOf(file, preview.pointer);
  return (
    <g pointerEvents="none" strokeLinejoin="round">
      {was && (
        <path
          d={pathOf(was)}
          fill="none"
          stroke={PAPER}
          strokeOpacity={0.75}
          strokeWidth={1.5 * hair}
          strokeDasharray={`${5 * hair} ${4 * hair}`}
        />
      )}
      {preview && <Shape outline={preview.outline} fill={PAPER} stroke={PAPER} hair={hair} />}
      {preview?.also.map((outline) => (
        <Shape key={pathOf(outline)} outline={outline} fill={PAPER} stroke={PAPER} hair={hair} />
      ))}
      {preview?.shadow && <Shadow outline={preview.shadow} stroke={PAPER} hair={hair} />}
      {trial && <Trial file={file} trial={trial} hair={hair} />}
      {sketched && <Shape outline={sketched} fill={PAPER} stroke={tints.accent} hair={hair} />}
    </g>
  );
}

function Shape({ outline, fill, stroke, hair }: { outline: Outline; fill: string; stroke: string; hair: number }) {
  const strip = outline.kind === "strip";
  return (
    <path
      d={pathOf(outline)}
      fill={strip ? "none" : fill}
      fillOpacity={0.42}
      stroke={stroke}
      strokeOpacity={strip ? 0.5 : 1}
      strokeWidth={strip ? outline.width_mm : 1.8 * hair}
    />
  );
}

/** A subject's whole plan shadow. */
function Shadow({ outline, stroke, hair }: { outline: Outline; stroke: string; hair: number }) {
  return <path d={pathOf(outline)} fill="none" stroke={stroke} strokeWidth={1.2 * hair} strokeDasharray={`${4 * hair} ${3 * hair}`} />;
}

/** Every subject that a change would move, where it would then be. */
function Trial({ file, trial, hair }: { file: PlinthFile; trial: PatchOperation[]; hair: number }) {
  const { tints } = useTheme();
  const then = applied(file, [{ patch: trial }]);
  const pointers = [...new Set(trial.map((operation) => operation.path.split("/").slice(0, 3).join("/")))];
  return (
    <>
      {pointers.map((pointer) => {
        const [outline, shadow, was] = [outlineOf(then, pointer), shadowOf(then, pointer), outlineOf(file, pointer)];
        const [from, to] = [was && "at_mm" in was ? was.at_mm : null, outline && "at_mm" in outline ? outline.at_mm : null];
        return (
          <g key={pointer}>
            {from && to && <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke={tints.accent} strokeWidth={1.5 * hair} />}
            {shadow && <Shadow outline={shadow} stroke={tints.accent} hair={hair} />}
            {outline && <Shape outline={outline} fill={tints.accent} stroke={tints.accent} hair={hair} />}
          </g>
        );
      })}
    </>
  );
}
