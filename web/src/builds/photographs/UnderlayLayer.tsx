import type { Photographs } from "../../api/types";
import { useOfBuild } from "../useSession";
import { pictureUrl } from "./usePhotographs";

/** Photographs beneath the plan, in its millimetres (y goes up). */
export function UnderlayLayer({ photographs }: { photographs: Photographs }) {
  const id = useOfBuild((build) => build.id);
  return photographs.underlays.map((one) => {
    const size = photographs.pictures.find((picture) => picture.number === one.picture);
    if (!size) return null;
    const [width, height] = [size.width * one.mm_per_px, size.height * one.mm_per_px];
    return (
      <image
        key={one.picture}
        data-underlay={one.picture}
        href={pictureUrl(id, one.picture)}
        x={-width / 2}
        y={-height / 2}
        width={width}
        height={height}
        transform={`translate(${one.at_mm[0]} ${one.at_mm[1]}) rotate(${one.turn_deg}) scale(1 -1)`}
      />
    );
  });
}
