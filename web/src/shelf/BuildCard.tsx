import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import Paper from "@mui/material/Paper";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { ShelfBuild } from "../api/types";
import { bounds } from "../builds/plan/outline";
import { PlanShapes } from "../builds/plan/PlanShapes";
import { keptEdits } from "../builds/waitingEdits";
import { count, momentWords, plain, shapeWords, short, span } from "../common/words";

/** One build on the shelf: drawn, with its date, what is next and what is wet. */
export function BuildCard({ build, onCopy, onDelete }: { build: ShelfBuild; onCopy: () => void; onDelete: () => void }) {
  const { tints } = useTheme();
  const [asking, setAsking] = useState(false);
  const waiting = keptEdits(build.id).length;
  return (
    <Paper
      component="article"
      aria-label={build.title}
      variant="outlined"
      // What is out of sight is neither laid out nor drawn.
      sx={{ display: "flex", flexDirection: "column", overflow: "hidden", contentVisibility: "auto", containIntrinsicSize: "auto 400px" }}
    >
      <Box
        component={Link}
        to={`/builds/${build.id}`}
        sx={{
          textDecoration: "none",
          color: "inherit",
          flex: 1,
          "&:focus-visible": { outline: `3px solid ${tints.accent}`, outlineOffset: -3 },
        }}
      >
        <Thumbnail build={build} />
        <Box sx={{ p: 1.5, pb: 0.5 }}>
          <Typography variant="h2">{build.title}</Typography>
          {build.broken ? (
            <Typography sx={{ color: tints.trouble }}>■ To be mended: open it to see what is wrong in its file</Typography>
          ) : (
            <Standing build={build} />
          )}
          {waiting > 0 && (
            <Typography variant="body2" sx={{ color: tints.trouble, fontWeight: 600 }}>
              ■ {count(waiting, "change")} of yours not sent yet: open it to send them
            </Typography>
          )}
        </Box>
      </Box>
      <Box sx={{ px: 1, pb: 0.5, textAlign: "right" }}>
        <Button size="small" color="inherit" onClick={onCopy} aria-label={`Copy ${build.title}`}>
          Copy
        </Button>
        <Button size="small" color="inherit" onClick={() => setAsking(true)} aria-label={`Delete ${build.title}`}>
          Delete
        </Button>
      </Box>
      <Dialog open={asking} onClose={() => setAsking(false)}>
        <DialogContent>Delete “{build.title}”? It can be brought back for 30 days, at the foot of the shelf.</DialogContent>
        <DialogActions>
          <Button onClick={() => setAsking(false)}>Keep it</Button>
          <Button
            color="error"
            variant="contained"
            onClick={() => {
              setAsking(false);
              onDelete();
            }}
          >
            Delete it
          </Button>
        </DialogActions>
      </Dialog>
    </Paper>
  );
}

/** What it is, when it is ready, what is wet and what is next. */
function Standing({ build }: { build: ShelfBuild }) {
  const { tints } = useTheme();
  const late = build.late_min !== null && build.late_min > 0;
  const [width, depth] = build.bounds_mm;
  return (
    <>
      <Typography variant="body2" color="text.secondary">
        {plain(build.purpose)} · 1:{short(build.scale)} · {shapeWords(build.kind, width, depth)} · {count(build.copies, "base")}
        {build.sample ? " · sample" : ""}
      </Typography>
      <Typography sx={{ mt: 1, color: late ? tints.trouble : "text.primary" }}>
        {build.ready_at ? (
          <>
            {late ? "■ " : ""}Ready <b>{momentWords(build.ready_at)}</b>
            {build.late_min !== null && (late ? `, ${span(build.late_min)} late` : `, ${span(-build.late_min)} to spare`)}
          </>
        ) : (
          "■ No date can be given"
        )}
      </Typography>
      {build.wet.length > 0 && (
        <Typography variant="body2" sx={{ color: tints.wet }}>
          ≈ Wet: {build.wet.map((step) => step.title).join(", ")}
        </Typography>
      )}
      <Typography variant="body2">
        {build.next?.start ? (
          <>
            Next: {build.next.title}, {momentWords(build.next.start)}
          </>
        ) : (
          "All its steps lie in the past"
        )}
      </Typography>
      <Typography variant="body2" sx={{ color: build.stops ? tints.trouble : "text.secondary" }}>
        {build.snags === 0
          ? "No snags"
          : `${count(build.snags, "snag")}${build.stops ? `, ■ ${count(build.stops, "stops the work", "stop the work")}` : ""}`}
      </Typography>
    </>
  );
}

function Thumbnail({ build }: { build: ShelfBuild }) {
  const { tints } = useTheme();
  const [x0, y0, x1, y1] = build.broken ? [0, 0, 1, 1] : bounds(build.drawing.foot);
  const pad = Math.max(x1 - x0, y1 - y0) * 0.08;
  return (
    <Box sx={{ bgcolor: tints.mat, height: 178, p: 0.5 }}>
      <svg
        width="100%"
        height="100%"
        viewBox={`${x0 - pad} ${-y1 - pad} ${x1 - x0 + 2 * pad} ${y1 - y0 + 2 * pad}`}
        role="img"
        aria-label={`Plan of ${build.title}`}
      >
        <g transform="scale(1 -1)">{!build.broken && <PlanShapes drawing={build.drawing} thumbnail />}</g>
      </svg>
    </Box>
  );
}
