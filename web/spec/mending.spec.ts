import jsonpatch, { type Operation } from "fast-json-patch";
import { describe, expect, it } from "vitest";
import { at, mendingPatch, shown, typed } from "../src/builds/mend/mending";

const file = { scale: -1, title: "Mire", zones: [{ id: "a" }, { id: "b" }, { id: "c" }], "a/b": { "~": 2 } };
const mended = (places: Parameters<typeof mendingPatch>[1]) =>
  jsonpatch.applyPatch(file, mendingPatch(file, places) as Operation[], true, false).newDocument;

describe("mending a file", () => {
  it("finds what lies at a pointer, and that nothing does", () => {
    expect(at(file, "/zones/1/id")).toBe("b");
    expect(at(file, "/a~1b/~0")).toBe(2);
    expect(at(file, "/scale/deep")).toBeUndefined();
    expect(at(file, "")).toBe(file);
  });

  it("takes what is typed as JSON where it reads so, and as text where it does not", () => {
    expect([typed("35"), typed("acrylic_paint"), typed("[1, 2]"), typed("null")]).toEqual([35, "acrylic_paint", [1, 2], null]);
    expect([shown(35), shown("text"), shown(undefined), shown([1])]).toEqual(["35", "text", "", "[1]"]);
  });

  it("replaces what is there and adds what is missing", () => {
    expect(mended({ "/scale": { text: "35" }, "/story": { text: "Fog" } })).toMatchObject({ scale: 35, story: "Fog" });
  });

  it("takes things out from the last, each from where it was told", () => {
    expect(mended({ "/zones/0": "out", "/zones/2": "out" }).zones).toEqual([{ id: "b" }]);
    expect(mendingPatch(file, { "/nothing": "out" })).toEqual([]);
  });
});
