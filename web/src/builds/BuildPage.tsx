import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Snackbar from "@mui/material/Snackbar";
import Typography from "@mui/material/Typography";
import { useEffect, useMemo } from "react";
import { Navigate, useNavigate, useParams } from "react-router";
import { useStore } from "zustand";
import { KeyboardHelp } from "../common/KeyboardHelp";
import { onVersion } from "../common/live";
import { useKeys } from "../common/useKeys";
import { ScaleStage } from "../scale/ScaleStage";
import { BuildUpPage } from "./BuildUpPage";
import { BriefPage } from "./brief/BriefPage";
import { ConflictDialog } from "./ConflictDialog";
import { ComposePage } from "./compose/ComposePage";
import { Missing } from "./Missing";
import { MendPage } from "./mend/MendPage";
import { OrderPage } from "./order/OrderPage";
import { QuantitiesPage } from "./quantities/QuantitiesPage";
import { STAGES, StageRail } from "./StageRail";
import { BuildSession } from "./session";
import { TopBar } from "./TopBar";
import { SessionProvider } from "./useSession";

const PAGES = {
  brief: BriefPage,
  compose: ComposePage,
  "build-up": BuildUpPage,
  order: OrderPage,
  quantities: QuantitiesPage,
  scale: ScaleStage,
};

/** One build: its stages, its vitals, and the session that keeps it. */
export function BuildPage() {
  const { id = "", stage } = useParams();
  const number = Number(id);
  const navigate = useNavigate();
  const session = useMemo(() => new BuildSession(number), [number]);
  const state = useStore(session.store);

  useEffect(() => {
    session.open();
    const silence = onVersion(number, (version) => session.heard(version));
    return () => {
      silence();
      session.close();
    };
  }, [session, number]);

  useEffect(() => {
    document.title = state.file ? `${state.file.title} · Green Plinth` : "Green Plinth";
  }, [state.file]);

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
      navigate(`/builds/${number}/${at[0]}`, { replace: true });
      return true;
    }
    return false;
  });

  if (!Number.isInteger(number) || number < 1) return <Missing id={null} />;
  if (state.missing) return <Missing id={number} onBack={() => session.refresh()} />;
  if (state.broken)
    return (
      <SessionProvider value={session}>
        <MendPage key={state.broken.build.version} broken={state.broken} refused={state.refused} />
      </SessionProvider>
    );
  if (!stage || !(stage in PAGES)) return <Navigate to={`/builds/${number}/build-up`} replace />;
  if (!state.build || !state.file)
    return (
      <Box sx={{ p: 4 }}>
        <Typography role="status">
          {state.saving === "waiting" ? "The server cannot be reached. Trying again…" : "Opening the build…"}
        </Typography>
      </Box>
    );

  const Page = PAGES[stage as keyof typeof PAGES];
  const show = (where: string) => navigate(`/builds/${number}/${where}`, { replace: true });
  return (
    <SessionProvider value={session}>
      <Box sx={{ height: { md: "100dvh" }, display: "flex", flexDirection: "column" }}>
        <TopBar
          onDate={() => show("order")}
          onShopping={() => show("quantities")}
          onSnags={() => {
            show("build-up");
            session.select(null);
            setTimeout(() => document.getElementById("snags")?.scrollIntoView({ behavior: "smooth" }), 50);
          }}
        />
        <Box sx={{ flex: 1, minHeight: 0, display: "flex", flexDirection: { xs: "column", md: "row" } }}>
          <StageRail id={number} />
          <Box component="main" sx={{ flex: 1, minWidth: 0, minHeight: 0, overflow: { md: "auto" } }}>
            <Page />
          </Box>
        </Box>
      </Box>
      <ConflictDialog />
      <KeyboardHelp />
      <Snackbar open={state.refused !== null} anchorOrigin={{ vertical: "bottom", horizontal: "center" }}>
        <Alert severity="error" variant="filled" onClose={session.hideRefusal}>
          That change was not made. {state.refused?.problems?.map((problem) => problem.message).join("; ") ?? state.refused?.detail}
        </Alert>
      </Snackbar>
    </SessionProvider>
  );
}
