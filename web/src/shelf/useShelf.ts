import { keepPreviousData, useInfiniteQuery, useQueryClient } from "@tanstack/react-query";
import { type RefObject, useDeferredValue, useEffect, useRef, useState } from "react";
import { api, type ShelfSort } from "../api/client";
import { onNews } from "../common/live";

const AT_A_TIME = 24;
const SORTS: readonly ShelfSort[] = ["newest", "ready", "title"];

/** The builds on the shelf as they are searched and sorted, a few rows at a time: further ones come when the foot is in sight. */
export function useShelf() {
  const client = useQueryClient();
  const [search, setSearch] = useState("");
  const [sort, setSort] = useState<ShelfSort>(keptSort);
  const wanted = useDeferredValue(search.trim());
  const pages = useInfiniteQuery({
    queryKey: ["shelf", wanted, sort],
    queryFn: ({ pageParam }) => api.shelf({ search: wanted, sort, from: pageParam, limit: AT_A_TIME }),
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const had = all.reduce((sum, page) => sum + page.builds.length, 0);
      return last.builds.length > 0 && had < last.total ? had : undefined;
    },
    placeholderData: keepPreviousData,
    refetchOnMount: "always",
  });
  useEffect(
    () =>
      onNews((news) => {
        // Of what is answered beside the server only a plan that was searched longer for is told on the shelf.
        const told = !("inquiry" in news) || (news.inquiry.kind === "longer-search" && news.inquiry.state === "answered");
        if (told) void client.invalidateQueries({ queryKey: ["shelf"] });
      }),
    [client],
  );
  const fetchMore = () => {
    if (!pages.isFetchingNextPage) void pages.fetchNextPage();
  };
  const told = pages.data?.pages ?? [];
  // One that is changed meanwhile may come again on a later page.
  const builds = [...new Map(told.flatMap((page) => page.builds).map((build) => [build.id, build])).values()];
  return {
    builds,
    total: told.length > 0 ? told[told.length - 1].total : null,
    error: pages.error as Error | null,
    again: () => void pages.refetch(),
    search,
    setSearch,
    sort,
    setSort: (sort: ShelfSort) => {
      localStorage.setItem("gp-shelf-sort", sort);
      setSort(sort);
    },
    more: pages.hasNextPage,
    fetchingMore: pages.isFetchingNextPage,
    fetchMore,
    foot: useInSight(fetchMore, builds.length),
  };
}

export type ShelfState = ReturnType<typeof useShelf>;

function keptSort(): ShelfSort {
  const kept = localStorage.getItem("gp-shelf-sort");
  return SORTS.find((sort) => sort === kept) ?? "newest";
}

/** Calls back once when the element comes near the window, and again after what it depends on has changed. */
function useInSight(seen: () => void, again: unknown): RefObject<HTMLDivElement | null> {
  const element = useRef<HTMLDivElement>(null);
  const call = useRef(seen);
  call.current = seen;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was fetched may leave the foot in sight
  useEffect(() => {
    if (!element.current) return;
    const watcher = new IntersectionObserver((entries) => entries.some((entry) => entry.isIntersecting) && call.current(), {
      rootMargin: "400px",
    });
    watcher.observe(element.current);
    return () => watcher.disconnect();
  }, [again]);
  return element;
}
