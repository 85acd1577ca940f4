import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../api/client";
import { onNews, type Reading } from "../common/live";

/** Says anew that somebody weighs, ms: readings end a while after the last time. */
const AGAIN_MS = 10_000;

interface Scales {
  there: boolean;
  /** What they read now; null until they have read something, and until they have been tared where that was asked. */
  reading: Reading | null;
  /** Sets them to nothing; after a while, where the pan has to come to rest first. */
  tare: (after_ms?: number) => void;
}

/** The scales on the bench while somebody weighs. */
export function useScales(weighing: boolean): Scales {
  const [tared, setTared] = useState(0);
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
  const tare = (after_ms = 0) => {
    setTared((reading?.tares ?? 0) + 1);
    setTimeout(() => void api.commandScales({ do: "tare" }).catch(() => setReading(null)), after_ms);
  };
  return { there: data?.there ?? false, reading: reading && reading.tares >= tared ? reading : null, tare };
}
