import { useEffect, useState } from "react";
import { api } from "../api/client";
import type { Build, Chance } from "../api/types";
import { useHeavy } from "../common/useHeavy";

/** A build that has been let be for so long is asked how sure its date is: no hand waits for the answer, ms. */
const LET_BE_MS = 10_000;

/** The date by which a build is ready in four of five tries, as things usually vary; null until it is known, or where there is none. */
export function useLikelyDate(build: Build): string | null {
  const ready = build.evaluation.schedule?.ready_at ?? "";
  const now = `${ready} ${build.version}`;
  const [letBe, setLetBe] = useState<string | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setLetBe(now), LET_BE_MS);
    return () => clearTimeout(timer);
  }, [now]);
  // The same question as beside the order of work: whoever asks first has it answered for both.
  const { answer } = useHeavy<Chance>(["chance", ready], build, () => api.chance(build.id), ready !== "" && letBe === now);
  return answer?.ready_80 ?? null;
}
