import Box from "@mui/material/Box";
import { useEffect, useMemo } from "react";
import { Navigate, useNavigate, useParams } from "react-router";
import { useStore } from "zustand";
import { useShallow } from "zustand/react/shallow";
import { KeyboardHelp } from "../common/KeyboardHelp";
import { onVersion } from "../common/live";
import { SkipToWork, WORK } from "../common/SkipToWork";
import { useKeys } from "../common/useKeys";
import { usePageTitle } from "../common/usePageTitle";
import { Waiting } from "../common/Waiting";
import { NotFoundPage } from "../NotFoundPage";
import { ScaleStage } from "../scale/ScaleStage";
import { BuildUpPage } from "./BuildUpPage";
import { BenchPage } from "./bench/BenchPage";
import { BriefPage } from "./brief/BriefPage";
import { ConflictDialog } from "./ConflictDialog";
import { ComposePage } from "./compose/ComposePage";
import { DaybookPage } from "./daybook/DaybookPage";
import { Missing } from "./Missing";
import { MendPage } from "./mend/MendPage";
import { OrderPage } from "./order/OrderPage";
import { QuantitiesPage } from "./quantities/QuantitiesPage";
import { RefusedNote } from "./RefusedNote";
import { STAGES, StageRail } from "./StageRail";
import { BuildSession } from "./session";
import { TopBar } from "./TopBar";
import { SessionProvider } from "./useSession";
import { Walk } from "./walk/Walk";
import { WithinPages } from "./within/WithinPages";

const PAGES = {
  brief: BriefPage,
  compose: () => (
    <WithinPages>
      <ComposePage />
    </WithinPages>
  ),
  "build-up": () => (
    <WithinPages>
      <BuildUpPage />
    </WithinPages>
  ),
  order: OrderPage,
  quantities: QuantitiesPage,
  bench: BenchPage,
  daybook: DaybookPage,
  scale: ScaleStage,
};

/** One build: its stages, its vitals, and the session that keeps it. */
export function BuildPage() {
  const { id = "", stage } = useParams();
  const number = Number(id);
  const navigate = useNavigate();
  const session = useMemo(() => new BuildSession(number), [number]);
  // Only what decides which page is shown: the page itself listens to what it draws.
  const { title, there, missing, broken, refused, away } = useStore(
    session.store,
    useShallow((state) => ({
      title: state.file?.title ?? null,
      there: state.build !== null && state.file !== null,
      missing: state.missing,
      broken: state.broken,
      refused: state.refused,
      away: state.build === null && state.saving === "waiting",
    })),
  );

  useEffect(() => {
    session.open();
    const silence = onVersion(number, (version) => session.heard(version));
    return () => {
      silence();
      session.close();
    };
  }, [session, number]);

  const stageName = STAGES.find(([key]) => key === stage)?.[1];
  usePageTitle(title === null ? null : stageName ? `${stageName} · ${title}` : title);

  useKeys((event) => {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") {
      session.move(event.shiftKey ? "redo" : "undo");
      return true;
    }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "y") {
      session.move("redo");
      return true;
    }
    const at = STAGES[Number(event.key) - 1];
    if (at && !event.ctrlKey && !event.altKey && !event.metaKey) {
      navigate(`/builds/${number}/${at[0]}`);
      return true;
    }
    return false;
  });

  const Page = PAGES[stage as keyof typeof PAGES] as (typeof PAGES)[keyof typeof PAGES] | undefined;
  const page = useMemo(() => Page && <Page />, [Page]);

  if (!Number.isInteger(number) || number < 1) return <Missing id={null} />;
  if (missing) return <Missing id={number} onBack={() => session.refresh()} />;
  if (broken)
    return (
      <SessionProvider value={session}>
        <MendPage key={broken.build.version} broken={broken} refused={refused} />
      </SessionProvider>
    );
  if (!stage) return <Navigate to={`/builds/${number}/build-up`} replace />;
  if (!(stage in PAGES)) return <NotFoundPage />;
  if (!there)
    return (
      <Box sx={{ p: 4 }}>
        <Waiting>{away ? "The server cannot be reached. Trying again…" : "Opening the build…"}</Waiting>
      </Box>
    );

  const show = (where: string) => navigate(`/builds/${number}/${where}`);
  return (
    <SessionProvider value={session}>
      <SkipToWork />
      <Box sx={{ height: { md: "100dvh" }, display: "flex", flexDirection: "column" }}>
        {stage !== "bench" && (
          <TopBar
            onDate={() => show("order")}
            onShopping={() => show("quantities")}
            onSnags={() => {
              show("build-up");
              session.select(null);
              setTimeout(() => document.getElementById("snags")?.scrollIntoView({ behavior: "smooth" }), 50);
            }}
          />
        )}
        <Box sx={{ flex: 1, minHeight: 0, display: "flex", flexDirection: { xs: "column", md: "row" } }}>
          <StageRail id={number} />
          <Box
            component="main"
            id={WORK}
            tabIndex={-1}
            sx={{ outline: "none", flex: 1, minWidth: 0, minHeight: 0, overflow: { md: "auto" } }}
          >
            {page}
          </Box>
        </Box>
      </Box>
      <ConflictDialog />
      <KeyboardHelp onWalk={() => navigate(`/builds/${number}/build-up?walk=1`)} />
      <RefusedNote />
      <Walk id={number} stage={stage} />
    </SessionProvider>
  );
}
