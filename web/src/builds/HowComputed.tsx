import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { HowButton, HowTold } from "../common/HowTold";
import { Waiting } from "../common/Waiting";
import { useBuild, useOf } from "./useSession";

/** "How is this computed?" beside a figure of a build, asked of the core when somebody wants to know. */
export function HowComputed({ of, about }: { of: string; about: string }) {
  return (
    <HowButton about={about}>
      <Answer of={of} />
    </HowButton>
  );
}

function Answer({ of }: { of: string }) {
  const build = useBuild();
  const part = useOf();
  const asked = useQuery({
    queryKey: ["reckonings", build.id, build.version, part],
    queryFn: () => api.reckonings(build.id, part),
    retry: false,
  });
  const found = asked.data?.find((one) => one.key === of);
  if (asked.isError) return <Typography color="error">The server could not be asked: {asked.error.message}</Typography>;
  if (!asked.data) return <Waiting>Looking it up…</Waiting>;
  if (!found) return <Typography>Nothing more is known of it.</Typography>;
  return <HowTold reckoning={found} />;
}
