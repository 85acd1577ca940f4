import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../api/client";
import { onNews, type Reading } from "../common/live";

/** Says anew that somebody weighs, ms: readings end a while after the last time. */
const AGAIN_MS = 10_000;

/** The scales on the bench while somebody weighs: what they read now; null until they have read something. */
export function useScales(weighing: boolean): { there: boolean; reading: Reading | null } {
  const { data } = useQuery({ queryKey: ["scales"], queryFn: api.scales });
  const [reading, setReading] = useState<Reading | null>(null);
  useEffect(() => {
    if (!weighing) return;
    // Where they are away the reading stays out, and the page says so.
    const listen = () => void api.commandScales({ do: "listen" }).catch(() => setReading(null));
    listen();
    const timer = setInterval(listen, AGAIN_MS);
    const stop = onNews((news) => {
      if ("scales" in news) setReading(news.scales);
    });
    return () => {
      clearInterval(timer);
      stop();
      setReading(null);
    };
  }, [weighing]);
  return { there: data?.there ?? false, reading };
}
