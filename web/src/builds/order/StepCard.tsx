import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { After, ScheduledStep, Step } from "../../api/types";
import { Cautions, COMES_FIRST } from "../../common/Cautions";
import { Swatch } from "../../common/Swatch";
import { WhenSeen } from "../../common/WhenSeen";
import { capital, clockWords, count, plain, span } from "../../common/words";
import { MixCardView } from "../../mixes/MixCardView";
import { MixWords } from "../quantities/MixWords";
import { useBuildSession, useOfBuild, useSelection, within } from "../useSession";
import { type Longest, StepBars } from "./StepBars";
import { StepMarks } from "./StepMarks";
import { PICTURE, StepPicture } from "./StepPicture";
import type { Dragging } from "./useDragging";
import { WhyNotNote } from "./WhyNotNote";
import { WhySoLong } from "./WhySoLong";

interface Props {
  step: Step;
  when: ScheduledStep | null;
  byId: Map<string, Step>;
  followers: { step: string; why: string }[];
  dragging: Dragging;
  /** What its bars are drawn to. */
  longest: Longest;
}

const STRENGTH: Record<string, string> = { must: "must", school: "by your school", advice: "advice", wish: "your wish" };

/** One step: when, how long, what dries after it; unfolds to why here, what waits for it, what to look at and mind. */
export function StepCard({ step, when, byId, followers, dragging, longest }: Props) {
  const session = useBuildSession();
  const selection = useSelection();
  const { tints } = useTheme();
  const open = selection.step === step.id;
  const tone = useOfBuild((build) => build.evaluation.palette.tones).find((one) => one.where.some((where) => step.where.includes(where)));
  const mixing = useOfBuild((build) => build.evaluation.mixing).filter((needed) => needed.step === step.id);
  const on =
    open || (selection.step === null && selection.pointer !== null && step.where.some((where) => within(where, selection.pointer)));
  return (
    <Box
      data-step={step.id}
      draggable
      onDragStart={() => dragging.hold(step.id)}
      onDragOver={(event) => {
        event.preventDefault();
        void dragging.hover(step.id);
      }}
      onDrop={(event) => {
        event.preventDefault();
        dragging.drop();
      }}
      onDragEnd={dragging.end}
      sx={{ borderBottom: 1, borderColor: "divider", bgcolor: on ? tints.lit : undefined, opacity: dragging.held === step.id ? 0.5 : 1 }}
    >
      {dragging.over?.id === step.id && <WhyNotNote answer={dragging.over.answer} />}
      <Button
        fullWidth
        color="inherit"
        aria-expanded={open}
        onClick={() => session.select(open ? null : (step.where[0] ?? null), open ? null : step.id)}
        sx={{
          justifyContent: "flex-start",
          textAlign: "left",
          columnGap: 1.5,
          rowGap: 0.5,
          py: 0.75,
          alignItems: "center",
          fontWeight: 400,
          flexWrap: { xs: "wrap", sm: "nowrap" },
        }}
      >
        <Box sx={{ width: 54, fontWeight: 600, flexShrink: 0 }}>{when ? clockWords(when.start) : ""}</Box>
        {when && (
          <WhenSeen {...PICTURE}>
            <StepPicture step={step} when={when} />
          </WhenSeen>
        )}
        <Box sx={{ flex: { xs: "1 1 100%", sm: 1 }, minWidth: 0, fontWeight: 600, fontSize: "1.02rem" }}>
          {step.title}
          {when?.done && <Tag>done</Tag>}
          {when?.pinned && <Tag>pinned</Tag>}
          {when?.critical && !when.done && (
            <Box component="span" title="Sets the ready date" sx={{ color: tints.trouble, ml: 0.75 }}>
              ●
              <Box component="span" sx={visuallyHidden}>
                {" "}
                sets the ready date
              </Box>
            </Box>
          )}
          <Box sx={{ display: "flex", alignItems: "center", gap: 0.75, fontWeight: 400, fontSize: "0.95rem", color: "text.secondary" }}>
            {tone && <Swatch colour={tone.colour} />}
            {[...mixing.map((needed) => `mix ${needed.name}`), step.note, step.notes[0]].filter(Boolean).slice(0, 2).join("; ")}
          </Box>
        </Box>
        <StepBars step={step} when={when} longest={longest} />
      </Button>
      {open && <StepDetails step={step} when={when} byId={byId} followers={followers} />}
    </Box>
  );
}

