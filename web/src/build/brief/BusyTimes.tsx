import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useRef, useState } from "react";
import { api, Refused } from "../../api/client";
import { count } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

const MOST_BYTES = 1_800_000;

/** The maker's own calendar: what falls into their sittings shuts the bench. */
export function BusyTimes() {
  const build = useBuild();
  const session = useBuildSession();
  const input = useRef<HTMLInputElement>(null);
  const [told, setTold] = useState<{ text: string; wrong: boolean } | null>(null);

  async function read(file: File | undefined) {
    if (!file) return;
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
      <Button size="small" onClick={() => input.current?.click()}>
        Take in busy times (.ics)
      </Button>
      <input
        ref={input}
        type="file"
        accept=".ics,text/calendar"
        hidden
        aria-label="Calendar file of busy times"
        onChange={(event) => {
          void read(event.target.files?.[0]);
          event.target.value = "";
        }}
      />
      {told && (
        <Typography variant="body2" color={told.wrong ? "error" : "text.secondary"} role="status">
          {told.text}
        </Typography>
      )}
    </Stack>
  );
}
