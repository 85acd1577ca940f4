import Box from "@mui/material/Box";
import { type ReactNode, useEffect, useMemo } from "react";
import { SessionProvider, useBuildSession, useSession } from "../useSession";
import { SessionWithin } from "./sessionWithin";
import { WithinBar } from "./WithinBar";

/** Pages that draw one base: the build's own, or what is composed by itself within it, which is chosen above them. */
export function WithinPages({ children }: { children: ReactNode }) {
  const id = useSession((state) => (state.build?.within.some((one) => one.id === state.within) ? state.within : null));
  return (
    <Box sx={{ height: { md: "100%" }, display: "flex", flexDirection: "column" }}>
      <WithinBar />
      <Box sx={{ flex: 1, minHeight: 0 }}>
        {id ? (
          <Inner key={id} id={id}>
            {children}
          </Inner>
        ) : (
          children
        )}
      </Box>
    </Box>
  );
}

function Inner({ id, children }: { id: string; children: ReactNode }) {
  const whole = useBuildSession();
  const session = useMemo(() => new SessionWithin(whole, id), [whole, id]);
  useEffect(() => session.follow(), [session]);
  return <SessionProvider value={session}>{children}</SessionProvider>;
}
