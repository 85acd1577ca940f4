import { create } from "zustand";
import type { PatchOperation } from "../../api/types";

/** A fix that is only looked at: the plan draws it as a ghost. */
export const useTrial = create<{ patch: PatchOperation[] | null; show: (patch: PatchOperation[] | null) => void }>((set) => ({
  patch: null,
  show: (patch) => set({ patch }),
}));
