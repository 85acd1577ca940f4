import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, type Heavy } from "../api/client";
import type { Inquiry } from "../api/types";
import { onInquiry } from "./live";

/** Asked again after this pause where no word came of it, ms: what the stream missed is not waited for. */
const POLL_MS = 4000;

/** A question that is answered beside the server. */
export type Asked<T> = {
  answer: T | undefined;
  /** How far it has come; null: it is answered, was refused, or nobody has asked. */
  underWay: Inquiry | null;
  error: Error | null;
  /** Nobody waits for it any more. */
  drop: () => void;
  dropped: boolean;
  again: () => void;
};

/**
 * Asks it of one version of a build, and again for the answer when the server says that it is there.
 * @param asked whether somebody wants to know
 */
export function useHeavy<T>(name: string[], build: { id: number; version: number }, ask: () => Promise<Heavy<T>>, asked = true): Asked<T> {
  const client = useQueryClient();
  const key = [...name, build.id, build.version];
  const tag = key.join(" ");
  const [dropped, setDropped] = useState<string | null>(null);
  const query = useQuery({
    queryKey: key,
    queryFn: ask,
    enabled: asked && dropped !== tag,
    retry: false,
    staleTime: ({ state }) => (state.data?.underWay ? 0 : Number.POSITIVE_INFINITY),
    refetchInterval: ({ state }) => (state.data?.underWay ? POLL_MS : false),
  });
  const { refetch } = query;
  const underWay = dropped === tag ? null : (query.data?.underWay ?? null);
  const waitedFor = underWay?.id;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key is told by its tag
  useEffect(() => {
    if (waitedFor === undefined) return;
    return onInquiry(build.id, (inquiry) => {
      const { state } = inquiry;
      if (inquiry.id !== waitedFor || state === "gone") return;
      if (state === "answered" || state === "failed") void refetch();
      else client.setQueryData<Heavy<T>>(key, { answer: null, underWay: { ...inquiry, state } });
    });
  }, [waitedFor, refetch, client, tag]);
  return {
    answer: query.data?.answer ?? undefined,
    underWay,
    error: query.error,
    dropped: dropped === tag,
    drop: () => {
      setDropped(tag);
      if (waitedFor !== undefined) void api.dropInquiry(waitedFor).catch(() => undefined);
      client.removeQueries({ queryKey: key });
    },
    again: () => setDropped(null),
  };
}
