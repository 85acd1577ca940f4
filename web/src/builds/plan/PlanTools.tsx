import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ListSubheader from "@mui/material/ListSubheader";
import MenuItem from "@mui/material/MenuItem";
import Select from "@mui/material/Select";
import { useTheme } from "@mui/material/styles";
import { useCatalogue } from "../../common/catalogue";
import { capital } from "../../common/words";
import { useFile } from "../useSession";
import { type Drawable, type DrawShape, drawables, SHAPES, type Sketch } from "./drawing";
import { RELIEF_VIEWS, type ReliefView } from "./useRelief";

interface Props {
  sketch: Sketch | null;
  onDraw: (what: Drawable, shape: DrawShape) => void;
  onStop: () => void;
  onBack: () => void;
  /** The list is put away: keys are the plan's. */
  onReady: () => void;
  onClose: () => void;
  onZoom: (factor: number) => void;
  onFit: () => void;
  relief: ReliefView;
  onRelief: (view: ReliefView) => void;
  asking: boolean;
  onAsk: () => void;
  onUnderlay: () => void;
  /** Taps add to what is lit. */
  several: boolean;
  onSeveral: () => void;
}

const HINTS: Record<DrawShape, string> = {
  polygon: "Tap the corners; tap the first one again, or press Enter, to close it.",
  freehand: "Draw round it in one stroke.",
  strip: "Tap along its middle; press Enter to end it.",
  oval: "Tap two opposite corners of the box it fills.",
  rectangle: "Tap two opposite corners.",
  round: "Tap its middle, then its rim.",
};
const KEYS = "Pull to look elsewhere. By keys: arrows and Space set corners, Backspace takes one back, Escape gives up.";

/** What to do on the plan, in a row above it so that nothing of the plan lies under it: draw a part, look nearer, see all. */
export function PlanTools(props: Props) {
  const { sketch, onDraw, onReady, onZoom, onFit } = props;
  const { tints } = useTheme();
  const shape = sketch?.shape ?? "polygon";
  const all = drawables(useCatalogue(), useFile().scale);
  const groups = [...new Set(all.map((one) => one.group))];
  return (
    <Box
      role="toolbar"
      aria-label="Plan tools"
      sx={{
        display: "flex",
        gap: 0.5,
        px: 0.75,
        py: 0.25,
        alignItems: "center",
        flexWrap: "wrap",
        bgcolor: "background.paper",
        borderBottom: 1,
        borderColor: tints.line,
      }}
    >
      <Select
        size="small"
        displayEmpty
        value={sketch?.what.key ?? ""}
        onChange={(event) => {
          const what = all.find((one) => one.key === event.target.value);
          if (what) onDraw(what, what.strip ? "strip" : (what.shape ?? shape));
        }}
        renderValue={() => (sketch ? `Drawing: ${sketch.what.name}` : "Draw…")}
        inputProps={{ "aria-label": "Draw" }}
        MenuProps={{ disableRestoreFocus: true, slotProps: { transition: { onExited: onReady } } }}
        sx={{ minWidth: 96 }}
      >
        {sketch?.what.into && (
          <MenuItem value={sketch.what.key} sx={{ display: "none" }}>
            {sketch.what.name}
          </MenuItem>
        )}
        {groups.flatMap((group) => [
          <ListSubheader key={`group-${group}`} sx={{ lineHeight: 2.2 }}>
            {capital(group)}
          </ListSubheader>,
          ...all
            .filter((one) => one.group === group)
            .map(({ key, name }) => (
              <MenuItem key={key} value={key}>
                {name}
              </MenuItem>
            )),
        ])}
      </Select>
      {sketch ? <WhileDrawing {...props} sketch={sketch} /> : <WhileLooking {...props} />}
      <Box sx={{ ml: "auto", display: "flex" }}>
        <Button onClick={() => onZoom(1.3)} aria-label="Look nearer" sx={{ minWidth: 36, fontSize: 20, lineHeight: 1.2 }}>
          +
        </Button>
        <Button onClick={() => onZoom(1 / 1.3)} aria-label="Look from farther" sx={{ minWidth: 36, fontSize: 20, lineHeight: 1.2 }}>
          −
        </Button>
        <Button onClick={onFit} sx={{ minWidth: 36 }}>
          Fit
        </Button>
      </Box>
    </Box>
  );
}

function WhileLooking({ relief, onRelief, asking, onAsk, onUnderlay, several, onSeveral }: Props) {
  return (
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
      <Button size="small" variant={several ? "contained" : "text"} onClick={onSeveral} aria-pressed={several}>
        Pick several
      </Button>
      <Button size="small" variant={asking ? "contained" : "text"} onClick={onAsk} aria-pressed={asking}>
        Where would it run?
      </Button>
      <Button size="small" onClick={onUnderlay}>
        Photograph beneath
      </Button>
    </>
  );
}

function WhileDrawing({ sketch, onDraw, onStop, onBack, onReady, onClose }: Props & { sketch: Sketch }) {
  const byCorners = sketch.shape === "polygon" || sketch.shape === "strip";
  return (
    <>
      <Select
        size="small"
        value={sketch.shape}
        onChange={(event) => onDraw(sketch.what, event.target.value as DrawShape)}
        inputProps={{ "aria-label": "Shape" }}
        MenuProps={{ disableRestoreFocus: true, slotProps: { transition: { onExited: onReady } } }}
      >
        {Object.entries(SHAPES)
          .filter(([key]) => !sketch.what.strip || key === "strip")
          .map(([key, name]) => (
            <MenuItem key={key} value={key}>
              {name}
            </MenuItem>
          ))}
      </Select>
      {byCorners && (
        <>
          <Button size="small" onClick={onBack} disabled={!sketch.points.length}>
            Back one corner
          </Button>
          <Button size="small" variant="outlined" onClick={onClose} disabled={sketch.points.length < (sketch.shape === "polygon" ? 3 : 2)}>
            {sketch.shape === "polygon" ? "Close it" : "End it"}
          </Button>
        </>
      )}
      <Button size="small" onClick={onStop}>
        Stop drawing
      </Button>
      <Box role="status" title={KEYS} sx={{ fontSize: 13, lineHeight: 1.2, flex: "1 1 160px" }}>
        {HINTS[sketch.shape]}
      </Box>
    </>
  );
}