function Tag({ children }: { children: string }) {
  return (
    <Box
      component="span"
      sx={{ ml: 1, px: 0.75, border: 1, borderColor: "text.secondary", borderRadius: 1, fontSize: "0.85rem", fontWeight: 400 }}
    >
      {children}
    </Box>
  );
}

const visuallyHidden = { position: "absolute", width: "1px", height: "1px", overflow: "hidden", clipPath: "inset(50%)" } as const;

function StepDetails({ step, when, byId, followers }: Omit<Props, "dragging" | "longest">) {
  const session = useBuildSession();
  const id = useOfBuild((build) => build.id);
  const mixing = useOfBuild((build) => build.evaluation.mixing).filter((needed) => needed.step === step.id);
  const titled = (id: string) => byId.get(id)?.title ?? id;
  const go = (id: string) => session.select(byId.get(id)?.where[0] ?? null, id);
  return (
    <Stack sx={{ px: 2, pb: 1.5, gap: 1.25 }}>
      <Cautions lines={step.cautions} last={COMES_FIRST} />
      {mixing.map((needed) => (
        <Box key={needed.material}>
          <Typography variant="h3">Mix: {needed.name}</Typography>
          <MixWords needed={needed} />
          <MixCardView of={{ material: needed.material, build: id }} start={needed.g} />
        </Box>
      ))}
      <Box>
        <Typography variant="h3">Why here?</Typography>
        {step.after.length === 0 ? (
          <Typography variant="body2">It waits for nothing{when ? ": it is where the hands are free first" : ""}.</Typography>
        ) : (
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {step.after.map((after) => (
              <li key={after.step}>
                <Reason after={after} title={titled(after.step)} onGo={() => go(after.step)} />
              </li>
            ))}
          </Box>
        )}
        {when && (
          <Typography variant="body2" color="text.secondary">
            {when.critical ? "It sets the ready date." : `It may slip ${span(when.slack_min)} before the ready date does.`}
          </Typography>
        )}
      </Box>
      {followers.length > 0 && (
        <Box>
          <Typography variant="h3">What waits for it</Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {followers.map((one) => (
              <li key={one.step}>
                <Button size="small" onClick={() => go(one.step)} sx={{ py: 0 }}>
                  {titled(one.step)}
                </Button>
                <Typography component="span" variant="body2" color="text.secondary">
                  {one.why}
                </Typography>
              </li>
            ))}
          </Box>
        </Box>
      )}
      {step.drying.factors.length > 0 && <WhySoLong step={step} when={when} />}
      {when && <StepMarks step={step} when={when} />}
      {(step.look || step.trouble || step.rig || step.note) && (
        <Typography variant="body2">
          {step.rig && (
            <>
              <b>With</b> {plain(step.rig)}.{" "}
            </>
          )}
          {step.look && (
            <>
              <b>Look:</b> {step.look}.{" "}
            </>
          )}
          {step.trouble && (
            <>
              <b>If</b> {step.trouble}.{" "}
            </>
          )}
          {step.mixes > 1 && (
            <>
              <b>Mix {count(step.mixes, "time")}</b>: it sets in {span(step.drying.open_min)}, before all of it could be laid at once.{" "}
            </>
          )}
          {(step.stay_min ?? 0) > 0 && (
            <>
              <b>Stay</b> {span(step.stay_min)} after it, in the same sitting.{" "}
            </>
          )}
          {step.note && (
            <>
              <b>Note:</b> {step.note}.
            </>
          )}
        </Typography>
      )}
      {step.notes.length > 0 && (
        <Box component="ul" aria-label="Reminders" sx={{ m: 0, pl: 2.5, "& li": { fontSize: "1rem" } }}>
          {step.notes.map((note) => (
            <li key={note}>{capital(note)}</li>
          ))}
        </Box>
      )}
    </Stack>
  );
}

function Reason({ after, title, onGo }: { after: After; title: string; onGo: () => void }) {
  return (
    <Typography variant="body2" component="span">
      <Button size="small" onClick={onGo} sx={{ py: 0 }}>
        {title}
      </Button>
      {after.at_least_min > 0 ? `at least ${span(after.at_least_min)} before` : "before it"}
      {after.at_most_min !== null ? `, at most ${span(after.at_most_min)}` : ""}: {after.why}
      <Typography component="span" variant="caption" color="text.secondary">
        {" "}
        ({STRENGTH[after.strength] ?? after.strength})
      </Typography>
    </Typography>
  );
}
