import { create } from "zustand";
import { api } from "../api/client";
import type { Preferences } from "../api/types";

/** What holds where the maker has chosen nothing. */
export const USUAL = {
  length: "mm",
  mass: "g",
  clock: "24",
  first_day: "mon",
  currency: "EUR",
  theme: "device",
  sounds: "off",
  note_air: "off",
} as const satisfies Preferences;

export type Chosen = typeof USUAL extends infer U ? { [K in keyof U]: NonNullable<Preferences[K & keyof Preferences]> } : never;

const KEY = "green-plinth:preferences";

function kept(): Preferences {
  // Nothing is kept where there is no browser.
  if (typeof localStorage === "undefined") return {};
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? "{}");
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
    return {};
  }
}

interface State {
  chosen: Preferences;
  /** Takes them over, here and on the server; waits there while it is away. */
  choose: (change: Preferences) => Promise<void>;
  /** As the server has them: another device may have changed them. */
  read: () => Promise<void>;
}

/** How the maker wants things told: at hand at once from this device, then as the server has it. */
export const usePreferences = create<State>((set, get) => ({
  chosen: kept(),
  choose: async (change) => {
    const chosen = { ...get().chosen, ...change };
    keep(chosen);
    set({ chosen });
    await api.putPreferences(chosen);
  },
  read: async () => {
    const chosen = await api.preferences();
    if (JSON.stringify(chosen) === JSON.stringify(get().chosen)) return;
    keep(chosen);
    set({ chosen });
  },
}));

const keep = (chosen: Preferences) => localStorage.setItem(KEY, JSON.stringify(chosen));

/** One of them, as chosen or as usual; for plain functions. A page is drawn anew when one changes. */
export function preferred<K extends keyof typeof USUAL>(name: K): NonNullable<Preferences[K]> {
  return (usePreferences.getState().chosen[name] ?? USUAL[name]) as NonNullable<Preferences[K]>;
}
