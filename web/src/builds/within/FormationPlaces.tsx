import { useTheme } from "@mui/material/styles";
import { useBuildSession, useFile } from "../useSession";
import type { Variant } from "./variantFile";

/** A place, px. */
const CELL = 22;

/** Where bases of a variant stand in rank and file: taken and given back at a tap, the front rank below. */
export function FormationPlaces({ variant, pointer }: { variant: Variant; pointer: string }) {
  const file = useFile();
  const session = useBuildSession();
  const { tints, palette } = useTheme();
  const { rows = 1, columns = 1 } = file.formation ?? {};
  if (!file.formation || rows * columns < 2) return null;
  const mine = variant.places ?? [];
  const theirs = (file.variants ?? []).flatMap((one) => (one.id === variant.id ? [] : (one.places ?? [])));
  function tap(place: number) {
    const places = mine.includes(place) ? mine.filter((one) => one !== place) : [...mine, place].slice(-variant.count);
    session.edit("Where they stand", [{ op: "add", path: `${pointer}/places`, value: places }]);
  }
  return (
    <svg width={columns * CELL} height={rows * CELL} aria-label="Places in the formation, the front rank below">
      {Array.from({ length: rows * columns }, (_, index) => {
        const place = index + 1;
        const [row, column] = [Math.floor(index / columns), index % columns];
        const taken = theirs.includes(place);
        const held = mine.includes(place);
        return (
          // biome-ignore lint/a11y/useSemanticElements: drawn within a picture
          <rect
            key={place}
            role="button"
            tabIndex={taken ? -1 : 0}
            aria-label={`Place ${place}`}
            aria-pressed={held}
            aria-disabled={taken}
            x={column * CELL + 1}
            y={(rows - 1 - row) * CELL + 1}
            width={CELL - 2}
            height={CELL - 2}
            fill={held ? tints.accent : taken ? palette.text.disabled : "transparent"}
            stroke={palette.text.primary}
            onClick={() => !taken && tap(place)}
            onKeyDown={(event) => {
              if (taken || (event.key !== "Enter" && event.key !== " ")) return;
              event.preventDefault();
              tap(place);
            }}
            style={{ cursor: taken ? "not-allowed" : "pointer" }}
          />
        );
      })}
    </svg>
  );
}
