import { describe, expect, it } from "vitest";
import { patched } from "../src/api/patched";

const before = { version: 3, file: { title: "Old", zones: [{ id: "bank" }] }, evaluation: { snags: ["a", "b"], "a/b": { "~": 1 } } };

describe("an answer that tells what is different", () => {
  it("is the earlier one with that changed, and nothing else another object", () => {
    const after = patched(before, [
      { op: "replace", path: "/version", value: 4 },
      { op: "replace", path: "/file/title", value: "New" },
      { op: "replace", path: "/evaluation/snags/1", value: "c" },
    ]);
    expect(after).toEqual({
      ...before,
      version: 4,
      file: { ...before.file, title: "New" },
      evaluation: { ...before.evaluation, snags: ["a", "c"] },
    });
    expect(after.file.zones).toBe(before.file.zones);
    expect(after.evaluation["a/b"]).toBe(before.evaluation["a/b"]);
    expect([before.version, before.file.title, before.evaluation.snags]).toEqual([3, "Old", ["a", "b"]]);
  });

  it("adds and removes members, whatever they are called", () => {
    const after = patched(before, [
      { op: "remove", path: "/file/zones" },
      { op: "add", path: "/evaluation/a~1b/~0", value: null },
      { op: "add", path: "/told", value: "x" },
    ]);
    expect(after).toEqual({ version: 3, told: "x", file: { title: "Old" }, evaluation: { snags: ["a", "b"], "a/b": { "~": null } } });
  });

  it("is the same object where nothing is different", () => expect(patched(before, [])).toBe(before));
});
