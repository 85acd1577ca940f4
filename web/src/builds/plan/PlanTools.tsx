import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import Paper from "@mui/material/Paper";
import Select from "@mui/material/Select";
import { useCatalogue } from "../../common/catalogue";
import { capital } from "../../common/words";
import { type Drawable, type DrawShape, drawables, SHAPES, type Sketch } from "./drawing";
import { RELIEF_VIEWS, type ReliefView } from "./useRelief";

interface Props {
  sketch: Sketch | null;
  onDraw: (what: Drawable, shape: DrawShape) => void;
  onStop: () => void;
  onZoom: (factor: number) => void;
  onFit: () => void;
  relief: ReliefView;
  onRelief: (view: ReliefView) => void;
  asking: boolean;
  onAsk: () => void;
  onUnderlay: () => void;
}

const HINTS: Record<DrawShape, string> = {
  polygon: "Tap the corners; tap the first one again, or press Enter, to close it.",
  strip: "Tap along its middle; press Enter or tap the last point again to end it.",
  oval: "Tap two opposite corners of the box it fills.",
  rectangle: "Tap two opposite corners.",
};

/** What to do on the plan: draw a part, look nearer, see all. */
export function PlanTools({ sketch, onDraw, onStop, onZoom, onFit, relief, onRelief, asking, onAsk, onUnderlay }: Props) {
  const shape = sketch?.shape ?? "polygon";
  const all = drawables(useCatalogue());
  return (
    <>
      <Paper
        elevation={2}
        sx={{
          position: "absolute",
          top: 30,
          left: 38,
          p: 0.5,
          display: "flex",
          gap: 0.5,
          alignItems: "center",
          flexWrap: "wrap",
          maxWidth: "calc(100% - 130px)",
        }}
      >
        <Select
          size="small"
          displayEmpty
          value={sketch?.what.key ?? ""}
          onChange={(event) => onDraw(all.find((one) => one.key === event.target.value) as Drawable, shape)}
          renderValue={() => (sketch ? `Drawing: ${sketch.what.name}` : "Draw…")}
          inputProps={{ "aria-label": "Draw" }}
          sx={{ minWidth: 96 }}
        >
          {all.map(({ key, name }) => (
            <MenuItem key={key} value={key}>
              {name}
            </MenuItem>
          ))}
        </Select>
        {!sketch && (
          <>
            <Select
              size="small"
              value={relief}
              onChange={(event) => onRelief(event.target.value as ReliefView)}
              renderValue={(value) => (value === "off" ? "Relief…" : capital(RELIEF_VIEWS[value as ReliefView]))}
              inputProps={{ "aria-label": "Relief" }}
              sx={{ minWidth: 96 }}
            >
              {Object.entries(RELIEF_VIEWS).map(([key, name]) => (
                <MenuItem key={key} value={key}>
                  {name}
                </MenuItem>
              ))}
            </Select>
            <Button size="small" variant={asking ? "contained" : "text"} onClick={onAsk} aria-pressed={asking}>
              Where would it run?
            </Button>
            <Button size="small" onClick={onUnderlay}>
              Photograph beneath
            </Button>
          </>
        )}
        {sketch && (
          <>
            <Select
              size="small"
              value={shape}
              onChange={(event) => onDraw(sketch.what, event.target.value as DrawShape)}
              inputProps={{ "aria-label": "Shape" }}
            >
              {Object.entries(SHAPES).map(([key, name]) => (
                <MenuItem key={key} value={key}>
                  {name}
                </MenuItem>
              ))}
            </Select>
            <Button size="small" onClick={onStop}>
              Stop drawing
            </Button>
          </>
        )}
      </Paper>
      {sketch && (
        <Paper elevation={2} role="status" sx={{ position: "absolute", bottom: 12, left: 44, px: 1.5, py: 0.75, maxWidth: "70%" }}>
          {HINTS[shape]} Escape gives up.
        </Paper>
      )}
      <Paper elevation={2} sx={{ position: "absolute", top: 30, right: 8, display: "flex", flexDirection: "column" }}>
        <Button onClick={() => onZoom(1.3)} aria-label="Look nearer" sx={{ minWidth: 40, fontSize: 20, lineHeight: 1.2 }}>
          +
        </Button>
        <Button onClick={() => onZoom(1 / 1.3)} aria-label="Look from farther" sx={{ minWidth: 40, fontSize: 20, lineHeight: 1.2 }}>
          −
        </Button>
        <Button onClick={onFit} sx={{ minWidth: 40 }}>
          Fit
        </Button>
      </Paper>
    </>
  );
}
