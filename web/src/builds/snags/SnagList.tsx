import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { memo } from "react";
import type { Snag } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { capital } from "../../common/words";
import { nameOf, placedPart } from "../plan/parts";
import { related, useBuildSession, useOfBuild, useSelection } from "../useSession";

const SEVERITY: Record<Snag["severity"], { mark: string; word: string }> = {
  stops: { mark: "■", word: "Stops the work" },
  spoils: { mark: "▲", word: "Will show" },
  advice: { mark: "●", word: "Advice" },
};

/** What will go wrong or look wrong, why, and what one click does about it. The lit part's own come first. */
export function SnagList() {
  const found = useOfBuild((build) => build.evaluation.snags);
  const { pointer } = useSelection();
  const own = (snag: Snag) => pointer !== null && snag.where !== "" && related(snag.where, placedPart(pointer));
  const snags = [...found].sort((a, b) => Number(own(b)) - Number(own(a)));
  return (
    <Box component="section" aria-label="Snags" id="snags">
      <Typography variant="h2">Snags</Typography>
      {snags.length === 0 && (
        <Typography color="text.secondary">None found. Fit, relief, water, materials, drying and dates were looked at.</Typography>
      )}
      <Stack sx={{ gap: 1, mt: 0.5 }}>
        {snags.map((snag) => (
          <SnagCard key={`${snag.code}${snag.where}${snag.message}`} snag={snag} lit={own(snag)} />
        ))}
      </Stack>
    </Box>
  );
}

const SnagCard = memo(function SnagCard({ snag, lit }: { snag: Snag; lit: boolean }) {
  const session = useBuildSession();
  const file = useOfBuild((build) => build.file);
  const { parts } = useCatalogue();
  const { tints } = useTheme();
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
      {snag.fixes.map((fix) => (
        <Button
          key={fix.label}
          size="small"
          variant="outlined"
          color="inherit"
          onClick={() => session.edit(capital(fix.label), fix.patch)}
          sx={{ mt: 0.5, mr: 0.75 }}
        >
          {capital(fix.label)}
        </Button>
      ))}
    </Box>
  );
});
