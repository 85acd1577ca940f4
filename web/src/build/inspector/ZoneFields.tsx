import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { Choice } from "../../common/Choice";
import { useCatalogue } from "../../common/useCatalogue";
import { short } from "../../common/words";
import { useBuild } from "../useSession";
import type { PartFields } from "./fields";

/** What the ground is. */
export function ZoneFields({ part, put }: PartFields) {
  const { grounds } = useCatalogue();
  const area = useBuild().evaluation.relief.zones.find((zone) => zone.id === part.id)?.area_mm2;
  return (
    <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1, alignItems: "center" }}>
      <Choice
        label="Ground"
        value={grounds.length ? part.ground : ""}
        options={grounds.map((ground) => [ground.key, ground.name] as const)}
        onChange={(value) => put("ground", value)}
      />
      {area !== undefined && (
        <Typography variant="body2" color="text.secondary">
          {short(area / 100)} cm² of it shows
        </Typography>
      )}
    </Stack>
  );
}
