import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import { Link } from "react-router";
import type { BenchStage } from "../../api/types";
import { wallMoment } from "../../bench/clock";
import { useOutbox } from "../../bench/outbox";
import { useTick } from "../../bench/useTick";
import { Brand } from "../../common/Brand";
import { clockWords, count, minutesOf, momentWords, span } from "../../common/words";
import { useFile } from "../useSession";

interface Props {
  stage: BenchStage;
  /** How many events wait to be sent. */
  waiting: number;
  running: boolean;
  onEnd: () => void;
}

/** The clock, what is left of the sitting, the date, and whether all was sent. */
export function BenchHead({ stage, waiting, running, onEnd }: Props) {
  const file = useFile();
  const { tints } = useTheme();
  const away = useOutbox((state) => state.away);
  const now = wallMoment(useTick(1000));
  const left = stage.sitting ? minutesOf(stage.sitting.to) - minutesOf(now) : null;
  return (
    <Box
      component="header"
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 2,
        px: 2,
        py: 0.5,
        flexWrap: "wrap",
        borderBottom: 2,
        borderColor: tints.mat,
        bgcolor: "background.paper",
      }}
    >
      <Brand component={Link} to="/" />
      <Box sx={{ flex: "1 1 160px", minWidth: 0 }}>
        <Box
          component="h1"
          sx={{ m: 0, fontSize: 22, lineHeight: 1.2, overflow: "hidden", textOverflow: "ellipsis", whiteSpace: "nowrap" }}
        >
          {file.title}
        </Box>
        <Box sx={{ color: waiting || away ? tints.trouble : "text.secondary", fontSize: 18 }} role="status">
          {away
            ? `Without the server: ${count(waiting, "thing")} noted here, sent when it is back`
            : waiting
              ? "Being sent…"
              : "All is noted"}
        </Box>
      </Box>
      <Box sx={{ textAlign: "right" }}>
        <Box sx={{ fontSize: 32, fontWeight: 700, lineHeight: 1.1 }} aria-label="Clock">
          {clockWords(now)}
        </Box>
        <Box sx={{ fontSize: 18, color: "text.secondary" }}>
          {left === null
            ? sittingWords(stage)
            : left > 0
              ? `${span(left)} left, until ${clockWords(stage.sitting?.to ?? now)}`
              : "the sitting is over"}
        </Box>
      </Box>
      <Box sx={{ textAlign: "right" }}>
        <Box sx={{ fontWeight: 700, lineHeight: 1.2 }}>{stage.ready_at ? momentWords(stage.ready_at) : "no date"}</Box>
        <Box sx={{ fontSize: 18, color: "text.secondary" }}>ready</Box>
      </Box>
      <Button variant={running ? "outlined" : "contained"} onClick={onEnd}>
        End the sitting
      </Button>
    </Box>
  );
}

const sittingWords = (stage: BenchStage): string =>
  stage.next_sitting ? `next sitting ${momentWords(stage.next_sitting)}` : "the bench is always open";
