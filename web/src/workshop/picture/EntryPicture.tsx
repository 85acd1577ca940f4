import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { api } from "../../api/client";
import type { Jar } from "../../api/types";
import { mm, sizeWords } from "../../common/words";
import { JarDrawing } from "../../stores/JarDrawing";
import { FilmPicture } from "./FilmPicture";
import { StageLine } from "./StageLine";
import { ThicknessCurve } from "./ThicknessCurve";
import { WindowClock } from "./WindowClock";

interface Props {
  entryKey: string;
  /** As it is written now, saved or not. */
  data: Record<string, unknown>;
}

interface Pack {
  unit?: string;
  amount?: number;
  size_mm?: number[];
}

/** A material as drawings: how it comes ready, how long by its thickness, when what may be done with it, its coat and its pack. */
export function EntryPicture({ entryKey, data }: Props) {
  const written = Object.fromEntries(Object.entries(data).filter(([, value]) => value !== undefined && value !== null));
  const drawn = useQuery({
    queryKey: ["drawn-material", entryKey, written],
    queryFn: () => api.materialPicture(written),
    placeholderData: (before) => before,
    retry: false,
  });
  const picture = drawn.data;
  if (!picture) return null;
  const pack = data.pack as Pack | undefined;
  return (
    <Box
      component="section"
      aria-label="As it behaves"
      sx={{ display: "flex", flexWrap: "wrap", columnGap: 4, rowGap: 2, mb: 2.5, pb: 2, borderBottom: 1, borderColor: "divider" }}
    >
      {picture.stages.length > 0 && (
        <Piece title={`From laid to cured${picture.reference_mm ? `, ${mm(picture.reference_mm)} thick` : ""}`} wide>
          <StageLine stages={picture.stages} />
        </Piece>
      )}
      {picture.by_thickness.length > 0 && (
        <Piece title="Dry through, by thickness">
          <ThicknessCurve picture={picture} />
        </Piece>
      )}
      {(picture.workable_min || picture.windows.length > 0) && (
        <Piece title="What may be done when">
          <WindowClock picture={picture} />
        </Piece>
      )}
      {picture.films && (
        <Piece title="One coat on light and on dark">
          <FilmPicture films={picture.films} />
        </Piece>
      )}
      {pack?.unit && (
        <Piece title={packWords(pack)}>
          <JarDrawing jar={jarOf(pack, data.colour as string | undefined)} />
        </Piece>
      )}
      {picture.stock_mm.length > 0 && <Piece title={`Sold ${sizeWords(...picture.stock_mm).replaceAll(" × ", ", ")} thick`} />}
      {drawn.isError && <Typography color="text.secondary">As it was last right: what is written now cannot be drawn.</Typography>}
    </Box>
  );
}

const packWords = ({ amount, unit, size_mm }: Pack): string =>
  size_mm ? `A ${unit} of ${sizeWords(...size_mm)}` : `A pack of ${amount ?? 1} ${unit}`;

/** A full one, to be drawn as on the shelf. */
const jarOf = ({ unit }: Pack, colour: string | undefined): Jar =>
  ({ jar: { unit, full: 1 }, colour: colour ?? null, level: 1 }) as unknown as Jar;

function Piece({ title, wide, children }: { title: string; wide?: boolean; children?: ReactNode }) {
  return (
    <Box sx={{ minWidth: 0, flexBasis: wide ? "100%" : undefined }}>
      <Typography variant="h3" sx={{ mb: 0.5, fontSize: "1rem" }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}
