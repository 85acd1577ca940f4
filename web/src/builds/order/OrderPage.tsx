import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import Tab from "@mui/material/Tab";
import Tabs from "@mui/material/Tabs";
import Typography from "@mui/material/Typography";
import { useSearchParams } from "react-router";
import { ExportLinks } from "../quantities/ExportLinks";
import { useBuild } from "../useSession";
import { BatchBoard } from "./BatchBoard";
import { CompareWith } from "./CompareWith";
import { DrawnOrder } from "./drawn/DrawnOrder";
import { OwnWork } from "./OwnWork";
import { SchoolCosts } from "./SchoolCosts";
import { SittingsList } from "./SittingsList";
import { WishesList } from "./WishesList";

const VIEWS = {
  sittings: ["By sitting", SittingsList],
  drawing: ["Drawn", DrawnOrder],
  batch: ["Batch", BatchBoard],
  wishes: ["Wishes", WishesList],
  own: ["Own work", OwnWork],
  schools: ["Schools", SchoolCosts],
  compare: ["Side by side", CompareWith],
} as const;
type View = keyof typeof VIEWS;

/** The order of work: sitting by sitting, as a drawing of what waits for what, as a batch, and what other ways would cost. */
export function OrderPage() {
  const { evaluation, file } = useBuild();
  const [search, setSearch] = useSearchParams();
  const views = (Object.keys(VIEWS) as View[]).filter((view) => view !== "batch" || (file.copies ?? 1) > 1);
  const asked = search.get("view") as View | null;
  const view = asked && views.includes(asked) ? asked : "sittings";
  const Shown = VIEWS[view][1];
  return (
    <Box sx={{ p: 2, maxWidth: ["sittings", "wishes", "own"].includes(view) ? 1080 : undefined, mx: "auto" }}>
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "center", flexWrap: "wrap", gap: 1 }}>
        <Typography variant="h1">Order of work</Typography>
        <Tabs
          value={view}
          onChange={(_, next: View) => setSearch(next === "sittings" ? {} : { view: next }, { replace: true })}
          variant="scrollable"
          sx={{ flex: "1 1 280px", minWidth: 0 }}
          aria-label="Ways to look at the order"
        >
          {views.map((one) => (
            <Tab key={one} value={one} label={VIEWS[one][0]} sx={{ fontSize: "1rem", textTransform: "none", minWidth: 0 }} />
          ))}
        </Tabs>
        {evaluation.schedule && <ExportLinks beside="order" />}
      </Stack>
      <Shown />
    </Box>
  );
}
