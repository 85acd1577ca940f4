import { Swatch } from "../../common/Swatch";
import { useOfBuild } from "../useSession";

/** The colour that a part has on the plan, beside its name in lists; subjects are painted as somebody likes. */
export function PartSwatch({ pointer }: { pointer: string }) {
  const part = useOfBuild(({ drawing }) =>
    [...drawing.zones, ...drawing.forms, ...drawing.features, ...drawing.waters].find((one) => one.pointer === pointer),
  );
  return part ? <Swatch colour={part.colour} width={18} height={14} /> : null;
}
