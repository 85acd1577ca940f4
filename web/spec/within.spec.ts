import { describe, expect, it } from "vitest";
import type { Build, PlinthFile } from "../src/api/types";
import { variantFile, variantOf } from "../src/builds/within/variantFile";
import { buildWithin, fileWithin, patchWithin } from "../src/builds/within/within";

const file = {
  format: "green-plinth/1",
  title: "Watch",
  purpose: "unit_base",
  scale: 60,
  copies: 5,
  plinth: { outline: { kind: "round", diameter_mm: 25 }, thickness_mm: 3 },
  zones: [{ id: "ground", ground: "earth", outline: { kind: "rest" }, courses: [{ id: "skin", material: "matt_varnish" }] }],
  subjects: [{ id: "man", kind: "figure", footprint: { kind: "round", diameter_mm: 9 }, height_mm: 30 }],
  variants: [{ id: "leader", count: 1 }],
  bodies: [{ id: "isle", plinth: { outline: { kind: "round", diameter_mm: 30 }, thickness_mm: 4 }, zones: [] }],
} as unknown as PlinthFile;

describe("copies that differ", () => {
  it("are as the others until something is other on them", () => {
    const leader = fileWithin(file, "/variants/0");
    expect(leader?.subjects).toEqual(file.subjects);
    expect(leader?.copies).toBe(1);
    expect(leader?.variants).toBeUndefined();
    expect(leader?.bodies).toBeUndefined();
  });

  it("keep what is changed on them by the ids of parts", () => {
    const [op] = patchWithin(file, "/variants/0", [{ op: "add", path: "/subjects/0/height_mm", value: 34 }]);
    expect(op).toEqual({ op: "replace", path: "/variants/0", value: { id: "leader", count: 1, changed: { man: { height_mm: 34 } } } });
  });

  it("keep what is gone as null, what is taken out by id, and what is added whole", () => {
    const edits = [
      { op: "remove", path: "/subjects/0/height_mm" },
      { op: "add", path: "/forms", value: [{ id: "rock", kind: "mound" }] },
      { op: "remove", path: "/zones/0" },
    ] as const;
    const [op] = patchWithin(file, "/variants/0", [...edits]);
    expect("value" in op && op.value).toEqual({
      id: "leader",
      count: 1,
      without: ["ground"],
      changed: { man: { height_mm: null } },
      with: { forms: [{ id: "rock", kind: "mound" }] },
    });
  });

  it("leave alone what belongs to the whole build", () => {
    expect(patchWithin(file, "/variants/0", [{ op: "add", path: "/scale", value: 48 }])).toEqual([
      { op: "add", path: "/scale", value: 48 },
    ]);
  });

  it("come back to what they were: a variant of its own file is itself", () => {
    const variant = {
      id: "leader",
      count: 2,
      without: ["skin"],
      changed: { man: { height_mm: 34 } },
      with: { features: [{ id: "post", kind: "sign" }] },
    } as never;
    const own = variantFile(file, variant);
    expect(variantFile(file, variantOf(file, own, variant))).toEqual(own);
  });
});

describe("further bodies", () => {
  it("have their own plinth and parts, and the build's scale", () => {
    const isle = fileWithin(file, "/bodies/0");
    expect(isle?.plinth.thickness_mm).toBe(4);
    expect(isle?.subjects).toBeUndefined();
    expect(isle?.scale).toBe(60);
  });

  it("are changed where the build has them", () => {
    const moved = patchWithin(file, "/bodies/0", [
      { op: "move", from: "/zones/0", path: "/zones/1" },
      { op: "add", path: "/title", value: "Other" },
    ]);
    expect(moved).toEqual([
      { op: "move", from: "/bodies/0/zones/0", path: "/bodies/0/zones/1" },
      { op: "add", path: "/title", value: "Other" },
    ]);
  });

  it("show their own snags, with fixes of their own", () => {
    const snag = (where: string) => ({
      code: "water/dry",
      severity: "stops",
      message: "Isle: dry",
      where,
      fixes: [{ label: "raise it", patch: [{ op: "add", path: `${where}/level_mm`, value: 3 }] }],
    });
    const build = { file, evaluation: { snags: [snag("/bodies/0/waters/0"), snag("/waters/0")] } } as unknown as Build;
    const within = { id: "isle", pointer: "/bodies/0", name: "isle", drawing: {}, sections: [], evaluation: {} } as never;
    const shown = buildWithin(build, within).evaluation.snags;
    expect(shown.map((one) => [one.where, one.fixes[0].patch[0].path])).toEqual([["/waters/0", "/waters/0/level_mm"]]);
  });
});
