import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { memo, useState } from "react";
import type { PatchOperation, Snag } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { capital } from "../../common/words";
import { nameOf } from "../plan/parts";
import { useBuildSession, useFile, useOfBuild } from "../useSession";
import { SnagFigure } from "./SnagFigure";
import { useTrial } from "./useTrial";

const SEVERITY: Record<Snag["severity"], { mark: string; word: string }> = {
  stops: { mark: "■", word: "Stops the work" },
  spoils: { mark: "▲", word: "Will show" },
  advice: { mark: "●", word: "Advice" },
};

/** One snag: how bad it is, where, why, and what one click does about it; each fix is shown on the plan before it is taken. */
export const SnagCard = memo(function SnagCard({ snag, lit }: { snag: Snag; lit: boolean }) {
  const session = useBuildSession();
  const file = useOfBuild((build) => build.file);
  const { parts } = useCatalogue();
  const { tints } = useTheme();
  const show = useTrial((state) => state.show);
  const bad = snag.severity !== "advice";
  const [, list, index] = snag.where.split("/");
  const record = parts.find((one) => one.key === list);
  const part = record === undefined ? null : record.single ? `/${list}` : index !== undefined ? `/${list}/${index}` : null;
  return (
    <Box
      data-snag={snag.code}
      sx={{
        bgcolor: bad ? tints.troublePaper : tints.advicePaper,
        borderLeft: 5,
        borderColor: bad ? tints.trouble : tints.accent,
        px: 1.25,
        py: 0.75,
        outline: lit ? `2px solid ${tints.accent}` : undefined,
      }}
    >
      <Typography variant="body2" sx={{ fontWeight: 600, color: bad ? tints.trouble : "text.primary" }}>
        <span aria-hidden>{SEVERITY[snag.severity].mark} </span>
        {SEVERITY[snag.severity].word}
        {part && (
          <Button
            size="small"
            color="inherit"
            onClick={() => session.select(snag.where.includes("/courses/") ? snag.where.split("/").slice(0, 5).join("/") : part)}
            sx={{ py: 0, ml: 0.5, textDecoration: "underline", minHeight: 0 }}
          >
            {capital(nameOf(file, part))}
          </Button>
        )}
      </Typography>
      <Typography variant="body2">{snag.message}</Typography>
      {snag.figure && <SnagFigure figure={snag.figure} />}
      {snag.fixes.map((fix) => (
        <Button
          key={fix.label}
          size="small"
          variant="outlined"
          color="inherit"
          onClick={() => {
            show(null);
            session.edit(capital(fix.label), fix.patch);
          }}
          onPointerEnter={() => show(fix.patch)}
          onPointerLeave={() => show(null)}
          onFocus={() => show(fix.patch)}
          onBlur={() => show(null)}
          sx={{ mt: 0.5, mr: 0.75 }}
        >
          {capital(fix.label)}
        </Button>
      ))}
      {snag.severity !== "stops" && <WantIt snag={snag} />}
    </Box>
  );
});

/** Keeps a snag quiet, with the reason why it is wanted. */
function WantIt({ snag }: { snag: Snag }) {
  const session = useBuildSession();
  const file = useFile();
  const [asked, setAsked] = useState(false);
  const [reason, setReason] = useState("");
  function want() {
    const accepted = { code: snag.code, ...(snag.of ? { of: snag.of } : {}), ...(reason.trim() ? { reason: reason.trim() } : {}) };
    const patch: PatchOperation[] = file.accepted
      ? [{ op: "add", path: "/accepted/-", value: accepted }]
      : [{ op: "add", path: "/accepted", value: [accepted] }];
    session.edit("Want it so", patch);
  }
  if (!asked)
    return (
      <Button size="small" color="inherit" onClick={() => setAsked(true)} sx={{ mt: 0.5, textDecoration: "underline" }}>
        I want it so
      </Button>
    );
  return (
    <Stack direction="row" sx={{ gap: 0.75, mt: 0.75, alignItems: "center" }}>
      <TextField
        size="small"
        label="Why?"
        value={reason}
        autoFocus
        onChange={(event) => setReason(event.target.value)}
        onKeyDown={(event) => event.key === "Enter" && want()}
        sx={{ flex: 1 }}
        slotProps={{ htmlInput: { maxLength: 500 } }}
      />
      <Button size="small" variant="outlined" color="inherit" onClick={want}>
        Keep it so
      </Button>
    </Stack>
  );
}

/** A snag that the maker wants so: it counts for nothing, and can be looked at again. */
export function WantedSnag({ snag }: { snag: Snag }) {
  const session = useBuildSession();
  const { tints } = useTheme();
  return (
    <Box data-wanted={snag.code} sx={{ borderLeft: 5, borderColor: tints.line, px: 1.25, py: 0.5 }}>
      <Typography variant="body2">{snag.message}</Typography>
      <Stack direction="row" sx={{ alignItems: "center", gap: 1 }}>
        <Typography variant="body2" color="text.secondary" sx={{ flex: 1 }}>
          {snag.wanted?.reason ?? "No reason is given."}
        </Typography>
        <Button
          size="small"
          color="inherit"
          onClick={() => snag.wanted && session.edit("Tell it again", [{ op: "remove", path: snag.wanted.path }])}
        >
          Tell it again
        </Button>
      </Stack>
    </Box>
  );
}
