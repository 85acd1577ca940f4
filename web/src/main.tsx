import "@fontsource/source-sans-3/latin-400.css";
import "@fontsource/source-sans-3/latin-600.css";
import "@fontsource/zilla-slab/latin-600.css";
import "@fontsource/zilla-slab/latin-700.css";
import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { type ComponentType, lazy, StrictMode, Suspense, useEffect, useMemo } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Route, Routes } from "react-router";
import { onLeaving } from "./api/transport";
import type { Preferences } from "./api/types";
import { forgetSeen } from "./bench/lastSeen";
import { usePreferences } from "./common/preferences";
import { useStill } from "./common/useStill";
import { useThemeMode } from "./common/useThemeMode";
import { Waiting } from "./common/Waiting";
import { NotFoundPage } from "./NotFoundPage";
import { ShelfPage } from "./shelf/ShelfPage";
import { keepShell } from "./shell";
import { plinthTheme } from "./theme";

// The page's policy lets in only styles that carry this page's own nonce.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
const cache = createCache({ key: "gp", nonce });
const queries = new QueryClient({ defaultOptions: { queries: { staleTime: 5000, retry: 1 } } });

/** A page that comes when it is opened: the shelf, which is opened first, waits for none of them. */
function later<Name extends string>(name: Name, module: () => Promise<Record<Name, ComponentType>>) {
  return lazy(async () => ({ default: (await module())[name] }));
}
const BuildPage = later("BuildPage", () => import("./builds/BuildPage"));
const NewBuildPage = later("NewBuildPage", () => import("./newbuild/NewBuildPage"));
const NowPage = later("NowPage", () => import("./now/NowPage"));
const DaybooksPage = later("DaybooksPage", () => import("./daybook/DaybooksPage"));
const MixesPage = later("MixesPage", () => import("./mixes/MixesPage"));
const PalettesPage = later("PalettesPage", () => import("./palettes/PalettesPage"));
const StoresPage = later("StoresPage", () => import("./stores/StoresPage"));
const SettingsPage = later("SettingsPage", () => import("./settings/SettingsPage"));
const ScalePage = later("ScalePage", () => import("./scale/ScalePage"));
const WeeksPage = later("WeeksPage", () => import("./weeks/WeeksPage"));
const WorkshopPage = later("WorkshopPage", () => import("./workshop/WorkshopPage"));

/** What of the preferences words go by. */
const told = ({ theme: _, sounds: __, ...words }: Preferences) => JSON.stringify(words);

function App() {
  const { mode } = useThemeMode();
  const { chosen, read } = usePreferences();
  useEffect(() => {
    // While the server is away what this device has in mind holds.
    read().catch(() => undefined);
  }, [read]);
  const still = useStill();
  const theme = useMemo(() => plinthTheme(mode, still), [mode, still]);
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <BrowserRouter>
        {/* Words are told by plain functions: whatever they go by, all of them are told anew. */}
        <Suspense key={told(chosen)} fallback={<Waiting>Waiting for the server…</Waiting>}>
          <Routes>
            <Route path="/" element={<ShelfPage />} />
            <Route path="/now" element={<NowPage />} />
            <Route path="/daybook" element={<DaybooksPage />} />
            <Route path="/workshop" element={<WorkshopPage />} />
            <Route path="/weeks" element={<WeeksPage />} />
            <Route path="/stores" element={<StoresPage />} />
            <Route path="/mixes" element={<MixesPage />} />
            <Route path="/colours" element={<PalettesPage />} />
            <Route path="/settings" element={<SettingsPage />} />
            <Route path="/scale" element={<ScalePage />} />
            <Route path="/new" element={<NewBuildPage />} />
            <Route path="/builds/:id/:stage?" element={<BuildPage />} />
            <Route path="*" element={<NotFoundPage />} />
          </Routes>
        </Suspense>
      </BrowserRouter>
    </ThemeProvider>
  );
}

void keepShell();
onLeaving(forgetSeen);

createRoot(document.getElementById("root") as HTMLElement).render(
  <StrictMode>
    <CacheProvider value={cache}>
      <QueryClientProvider client={queries}>
        <App />
      </QueryClientProvider>
    </CacheProvider>
  </StrictMode>,
);
