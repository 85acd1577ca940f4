import { useSyncExternalStore } from "react";

const device = matchMedia("(prefers-reduced-motion: reduce)");
const listen = (changed: () => void) => {
  device.addEventListener("change", changed);
  return () => device.removeEventListener("change", changed);
};

/** Whether the device asks for no more motion than is needed. */
export const useStill = (): boolean => useSyncExternalStore(listen, () => device.matches);
