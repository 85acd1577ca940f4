import Box from "@mui/material/Box";
import Popover from "@mui/material/Popover";
import { type SyntheticEvent, useEffect } from "react";
import { placedPart } from "../plan/parts";
import { useOfBuild } from "../useSession";
import { SnagCard } from "./SnagCard";
import { useTrial } from "./useTrial";

/** What happens over the plan is nothing that happens to it. */
const stays = (event: SyntheticEvent) => event.stopPropagation();

/** The snags of a part where their mark lies on the plan, with what can be done about them. */
export function SnagPopover({ at, onClose }: { at: { pointer: string; left: number; top: number } | null; onClose: () => void }) {
  const snags = useOfBuild((build) => build.evaluation.snags);
  const show = useTrial((state) => state.show);
  const own = at ? snags.filter((snag) => placedPart(snag.where) === at.pointer) : [];
  const left = own.length;
  useEffect(() => {
    if (at && left === 0) onClose();
  }, [at, left, onClose]);
  return (
    <Popover
      open={at !== null && left > 0}
      onClose={() => {
        show(null);
        onClose();
      }}
      onPointerDown={stays}
      onPointerMove={stays}
      onPointerUp={stays}
      onKeyDown={(event) => event.key !== "Escape" && event.stopPropagation()}
      anchorReference="anchorPosition"
      anchorPosition={{ left: (at?.left ?? 0) + 14, top: at?.top ?? 0 }}
      slotProps={{
        paper: { sx: { width: 380, maxWidth: "92vw" }, "aria-label": "Snags here", role: "dialog" },
        backdrop: { invisible: true },
      }}
    >
      <Box sx={{ display: "grid", gap: 1, p: 1 }}>
        {own.map((snag) => (
          <SnagCard key={snag.code + snag.message} snag={snag} lit={false} />
        ))}
      </Box>
    </Popover>
  );
}
