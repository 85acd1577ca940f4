import { useEffect } from "react";
import { onSent } from "../../bench/outbox";
import { useBuildSession, useOfBuild } from "../useSession";

/** Reads the build anew when the server has taken what was told of it here. */
export function useToldHere(): void {
  const id = useOfBuild((build) => build.id);
  const session = useBuildSession();
  useEffect(() => onSent((build) => void (build === id && session.refresh())), [id, session]);
}
