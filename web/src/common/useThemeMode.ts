import { useSyncExternalStore } from "react";
import { USUAL, usePreferences } from "./preferences";

type Mode = "light" | "dark";

const device = matchMedia("(prefers-color-scheme: dark)");
const listen = (changed: () => void) => {
  device.addEventListener("change", changed);
  return () => device.removeEventListener("change", changed);
};

/** Light or dark, as the maker chose it, or as the device has it; and how to turn it round. */
export function useThemeMode(): { mode: Mode; toggle: () => void } {
  const theme = usePreferences((state) => state.chosen.theme ?? USUAL.theme);
  const choose = usePreferences((state) => state.choose);
  const dark = useSyncExternalStore(listen, () => device.matches);
  const mode = theme === "device" ? (dark ? "dark" : "light") : theme;
  // Chosen here at once; the server is told when it is there.
  return { mode, toggle: () => void choose({ theme: mode === "dark" ? "light" : "dark" }).catch(() => undefined) };
}
