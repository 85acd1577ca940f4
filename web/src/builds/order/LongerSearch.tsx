import Typography from "@mui/material/Typography";
import { useEffect, useRef } from "react";
import { api } from "../../api/client";
import type { LongerSearch as Found } from "../../api/types";
import { UnderWay } from "../../common/UnderWay";
import { useHeavy } from "../../common/useHeavy";
import { span } from "../../common/words";
import { useBuild, useBuildSession } from "../useSession";

/** Whether a plan that is not proven can be bettered: searched for beside the server after each edit, and taken up when it is found. */
export function LongerSearch() {
  const build = useBuild();
  const session = useBuildSession();
  const search = useHeavy<Found>(["longer-search"], build, () => api.longerSearch(build.id));
  const found = search.answer;
  const shown = build.evaluation.schedule?.ready_at;
  const taken = useRef<string | null>(null);
  // The same version of the build has another plan now.
  useEffect(() => {
    if (!found?.gain_min || found.ready_at === shown || taken.current === found.ready_at) return;
    taken.current = found.ready_at;
    void session.refresh();
  }, [found, shown, session]);
  if (!found) return <UnderWay asked={search} doing="Searching longer for a sooner date" />;
  return <Typography sx={{ mt: 0.5 }}>{foundWords(found)}</Typography>;
}

function foundWords({ gain_min, proven_optimal, open_min }: Found): string {
  const gained = gain_min > 0 ? `A longer search found this plan, ${span(gain_min)} sooner than the first.` : "";
  if (proven_optimal) return `${gained || "A longer search found none sooner."} It is proven that none is.`;
  return `${gained || "A longer search found none sooner."} At most ${span(open_min)} could still be gained.`;
}
