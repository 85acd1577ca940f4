import { useEffect, useState } from "react";
import { instantNow } from "./clock";

/** Now, ms since 1970 as the server has it; drawn anew so often, ms. */
export function useTick(every: number): number {
  const [now, setNow] = useState(instantNow);
  useEffect(() => {
    const timer = setInterval(() => setNow(instantNow()), every);
    return () => clearInterval(timer);
  }, [every]);
  return now;
}
