import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Tooltip from "@mui/material/Tooltip";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";

import { Brand } from "../common/Brand";
import { useHelp } from "../common/KeyboardHelp";
import { useThemeMode } from "../common/useThemeMode";
import { at, count, dayWords, grams, mm, momentWords, money, plain, shapeWords, short, span } from "../common/words";
import { HowComputed } from "./HowComputed";
import { Saved } from "./Saved";
import { useLikelyDate } from "./useLikelyDate";
import { useBuild, useBuildSession, useFile } from "./useSession";

/** The name of the build, how it stands, and its vitals, which move with every edit. */
export function TopBar({ onSnags, onDate, onShopping }: { onSnags: () => void; onDate: () => void; onShopping: () => void }) {
  const session = useBuildSession();
  const file = useFile();
  const build = useBuild();
  const { evaluation } = build;
  const { tints } = useTheme();
  const { toggle } = useThemeMode();
  const help = useHelp((state) => state.show);
  const { schedule, balance, cost, snags } = evaluation;
  const stops = snags.filter((snag) => snag.severity === "stops").length;
  const late = schedule?.late_min ?? null;
  const likely = useLikelyDate(build);
  const [told, setTold] = useState<string | null>(null);
  /** A finger sees no hint of what the button will do: it is told what it did. */
  function move(direction: "undo" | "redo") {
    const label = build[direction];
    session.move(direction);
    if (label && COARSE.matches) setTold(direction === "undo" ? `Taken back: ${label}` : `Done again: ${label}`);
  }
  const [width, depth] = evaluation.plinth.bounds_mm;
  return (
    <Box
      component="header"
      sx={{
        display: "flex",
        alignItems: "center",
        columnGap: 1.5,
        px: 1.5,
        py: 0.5,
        bgcolor: "background.paper",
        borderBottom: 2,
        borderColor: tints.mat,
        flexWrap: "wrap",
        rowGap: 0,
      }}
    >
      <Brand component={Link} to="/" />
      <Box sx={{ minWidth: 140, flex: "1 1 140px" }}>
        <Typography variant="h1" noWrap sx={{ fontSize: "1.2rem" }} title={file.title}>
          {file.title}
        </Typography>
        <Typography variant="body2" color="text.secondary" noWrap>
          {plain(file.purpose)} · 1:{short(file.scale)} · {shapeWords(file.plinth.outline.kind, width, depth)} ·{" "}
          {count(file.copies ?? 1, "base")}
        </Typography>
      </Box>
      <Stack direction="row" component="section" aria-label="Vitals" sx={{ columnGap: 0.25, flexWrap: "wrap" }}>
        <Vital
          onClick={onDate}
          how="vitals/ready"
          name={[
            schedule ? (late === null ? "ready" : late > 0 ? `ready, ${span(late)} late` : `ready, ${span(-late)} to spare`) : "no date",
            likely && `likely by ${dayWords(at(likely))}`,
          ]
            .filter(Boolean)
            .join("; ")}
          value={schedule ? momentWords(schedule.ready_at) : "unknown"}
          trouble={late !== null && late > 0}
          mark={late !== null && late > 0 ? "■ " : ""}
        />
        <Vital
          onClick={onDate}
          how="vitals/hands_on"
          name={schedule ? `at the bench, ${count(schedule.sittings.length, "sitting")}` : "at the bench"}
          value={schedule ? span(schedule.hands_on_min) : "unknown"}
        />
        <Vital
          how="vitals/mass"
          name={balance.unknown.length ? "tall · known mass" : "tall · heavy"}
          value={`${mm(balance.height_mm)} · ${grams(balance.mass_g ?? balance.known_g)}`}
          title={balance.unknown.length ? `Mass not known of ${balance.unknown.map((one) => one).join(", ")}` : undefined}
        />
        <Vital onClick={onShopping} how="vitals/buy" name={`to buy · ${money(cost.used_minor)} used up`} value={money(cost.buy_minor)} />
        <Vital
          onClick={onSnags}
          name={stops ? `${count(stops, "stops the work", "stop the work")}` : snags.length ? "none stops the work" : "in sight"}
          value={count(snags.length, "snag")}
          trouble={stops > 0}
          mark={stops ? "■ " : ""}
        />
      </Stack>
      <Stack direction="row" sx={{ alignItems: "center" }}>
        <Saved />
        <Tooltip title={build.undo ? `Undo: ${build.undo} (Ctrl Z)` : "Nothing to undo"}>
          <span>
            <Button
              size="small"
              disabled={!build.undo}
              onClick={() => move("undo")}
              aria-label="Undo"
              sx={{ minWidth: 38, fontSize: 20, p: 0.25 }}
            >
              ↶
            </Button>
          </span>
        </Tooltip>
        <Tooltip title={build.redo ? `Redo: ${build.redo} (Ctrl Shift Z)` : "Nothing to redo"}>
          <span>
            <Button
              size="small"
              disabled={!build.redo}
              onClick={() => move("redo")}
              aria-label="Redo"
              sx={{ minWidth: 38, fontSize: 20, p: 0.25 }}
            >
              ↷
            </Button>
          </span>
        </Tooltip>
        <Tooltip title="Light or dark">
          <Button size="small" onClick={toggle} aria-label="Light or dark" sx={{ minWidth: 38, fontSize: 18, p: 0.25 }}>
            ◐
          </Button>
        </Tooltip>
        <Tooltip title="Keys (?)">
          <Button size="small" onClick={help} aria-label="Keys" sx={{ minWidth: 38, fontSize: 18, p: 0.25 }}>
            ?
          </Button>
        </Tooltip>
      </Stack>
      <Snackbar open={told !== null} autoHideDuration={3000} onClose={() => setTold(null)} message={told} />
    </Box>
  );
}

const COARSE = matchMedia("(pointer: coarse)");

function Vital({
  name,
  value,
  trouble = false,
  mark = "",
  title,
  how,
  onClick,
}: {
  name: string;
  value: string;
  trouble?: boolean;
  mark?: string;
  title?: string;
  /** What it is told by, where somebody asks how it comes about. */
  how?: string;
  onClick?: () => void;
}) {
  const { tints } = useTheme();
  const inner = (
    <>
      <Box
        component="span"
        sx={{
          display: "block",
          fontWeight: 600,
          fontSize: "1.08rem",
          lineHeight: 1.2,
          color: trouble ? tints.trouble : "text.primary",
          whiteSpace: "nowrap",
        }}
      >
        {mark}
        {value}
      </Box>
      <Box
        component="span"
        sx={{ display: "block", fontSize: 13, lineHeight: 1.2, color: "text.secondary", fontWeight: 400, whiteSpace: "nowrap" }}
      >
        {name}
      </Box>
    </>
  );
  const figure = onClick ? (
    <Button color="inherit" onClick={onClick} title={title} sx={{ display: "block", textAlign: "left", p: 0.25, minWidth: 0 }}>
      {inner}
    </Button>
  ) : (
    <Box title={title} sx={{ p: 0.25 }}>
      {inner}
    </Box>
  );
  return (
    <Box sx={{ display: "flex", alignItems: "flex-start" }}>
      {figure}
      {how && <HowComputed of={how} about={name} />}
    </Box>
  );
}
