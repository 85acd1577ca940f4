import { Bearings } from "./figures/Bearings";
import { Climb } from "./figures/Climb";
import type { Figure } from "./figures/frame";
import { Grains } from "./figures/Grains";
import { Heights } from "./figures/Heights";
import { Layer } from "./figures/Layer";
import { Layers } from "./figures/Layers";
import { Lean } from "./figures/Lean";
import { Level } from "./figures/Level";
import { Measure } from "./figures/Measure";
import { Tones } from "./figures/Tones";

/** The figure of a snag, drawn: what is there beside what should be, to one scale. */
export function SnagFigure({ figure }: { figure: Figure }) {
  switch (figure.kind) {
    case "grains":
      return <Grains figure={figure} />;
    case "heights":
      return <Heights figure={figure} />;
    case "lean":
      return <Lean figure={figure} />;
    case "level":
      return <Level figure={figure} />;
    case "layer":
      return <Layer figure={figure} />;
    case "measure":
      return <Measure figure={figure} />;
    case "climb":
      return <Climb figure={figure} />;
    case "layers":
      return <Layers figure={figure} />;
    case "tones":
      return <Tones figure={figure} />;
    case "bearings":
      return <Bearings figure={figure} />;
  }
}
