import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { api } from "../../api/client";
import type { Arrangement, PatchOperation } from "../../api/types";
import { UnderWay } from "../../common/UnderWay";
import { useHeavy } from "../../common/useHeavy";
import { short } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

/** Other placings of the subjects that score better: seen on the plan first, then taken or left. */
export function ArrangementPanel({ onTrial }: { onTrial: (patch: PatchOperation[] | null) => void }) {
  const build = useBuild();
  const session = useBuildSession();
  const { tints } = useTheme();
  // How often it was tried; each try has a seed of its own. 0: nobody has asked of this state of the build.
  const [tries, setTries] = useState(0);
  const [seen, setSeen] = useState<Arrangement | null>(null);
  const search = useHeavy<Arrangement[]>(["arrangements", `${tries}`], build, () => api.arrangements(build.id, tries), tries > 0);

  // What was found for another state of the build is of no use any more.
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever the build changes
  useEffect(() => {
    setTries(0);
    setSeen(null);
    onTrial(null);
  }, [build.version]);

  function look(found: Arrangement | null) {
    setSeen(found);
    onTrial(found?.patch ?? null);
  }

  const none = search.answer?.length === 0;
  return (
    <Box component="section" aria-label="Arrangements">
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "center" }}>
        <Typography variant="h2">Another arrangement</Typography>
        <Button
          variant="outlined"
          size="small"
          disabled={search.underWay !== null || !build.file.subjects?.length}
          onClick={() => {
            look(null);
            setTries(tries + 1);
          }}
        >
          Try another arrangement
        </Button>
      </Stack>
      {none && <Typography variant="body2">Nothing better was found from here. Try again, or move one yourself first.</Typography>}
      <UnderWay asked={search} doing="Trying arrangements" />
      <Stack sx={{ gap: 0.75, mt: 0.75 }}>
        {search.answer?.map((found) => (
          <Box
            key={found.label}
            sx={{ border: 1, borderColor: tints.line, px: 1.25, py: 0.75, bgcolor: found === seen ? tints.lit : undefined }}
          >
            <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "center" }}>
              <Typography sx={{ fontWeight: 600 }}>
                {found.label}: {short(found.before)} → {short(found.score)} of 100
              </Typography>
              <span>
                <Button size="small" onClick={() => look(found === seen ? null : found)}>
                  {found === seen ? "Hide" : "Show"}
                </Button>
                <Button size="small" variant="contained" onClick={() => session.edit(`Take ${found.label.toLowerCase()}`, found.patch)}>
                  Take it
                </Button>
              </span>
            </Stack>
            {found.changes.map((change) => (
              <Typography key={change.text} variant="body2">
                <Box component="span" aria-hidden sx={{ color: change.better === false ? tints.trouble : tints.ready }}>
                  {change.better === null ? "○" : change.better ? "✓" : "▲"}
                </Box>{" "}
                {change.text}
                {change.better === false && " (worse)"}
              </Typography>
            ))}
          </Box>
        ))}
      </Stack>
    </Box>
  );
}
