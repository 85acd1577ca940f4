import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useFile } from "../builds/useSession";
import { short } from "../common/words";
import { ScaleDesk } from "./ScaleDesk";

/** The scale desk at a build's own scale. */
export function ScaleStage() {
  const file = useFile();
  return (
    <Box sx={{ p: 2.5, maxWidth: 1180 }}>
      <Typography variant="h1" sx={{ mb: 2 }}>
        Scale desk, 1:{short(file.scale)}
      </Typography>
      <ScaleDesk ratio={file.scale} />
    </Box>
  );
}
