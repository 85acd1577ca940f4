import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { api, Refused } from "../../api/client";
import { FileButton } from "../../common/FileButton";
import { count } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

const MOST_BYTES = 1_800_000;

/** The maker's own calendar: what falls into their sittings shuts the bench. */
export function BusyTimes() {
  const build = useBuild();
  const session = useBuildSession();
  const [told, setTold] = useState<{ text: string; wrong: boolean } | null>(null);

  async function read(file: File) {
    if (file.size > MOST_BYTES)
      return setTold({ text: `${file.name} is ${(file.size / 1e6).toFixed(1)} MB; a calendar may be 1.8 MB.`, wrong: true });
    try {
      const { away, patch } = await api.busy(build.id, await file.text());
      if (patch.length) session.edit("Take in busy times", patch);
      const text = away.length
        ? `${count(away.length, "busy time")} of ${file.name} ${away.length === 1 ? "falls" : "fall"} into the sittings: the bench is shut then.`
        : `Nothing in ${file.name} falls into the sittings of the coming 400 days.`;
      setTold({ text, wrong: false });
    } catch (error) {
      const why =
        error instanceof Refused ? (error.problem.problems?.map((one) => one.message).join("; ") ?? error.message) : String(error);
      setTold({ text: `${file.name} ${why}`, wrong: true });
    }
  }

  return (
    <Stack sx={{ width: "100%", alignItems: "flex-start" }}>
      <FileButton
        label="Take in busy times (.ics)"
        file="Calendar file of busy times"
        accept=".ics,text/calendar"
        size="small"
        onFile={read}
      />
      {told && (
        <Typography variant="body2" color={told.wrong ? "error" : "text.secondary"} role="status">
          {told.text}
        </Typography>
      )}
    </Stack>
  );
}
