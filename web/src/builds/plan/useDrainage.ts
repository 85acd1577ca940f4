import { useState } from "react";
import { api, Refused } from "../../api/client";
import type { Drainage, Point } from "../../api/types";
import { useBuild, useOf } from "../useSession";
import { drainageWords } from "./DrainageLayer";

/** "Where would it run from here?": whether it is being asked, and the answer while the ground is as it was. */
export function useDrainage() {
  const build = useBuild();
  const part = useOf();
  const [asking, setAsking] = useState(false);
  const [found, setFound] = useState<{ run: Drainage | null; words: string; version: number } | null>(null);

  async function ask(at: Point) {
    try {
      const run = await api.drainage(build.id, at, part);
      setFound({ run, words: drainageWords(run), version: build.version });
    } catch (error) {
      const words = error instanceof Refused ? (error.problem.problems?.[0]?.message ?? error.message) : String(error);
      setFound({ run: null, words, version: build.version });
    }
  }

  function toggle() {
    setAsking(!asking);
    setFound(null);
  }

  const answer = found && found.version === build.version ? found : null;
  return { asking, ask, toggle, run: answer?.run ?? null, words: answer?.words ?? null };
}
