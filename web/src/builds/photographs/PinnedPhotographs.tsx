import Box from "@mui/material/Box";
import type { ReferencePicture } from "../../api/types";
import { useOfBuild } from "../useSession";
import { pictureUrl } from "./usePhotographs";

/** Photographs that are kept for a fact, each with it. */
export function PinnedPhotographs({ references }: { references: ReferencePicture[] }) {
  const id = useOfBuild((build) => build.id);
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(140px, 1fr))", gap: 1 }}>
      {references.map((one) => (
        <Box key={one.event} component="figure" data-reference={one.picture} sx={{ m: 0 }}>
          <a href={pictureUrl(id, one.picture)}>
            <Box
              component="img"
              src={pictureUrl(id, one.picture, true)}
              alt={one.fact}
              loading="lazy"
              sx={{ width: "100%", display: "block" }}
            />
          </a>
          <figcaption>{one.fact}</figcaption>
        </Box>
      ))}
    </Box>
  );
}
