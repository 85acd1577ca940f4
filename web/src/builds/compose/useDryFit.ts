import { useCallback, useEffect, useRef, useState } from "react";
import { api, Refused, Unreachable } from "../../api/client";
import type { Fit, PatchOperation } from "../../api/types";
import { useBuild, useBuildSession, useOf } from "../useSession";

/**
 * How the build would stand with a change that is not made, asked of the server while a hand drags: one question at a
 * time, always the newest. After the drag the last answer stays until the build itself has caught up.
 */
export function useDryFit(): { fit: Fit | null; ask: (patch: PatchOperation[] | null) => void } {
  const build = useBuild();
  const part = useOf();
  const session = useBuildSession();
  const [answer, setAnswer] = useState<{ fit: Fit; version: number } | null>(null);
  const waiting = useRef<PatchOperation[] | null>(null);
  const busy = useRef(false);
  const build_at = useRef(build);
  build_at.current = build;
  const of = useRef({ part, session });
  of.current = { part, session };

  const next = useCallback(async () => {
    while (waiting.current && !busy.current) {
      const patch = waiting.current;
      waiting.current = null;
      busy.current = true;
      try {
        const fit = await api.fit(build_at.current.id, of.current.session.wholePatch(patch), of.current.part);
        setAnswer({ fit, version: build_at.current.version });
      } catch (error) {
        if (!(error instanceof Refused || error instanceof Unreachable)) throw error;
        // A place that cannot be (off the plinth's world) or a server that is away: the drag goes on without figures.
      } finally {
        busy.current = false;
      }
    }
  }, []);

  const ask = useCallback(
    (patch: PatchOperation[] | null) => {
      if (!patch) return;
      waiting.current = patch;
      void next();
    },
    [next],
  );

  useEffect(
    () => () => {
      waiting.current = null;
    },
    [],
  );
  return { fit: answer && answer.version === build.version ? answer.fit : null, ask };
}
