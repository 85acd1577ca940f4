import Box from "@mui/material/Box";
import Divider from "@mui/material/Divider";
import Stack from "@mui/material/Stack";
import { useMemo, useState } from "react";
import type { PatchOperation } from "../../api/types";
import { has, kindOf, useCatalogue } from "../../common/catalogue";
import { Inspector } from "../inspector/Inspector";
import { PartsList } from "../inspector/PartsList";
import { PlanView } from "../plan/PlanView";
import { placedPart, valueAt } from "../plan/parts";
import { SnagList } from "../snags/SnagList";
import { useBuild, useFile, useOf, useSelection } from "../useSession";
import { ArrangementPanel } from "./ArrangementPanel";
import { BalancePanel } from "./BalancePanel";
import { DryFitPanel } from "./DryFitPanel";
import { FormationFields } from "./FormationFields";
import { GroupsPanel } from "./GroupsPanel";
import { JudgementList } from "./JudgementList";
import { Palette } from "./Palette";
import { SightPanel } from "./SightPanel";
import { useDryFit } from "./useDryFit";

/** What stands on the base and how: placed, dragged, judged, looked at from eye height, before a knife is picked up. */
export function ComposePage() {
  const build = useBuild();
  const catalogue = useCatalogue();
  const file = useFile();
  const { pointer } = useSelection();
  const within = useOf();
  const { fit, ask } = useDryFit();
  const [shown, setShown] = useState(() => catalogue.judgements.filter((one) => one.drawn_unasked).map((one) => one.key));
  const [trial, setTrial] = useState<PatchOperation[] | null>(null);
  const composition = fit?.composition ?? build.evaluation.composition;
  const balance = fit?.balance ?? build.evaluation.balance;
  const marks = useMemo(
    () => composition.judgements.filter((one) => shown.includes(one.key)).flatMap((one) => one.marks),
    [composition, shown],
  );
  const part = pointer && valueAt(file, placedPart(pointer)) ? placedPart(pointer) : null;
  return (
    <Box
      sx={{
        height: { md: "100%" },
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 448px" },
        gridTemplateRows: { xs: "46vh 260px auto", md: "minmax(0, 1fr) minmax(180px, 36%)" },
      }}
    >
      <PlanView withCut={false} marks={marks} trial={trial} onTry={ask} />
      <Box
        sx={{
          gridRow: { md: "1 / 3" },
          gridColumn: { md: 2 },
          overflowY: { md: "auto" },
          bgcolor: "background.paper",
          p: 1.5,
          order: { xs: 3, md: 0 },
        }}
      >
        <Stack sx={{ gap: 1.5 }} divider={<Divider />}>
          <Palette />
          {part && <Inspector pointer={part} />}
          <DryFitPanel composition={composition} trying={fit !== null} />
          <JudgementList judgements={composition.judgements} shown={shown} onShow={setShown} />
          {!within && has(kindOf(catalogue, "purposes", file.purpose), "played") && <FormationFields />}
          {!within && <GroupsPanel />}
          <ArrangementPanel onTrial={setTrial} />
          <BalancePanel balance={balance} />
          {!part && <PartsList />}
          <SnagList />
        </Stack>
      </Box>
      <Box sx={{ borderTop: 2, borderColor: "primary.main", minHeight: 0 }}>
        <SightPanel />
      </Box>
    </Box>
  );
}
