import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { onNews } from "./live";

/** Asks anew for what goes by the stores whenever another window or device has changed them. */
export function useStoresNews() {
  const client = useQueryClient();
  useEffect(
    () =>
      onNews((news) => {
        if ("stores" in news || "versions" in news) void client.invalidateQueries({ queryKey: ["stores"] });
      }),
    [client],
  );
}
