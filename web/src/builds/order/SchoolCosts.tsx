import Box from "@mui/material/Box";
import Radio from "@mui/material/Radio";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { api } from "../../api/client";
import type { SchoolCost, SchoolSide } from "../../api/types";
import { kindOf, useCatalogue } from "../../common/catalogue";
import { UnderWay } from "../../common/UnderWay";
import { useHeavy } from "../../common/useHeavy";
import { capital, count, plain, span } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

/** Where good makers disagree: each side as a switch, with what it would cost this very build. */
export function SchoolCosts() {
  const build = useBuild();
  const costs = useHeavy<SchoolCost[]>(["schools", build.evaluation.schedule?.ready_at ?? ""], build, () => api.schools(build.id));
  if (!costs.answer) return <UnderWay asked={costs} doing="Trying every side on this build" />;
  return (
    <Box sx={{ mt: 1.5, maxWidth: 1180 }}>
      <Typography>Each side was tried on the whole of this build. Picking one changes the build, and can be undone.</Typography>
      {costs.answer.map((school) => (
        <School key={school.school} school={school} />
      ))}
    </Box>
  );
}

function School({ school }: { school: SchoolCost }) {
  const session = useBuildSession();
  const name = kindOf(useCatalogue(), "schools", school.school)?.name ?? capital(plain(school.school));
  return (
    <Box component="fieldset" sx={{ border: 0, borderTop: 2, borderColor: "primary.main", mt: 2, p: 0, pt: 1 }}>
      <Typography component="legend" variant="h2" sx={{ float: "left", width: "100%" }}>
        {name}
      </Typography>
      <Box sx={{ clear: "both", display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(260px, 1fr))", gap: 1.5 }}>
        {school.sides.map((side) => (
          <Side
            key={side.side}
            side={side}
            taken={side.side === school.taken}
            school={school.school}
            onTake={() => session.edit(`Choose: ${name}`, side.patch)}
          />
        ))}
      </Box>
    </Box>
  );
}

interface SideProps {
  side: SchoolSide;
  taken: boolean;
  school: string;
  onTake: () => void;
}

function Side({ side, taken, school, onTake }: SideProps) {
  const { tints } = useTheme();
  return (
    <Box
      component="label"
      sx={{
        display: "flex",
        alignItems: "flex-start",
        border: 1,
        borderColor: tints.line,
        bgcolor: taken ? tints.lit : "background.paper",
        p: 1,
        cursor: "pointer",
      }}
    >
      <Radio name={school} checked={taken} onChange={onTake} size="small" sx={{ mt: -0.5 }} />
      <Box>
        <Typography sx={{ fontWeight: 600 }}>{capital(plain(side.side))}</Typography>
        <Typography variant="body2">
          Gives: {side.gain}. Risks: {side.risk}.
        </Typography>
        <Typography variant="body2" sx={{ mt: 0.5, fontWeight: 600 }}>
          {taken ? "This build goes this way." : changes(side)}
        </Typography>
        {(side.snags_new ?? []).map((snag) => (
          <Typography key={snag} variant="body2" sx={{ color: tints.trouble }}>
            New snag: {snag}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

function changes(side: SchoolSide): string {
  if (side.infeasible) return `No dates can be given then: ${side.infeasible}`;
  const later = side.later_min ?? 0;
  const hands = side.hands_on_min ?? 0;
  const parts = [
    later === 0 ? "same date" : later > 0 ? `ready ${span(later)} later` : `ready ${span(-later)} sooner`,
    hands === 0 ? null : hands > 0 ? `${span(hands)} more at the bench` : `${span(-hands)} less at the bench`,
    side.more?.length ? `${count(side.more.length, "step")} more` : null,
    side.less?.length ? `${count(side.less.length, "step")} fewer` : null,
    side.moved ? `${count(side.moved, "step")} on another day` : null,
    side.snags_gone?.length ? `${count(side.snags_gone.length, "snag")} gone` : null,
  ].filter(Boolean);
  return parts.length > 1 || later !== 0 ? `${capital(parts.join(", "))}.` : "Changes nothing on this build: same date, same work.";
}
