import type { BenchEvent } from "../../api/types";
import { tell } from "../../bench/outbox";
import { useOfBuild } from "../useSession";

/** Tells what happened on this build. */
export function useTell() {
  const id = useOfBuild((build) => build.id);
  return (kind: BenchEvent["kind"], more: Partial<Omit<BenchEvent, "id" | "kind">> = {}) => tell(id, kind, more);
}
