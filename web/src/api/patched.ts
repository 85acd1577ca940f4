import jsonpatch, { type Operation } from "fast-json-patch";
import { produce, setAutoFreeze } from "immer";
import type { PatchOperation } from "./types";

// What is told is large, and nobody writes to it.
setAutoFreeze(false);

/** A copy with a JSON Patch applied, in which whatever the patch does not touch is the same object. */
export const patched = <T extends object>(before: T, patch: PatchOperation[]): T =>
  produce(before, (draft) => {
    jsonpatch.applyPatch(draft, patch as Operation[]);
  });
