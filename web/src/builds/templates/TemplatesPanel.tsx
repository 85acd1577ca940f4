import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../../api/client";
import { Choice } from "../../common/Choice";
import { useCatalogue } from "../../common/catalogue";
import { capital } from "../../common/words";
import { ExportLinks } from "../quantities/ExportLinks";
import { useBuild } from "../useSession";
import { EdgeSkinDrawing } from "./EdgeSkinDrawing";
import { MaterialMasses } from "./MaterialMasses";
import { PieceDrawing } from "./PieceDrawing";
import { SheetDrawing } from "./SheetDrawing";

/** What is cut from sheets: templates at full size, how the pieces lie on stock sheets, the edge unrolled, the mass by material. */
export function TemplatesPanel() {
  const build = useBuild();
  const papers = useCatalogue().exports.find((one) => one.papers.length)?.papers ?? [];
  const [paper, setPaper] = useState(papers[0]);
  const told = useQuery({
    queryKey: ["templates", build.id, build.version],
    queryFn: () => api.templates(build.id),
    placeholderData: keepPreviousData,
  }).data;
  return (
    <Box component="section" aria-label="Templates" sx={{ mt: 3 }}>
      <Stack
        direction="row"
        sx={{
          justifyContent: "space-between",
          alignItems: "center",
          flexWrap: "wrap",
          gap: 1,
          borderBottom: 2,
          borderColor: "primary.main",
          pb: 0.5,
        }}
      >
        <Typography variant="h2">Templates to cut along</Typography>
        <Stack direction="row" sx={{ gap: 1, alignItems: "center", flexWrap: "wrap" }}>
          <Choice
            label="Paper"
            width={100}
            value={paper}
            options={papers.map((one): [string, string] => [one, capital(one)])}
            onChange={setPaper}
          />
          <ExportLinks beside="templates" paper={paper} />
        </Stack>
      </Stack>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        Print at 100 %, never fitted to the page, and measure the 50 mm ruler and the diagonal before cutting.
      </Typography>
      {told && (
        <>
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mt: 1 }}>
            {told.pieces.map((piece) => (
              <PieceDrawing key={piece.order} piece={piece} />
            ))}
          </Box>
          {told.sheets.map((plan) => (
            <SheetDrawing key={`${plan.material}${plan.sheet_mm}`} plan={plan} pieces={told.pieces} />
          ))}
          <EdgeSkinDrawing skin={told.edge_skin} />
          <MaterialMasses lines={told.materials} />
        </>
      )}
    </Box>
  );
}
