import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";

/** Milliseconds a hand may pause within a number. */
const PAUSE_MS = 220;

/** The value once it has stood still for a moment. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}

/** An answer of the server to what is typed; the last one stays until the next is there. Nothing is asked of an empty question. */
export function useAsked<T>(key: unknown[], ask: () => Promise<T>, ready: boolean) {
  return useQuery({ queryKey: key, queryFn: ask, enabled: ready, placeholderData: keepPreviousData, retry: false });
}
