import { create } from "zustand";

type Mode = "light" | "dark";
const KEY = "green-plinth:theme";

function remembered(): Mode {
  const kept = localStorage.getItem(KEY);
  if (kept === "light" || kept === "dark") return kept;
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

/** Light or dark, as the maker last chose it, or as the device has it. */
export const useThemeMode = create<{ mode: Mode; toggle: () => void }>((set, get) => ({
  mode: remembered(),
  toggle: () => {
    const mode = get().mode === "dark" ? "light" : "dark";
    localStorage.setItem(KEY, mode);
    set({ mode });
  },
}));
