import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo } from "react";
import { api } from "../../api/client";
import type { BenchStage } from "../../api/types";
import { instantNow, useClock, wallMoment } from "../../bench/clock";
import { isOld, seenOr } from "../../bench/lastSeen";
import { heardOf, onSent, resume, useOutbox } from "../../bench/outbox";
import { asLeft } from "../../bench/pending";
import { onVersion } from "../../common/live";
import { useBuildSession, useFile, useOfBuild } from "../useSession";

/** So often the stage is looked at anew while nothing happens, ms: what is left of the sitting goes down. */
const AGAIN_MS = 30_000;
/** A clock that is wrong by more shows another stage, ms. */
const WRONG_MS = 20_000;

/** As it stands by the server's clock: where this device's was found to be wrong, it is asked for once more. */
async function told(id: number, again = true): Promise<BenchStage> {
  const asked = Date.now();
  const stage = await api.bench(id, wallMoment(instantNow()));
  const by = useClock.getState().heard(stage.instant, asked, Date.now());
  return again && by > WRONG_MS ? told(id, false) : stage;
}

/** As the server has it; where it is away, as it was seen last, and the page says so. */
async function stageOf(id: number): Promise<BenchStage> {
  const stage = await seenOr(`bench:${id}`, () => told(id));
  if (isOld(stage)) useOutbox.setState({ away: true });
  else if (useOutbox.getState().away) heardOf();
  return stage;
}

/** How the build stands at the bench: as the server has it, and over it what this device has told and it has not taken yet. */
export function useStage() {
  const id = useOfBuild((build) => build.id);
  const copies = useFile().copies ?? 1;
  const session = useBuildSession();
  const client = useQueryClient();
  const waiting = useOutbox((state) => state.waiting);
  useEffect(() => void resume(), []);
  useEffect(() => {
    const fresh = () => void client.invalidateQueries({ queryKey: ["bench", id] });
    const silence = onVersion(id, fresh);
    const unsent = onSent((build) => {
      if (build !== id) return;
      fresh();
      void session.refresh();
    });
    return () => {
      silence();
      unsent();
    };
  }, [client, id, session]);
  const asked = useQuery({
    queryKey: ["bench", id],
    queryFn: () => stageOf(id),
    refetchInterval: AGAIN_MS,
    refetchIntervalInBackground: false,
    networkMode: "always",
  });
  const mine = useMemo(() => waiting.filter((one) => one.build === id), [waiting, id]);
  const left = useMemo(() => (asked.data ? asLeft(asked.data, mine, copies) : null), [asked.data, mine, copies]);
  return { stage: asked.data ?? null, left, failed: asked.error, waiting: mine };
}
