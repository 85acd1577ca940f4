import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Composition } from "../../api/types";
import { mm, short } from "../../common/words";
import { related, useBuildSession, useFile, useSelection } from "../useSession";

/** Each subject as it stands: what is seen of it, what reaches out, what it comes near to. Runs along with a drag. */
export function DryFitPanel({ composition, trying }: { composition: Composition; trying: boolean }) {
  const file = useFile();
  const session = useBuildSession();
  const { pointer } = useSelection();
  const { tints } = useTheme();
  if (!composition.subjects.length)
    return (
      <Box component="section" aria-label="Dry fit">
        <Typography variant="h2">Dry fit</Typography>
        <Typography variant="body2" color="text.secondary">
          Nothing stands on the base yet. Place a subject, then drag it about.
        </Typography>
      </Box>
    );
  const names = new Map([...(file.subjects ?? []), ...(file.features ?? [])].map((part) => [part.id, part.name ?? part.id]));
  const nearest = (id: string) =>
    [...composition.clearances, ...composition.feature_clearances]
      .filter((pair) => pair.between.includes(id))
      // What it stands on is told only where it comes near to nothing.
      .sort((a, b) => Number(a.stands_on ?? false) - Number(b.stands_on ?? false) || a.mm - b.mm)[0];
  return (
    <Box component="section" aria-label="Dry fit">
      <Typography variant="h2">
        Dry fit{" "}
        {trying && (
          <Typography component="span" variant="body2" color="text.secondary">
            as it would stand
          </Typography>
        )}
      </Typography>
      {composition.subjects.map((subject, index) => {
        const near = nearest(subject.id);
        const other = near?.between.find((id) => id !== subject.id) ?? "";
        const lit = related(`/subjects/${index}`, pointer);
        return (
          <Box
            key={subject.id}
            component="button"
            onClick={() => session.select(`/subjects/${index}`)}
            sx={{
              display: "block",
              width: "100%",
              textAlign: "left",
              font: "inherit",
              color: "inherit",
              border: 0,
              borderBottom: 1,
              borderColor: tints.line,
              bgcolor: lit ? tints.lit : "transparent",
              px: 0.75,
              py: 0.5,
              cursor: "pointer",
            }}
          >
            <Typography sx={{ fontWeight: 600 }}>{names.get(subject.id)}</Typography>
            <Typography variant="body2">
              seen {subject.visible_pct === null ? "unknown" : `${short(subject.visible_pct)} %`}
              {" · "}
              <Box component="span" sx={{ color: subject.overhang_mm > 0.5 ? tints.trouble : undefined }}>
                {subject.overhang_mm > 0.5 ? `▲ reaches ${mm(subject.overhang_mm)} out` : "within the plinth"}
              </Box>
              {near && (
                <>
                  {" · "}
                  <Box component="span" sx={{ color: near.mm === 0 && !near.stands_on ? tints.trouble : undefined }}>
                    {nearWords(near, names.get(other) ?? other)}
                  </Box>
                </>
              )}
            </Typography>
          </Box>
        );
      })}
    </Box>
  );
}

function nearWords({ mm: gap, stands_on }: Composition["feature_clearances"][number], other: string): string {
  if (gap > 0) return `${mm(gap)} to ${other}`;
  return stands_on ? `stands on ${other}` : `▲ lies over ${other}`;
}
