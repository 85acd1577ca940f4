import { describe, expect, it } from "vitest";
import type { Catalogue } from "../src/api/types";
import { courseWords } from "../src/builds/courses/courseWords";
import { clearPatch, fieldsOf, setPatch, shownIn, valueIn } from "../src/builds/inspector/partFields";

/** A trade of three kinds: enough to ask every question of. */
const catalogue = {
  materials: [
    { key: "clay", name: "clay", family: "soft", traits: ["of_forms"], reference_mm: 4 },
    { key: "sheet", name: "sheet", family: "soft", traits: [] },
  ],
  parts: [
    { key: "forms", name: "Forms", one: "form", kinds: "forms", fields: ["outline"] },
    { key: "features", name: "Features", one: "feature", kinds: "features", fields: ["kind", "height_mm"] },
  ],
  fields: [
    { key: "outline", name: "Outline", as: "outline" },
    { key: "kind", name: "Kind", as: "choice", kinds: "features" },
    { key: "height_mm", name: "Height", unit: "mm", optional: true },
    { key: "treads", name: "Treads", usual: 2 },
    { key: "edge", name: "Edge", as: "choice", at: "edge/kind", kinds: "edges", anew: true },
    { key: "run_mm", name: "Run", at: "edge/run_mm", unit: "mm" },
    { key: "tint", name: "Tint", at: "tint/drops" },
    { key: "thickness_mm", name: "Thickness", unit: "mm", usual_from: ["material", "reference_mm"], words: "%{value}" },
    { key: "coats", name: "Coats", counted: ["coat", "coats"] },
  ],
  kinds: {
    forms: [{ key: "bank", name: "bank", fields: ["edge"] }],
    features: [
      { key: "stile", name: "stile", fields: ["treads"] },
      { key: "post", name: "post" },
    ],
    edges: [
      { key: "sheer", name: "sheer", usual: true },
      { key: "torn", name: "torn", start: { run_mm: 2 }, fields: ["run_mm"] },
      { key: "cut", name: "cut", start: { run_mm: 1 }, fields: ["run_mm"] },
    ],
    families: [{ key: "soft", name: "soft", measures: ["thickness_mm", "coats"], usual_measure: "one coat" }],
  },
} as unknown as Catalogue;

const keys = (list: string, part: Record<string, unknown>) => fieldsOf(catalogue, list, part).map((field) => field.key);
const field = (key: string) => catalogue.fields.find((one) => one.key === key) as (typeof catalogue.fields)[number];

describe("the fields of a part", () => {
  it("are those of its list, and after the choice of its kind those of the kind", () => {
    expect(keys("features", { kind: "stile" })).toEqual(["kind", "treads", "height_mm"]);
    expect(keys("features", { kind: "post" })).toEqual(["kind", "height_mm"]);
  });

  it("begin with its kind's own where the kind is not chosen in a field", () => {
    expect(keys("forms", { kind: "bank" })).toEqual(["edge", "outline"]);
    expect(keys("forms", { kind: "bank", edge: { kind: "torn" } })).toEqual(["edge", "run_mm", "outline"]);
  });

  it("show what holds where the part says nothing", () => {
    expect(shownIn(catalogue, field("treads"), {})).toBe(2);
    expect(shownIn(catalogue, field("edge"), {})).toBe("sheer");
    expect(shownIn(catalogue, field("thickness_mm"), { material: "clay" })).toBe(4);
    expect(shownIn(catalogue, field("thickness_mm"), { material: "sheet" })).toBeUndefined();
  });
});

describe("a field's change", () => {
  it("puts the value where it lies, and makes what holds it where that is not there", () => {
    expect(setPatch(catalogue, field("height_mm"), {}, "/features/0", 7)).toEqual([{ op: "add", path: "/features/0/height_mm", value: 7 }]);
    expect(setPatch(catalogue, field("tint"), {}, "/waters/0", 3)).toEqual([{ op: "add", path: "/waters/0/tint", value: { drops: 3 } }]);
    expect(setPatch(catalogue, field("tint"), { tint: { name: "green" } }, "/waters/0", 3)).toEqual([
      { op: "add", path: "/waters/0/tint/drops", value: 3 },
    ]);
  });

  it("makes the object anew from what the chosen kind starts with, and keeps of the old one what both have", () => {
    const torn = setPatch(catalogue, field("edge"), { edge: { kind: "sheer" } }, "/forms/0", "torn");
    expect(torn[0]).toMatchObject({ value: { kind: "torn", run_mm: 2 } });
    const cut = setPatch(catalogue, field("edge"), { edge: { kind: "torn", run_mm: 5 } }, "/forms/0", "cut");
    expect(cut[0]).toMatchObject({ value: { kind: "cut", run_mm: 5 } });
    expect(setPatch(catalogue, field("edge"), { edge: { kind: "cut", run_mm: 5 } }, "/forms/0", "sheer")[0]).toEqual({
      op: "add",
      path: "/forms/0/edge",
      value: { kind: "sheer" },
    });
  });

  it("leaves out what is there, and nothing else", () => {
    expect(clearPatch(field("height_mm"), { height_mm: 0 }, "/features/0")).toEqual([{ op: "remove", path: "/features/0/height_mm" }]);
    expect(clearPatch(field("height_mm"), {}, "/features/0")).toEqual([]);
    expect(valueIn(field("run_mm"), {})).toBeUndefined();
  });
});

describe("a course in a few words", () => {
  it("tells its own measure, or the material's usual one, or the family's", () => {
    expect(courseWords(catalogue, { material: "clay", thickness_mm: 2 })).toBe("2 mm");
    expect(courseWords(catalogue, { material: "clay", coats: 2 })).toBe("2 coats");
    expect(courseWords(catalogue, { material: "clay" })).toBe("4 mm, usual");
    expect(courseWords(catalogue, { material: "sheet" })).toBe("one coat");
  });
});
