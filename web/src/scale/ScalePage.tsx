import Box from "@mui/material/Box";
import { useSearchParams } from "react-router";
import { PageHead } from "../common/PageHead";
import { ScaleField } from "../common/ScaleField";
import { ScaleDesk } from "./ScaleDesk";

/** The scale desk by itself, at any scale. */
export function ScalePage() {
  const [search, setSearch] = useSearchParams();
  const ratio = Number(search.get("ratio")) || 35;
  const go = (value: number) => setSearch({ ratio: String(value) }, { replace: true });
  return (
    <Box component="main" sx={{ maxWidth: 1280, mx: "auto", p: { xs: 1.5, sm: 2.5 } }}>
      <PageHead title="Scale desk">
        <ScaleField value={ratio} onChange={go} />
      </PageHead>
      <ScaleDesk ratio={ratio} />
    </Box>
  );
}
