import type { Outline, PlinthFile } from "../../api/types";
import { nameOf, outlinedPart, outlinePatch } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";
import type { FieldProps } from "./fieldEdit";
import { OutlineFields } from "./OutlineFields";

/** The whole outline of a part: shape, place, size, turn and corners. What lies within it goes with it. */
export function OutlineField({ own, pointer, put }: FieldProps) {
  const session = useBuildSession();
  const file = useFile();
  if (!own) return null;
  // Of something within a part: about the part's own middle, and nothing lies within it.
  if (pointer.split("/").length > 3 && outlinedPart(file, pointer) !== pointer)
    return <OutlineFields outline={own as Outline} shapes={CLOSED} onChange={put} />;
  return (
    <OutlineFields
      outline={own as Outline}
      placed={pointer !== "/plinth"}
      scale={file.scale}
      shapes={shapesFor(file, pointer)}
      onChange={(next, edit) => session.edit(`${edit} ${nameOf(file, pointer)}`, outlinePatch(file, pointer, next))}
    />
  );
}

const CLOSED: Outline["kind"][] = ["round", "oval", "rectangle", "polygon"];

/** What a part can be in the shape of: a plinth is closed, and only one ground takes all that others leave. */
function shapesFor(file: PlinthFile, pointer: string): Outline["kind"][] {
  if (pointer === "/plinth") return CLOSED;
  if (!pointer.startsWith("/zones/")) return [...CLOSED, "strip"];
  const rest = file.zones?.findIndex((zone) => zone.outline.kind === "rest") ?? -1;
  return rest < 0 || pointer === `/zones/${rest}` ? [...CLOSED, "strip", "rest"] : [...CLOSED, "strip"];
}
