import { beforeEach, describe, expect, it, vi } from "vitest";

const rows = new Map<string, { key: string; value: unknown; at: number }>();
vi.mock("idb", () => ({
  openDB: async () => ({
    put: async (_: string, row: { key: string; value: unknown; at: number }) => void rows.set(row.key, structuredClone(row)),
    get: async (_: string, key: string) => rows.get(key),
    getAll: async () => [...rows.values()],
    delete: async (_: string, key: string) => void rows.delete(key),
    clear: async () => rows.clear(),
  }),
}));

import { Refused, Unreachable } from "../src/api/client";
import type { Problem } from "../src/api/types";
import { forgetSeen, isOld, keepSeen, seenOr } from "../src/bench/lastSeen";

describe("what was seen last", () => {
  beforeEach(() => rows.clear());

  it("is told where the server is away, and known for what it is", async () => {
    const fresh = await seenOr("bench:1", async () => ({ version: 3 }));
    expect(isOld(fresh)).toBe(false);
    await vi.waitFor(() => expect(rows.size).toBe(1));
    const kept = await seenOr("bench:1", () => Promise.reject(new Unreachable()));
    expect(kept).toEqual({ version: 3 });
    expect(isOld(kept)).toBe(true);
  });

  it("stands for no refusal, and for nothing that was never seen", async () => {
    await keepSeen("bench:1", { version: 3 });
    const refusal = new Refused({ title: "No", detail: "It is gone.", status: 404 } as Problem);
    await expect(seenOr("bench:1", () => Promise.reject(refusal))).rejects.toBe(refusal);
    await expect(seenOr("bench:2", () => Promise.reject(new Unreachable()))).rejects.toBeInstanceOf(Unreachable);
  });

  it("is of eight builds at the most, and forgotten by a device that is let in no longer", async () => {
    for (let build = 1; build <= 9; build += 1) {
      vi.spyOn(Date, "now").mockReturnValue(build);
      await keepSeen(`build:${build}`, { build });
    }
    vi.restoreAllMocks();
    expect([...rows.keys()]).not.toContain("build:1");
    expect(rows.size).toBe(8);
    await forgetSeen();
    expect(rows.size).toBe(0);
  });
});
