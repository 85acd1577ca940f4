import Box from "@mui/material/Box";
import Divider from "@mui/material/Divider";
import Stack from "@mui/material/Stack";
import { useEffect } from "react";
import { useKept } from "../common/useKept";
import { BuildUpBottom, type UnderThePlan } from "./BuildUpBottom";
import { CoursesPanel } from "./courses/CoursesPanel";
import { HeightMapForm } from "./inspector/HeightMapForm";
import { Inspector } from "./inspector/Inspector";
import { PartsList } from "./inspector/PartsList";
import { PlanView } from "./plan/PlanView";
import { placedPart, valueAt } from "./plan/parts";
import { useRehearsed } from "./rehearsal/useRehearsal";
import { SectionsPanel } from "./section/SectionsPanel";
import { SnagList } from "./snags/SnagList";
import { useTrial } from "./snags/useTrial";
import { useBuildSession, useFile, useSelection } from "./useSession";

/** Plan, section and drying line of the same thing; what is lit in one is lit in all. */
export function BuildUpPage() {
  const file = useFile();
  const { pointer } = useSelection();
  const session = useBuildSession();
  const rehearsed = useRehearsed();
  const [under, setUnder] = useKept<UnderThePlan>("browser", "under-the-plan", "time");
  const trial = useTrial((state) => state.patch);
  // A bare new base: its ground is lit at once, so that the first question is what is laid there.
  useEffect(() => {
    const { file: opened, selection } = session.store.getState();
    const bare = opened && !opened.forms?.length && opened.zones?.length === 1 && !opened.zones[0].courses?.length;
    if (bare && selection.pointer === null) session.select("/zones/0");
  }, [session]);
  const part = pointer && valueAt(file, placedPart(pointer)) ? placedPart(pointer) : null;
  return (
    <Box
      sx={{
        height: { md: "100%" },
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 448px" },
        // What is looked at all round takes more room than a line of time.
        gridTemplateRows: {
          xs: `46vh auto ${under === "solid" ? "60vh" : "300px"}`,
          md: `minmax(0, 1fr) minmax(190px, ${under === "solid" ? "48%" : "32%"})`,
        },
      }}
    >
      <PlanView shown={rehearsed?.drawing} stood={rehearsed?.bodies} marks={rehearsed?.marks} trial={trial} />
      <Box sx={{ overflowY: { md: "auto" }, bgcolor: "background.paper", p: 1.5 }}>
        <Stack sx={{ gap: 1.5 }} divider={<Divider />}>
          <SectionsPanel />
          {part && /^\/(zones|waters|sides|features)\//.test(part) && <CoursesPanel pointer={part} />}
          {part ? <Inspector pointer={part} /> : <PartsList />}
          {!part && <HeightMapForm />}
          <SnagList />
        </Stack>
      </Box>
      <Box sx={{ gridColumn: "1 / -1", borderTop: 2, borderColor: "primary.main", minHeight: 0 }}>
        <BuildUpBottom shown={under} onShow={setUnder} />
      </Box>
    </Box>
  );
}
