import { describe, expect, it } from "vitest";
import type { Outline, PatchOperation, PlinthFile, Point } from "../src/api/types";
import { type Evening, joined, minuteAt, painted } from "../src/builds/brief/week";
import { curveThrough } from "../src/builds/plan/curve";
import { snappedTo } from "../src/builds/plan/neighbours";
import { corners, moved, spun } from "../src/builds/plan/outline";
import { copiesPatch, copyPatch, movePatch, outlinePatch, pastePatch, turnPatch } from "../src/builds/plan/parts";
import { carried, inShape } from "../src/builds/plan/reshaping";
import { scattered } from "../src/builds/plan/scatter";
import { alignedPatch, copyAllPatch, ranks, spreadPatch, takeOutAllPatch, turnAllPatch } from "../src/builds/plan/several";
import { applied } from "../src/builds/sessionState";
import { matching } from "../src/common/search";

const box = (width_mm: number, depth_mm: number, at_mm: Point = [0, 0], turn_deg = 0): Outline => ({
  kind: "rectangle",
  width_mm,
  depth_mm,
  at_mm,
  turn_deg,
});
const near = (point: Point) => point.map((value) => Math.round(value * 1000) / 1000 + 0);

describe("what goes with an outline", () => {
  it("is moved, stretched and turned with a box", () => {
    const move = carried(box(40, 20), box(20, 40, [10, 5], 90));
    // The right end of the old box: half as far out, turned left, at the new middle.
    expect(near(move([20, 0]))).toEqual([10, 15]);
    expect(near(move([0, 10]))).toEqual([-10, 5]);
  });

  it("is moved and turned with corners that went together, and stays where single ones were pulled", () => {
    const shape: Outline = {
      kind: "polygon",
      points_mm: [
        [0, 0],
        [30, 0],
        [30, 20],
      ],
    };
    const turned = spun(moved(shape, [5, 0]), 90);
    const [a] = corners(turned);
    expect(near(carried(shape, turned)([0, 0]))).toEqual(near(a));
    const pulled = { ...shape, points_mm: [...shape.points_mm.slice(0, 2), [40, 30]] } as Outline;
    expect(carried(shape, pulled)([12, 3])).toEqual([12, 3]);
  });

  it("never leaves its place for any turn there and back", () => {
    for (let turn = 0; turn < 360; turn += 7) {
      const [from, to] = [box(40, 20, [3, -4]), box(25, 35, [turn / 10, 8], turn)];
      const point = [turn / 20, -turn / 30];
      expect(near(carried(to, from)(carried(from, to)(point)))).toEqual(near(point));
    }
  });
});

describe("shapes into one another", () => {
  it.each(["round", "oval", "rectangle", "polygon", "strip"] as const)("keep their middle as %s", (kind) => {
    const shaped = inShape(box(40, 20, [7, -3]), kind);
    const points = corners(shaped);
    const middle = [0, 1].map((axis) => (Math.min(...points.map((p) => p[axis])) + Math.max(...points.map((p) => p[axis]))) / 2);
    expect(near(middle)).toEqual([7, -3]);
    expect(shaped.kind).toBe(kind);
  });
});

const file = {
  plinth: { outline: box(100, 60) },
  forms: [
    { id: "rise-1", name: "rise 1", kind: "ramp", outline: box(40, 20), from_mm: [-20, 0], to_mm: [20, 0] },
    { id: "hollow", kind: "cut", outline: box(10, 10, [30, 10]) },
    { id: "low", kind: "cut", outline: box(10, 4, [-30, -20]) },
  ],
} as unknown as PlinthFile;
const pointers = ["/forms/0", "/forms/1", "/forms/2"];

describe("parts by the number", () => {
  it("carry a slope along whatever changes their outline", () => {
    expect(outlinePatch(file, "/forms/0", box(20, 20, [5, 0]))).toEqual([
      { op: "add", path: "/forms/0/outline", value: box(20, 20, [5, 0]) },
      { op: "add", path: "/forms/0/from_mm", value: [-5, 0] },
      { op: "add", path: "/forms/0/to_mm", value: [15, 0] },
    ]);
  });

  it("are copied in ranks, each under a name and an id of its own", () => {
    const made = copiesPatch(file, "/forms/0", ranks(2, 2, 50, -25))?.patch.map(({ value }) => value as Record<string, unknown>);
    expect(made?.map((one) => [one.id, one.name, one.from_mm])).toEqual([
      ["rise-2", "rise 2", [30, 0]],
      ["rise-3", "rise 3", [-20, -25]],
      ["rise-4", "rise 4", [30, -25]],
    ]);
  });

  it("are lined up with the first, spread between the outermost, taken out from the last on", () => {
    expect(alignedPatch(file, pointers, "left").map(({ value }) => (value as { at_mm: Point }).at_mm)).toEqual([
      [-15, 10],
      [-15, -20],
    ]);
    // Middles at −30, 0 and 30 are even already; in depth −20, 0, 10 the middle one goes to −5.
    expect(spreadPatch(file, pointers, 0)).toEqual([]);
    expect(spreadPatch(file, pointers, 1)[0]).toMatchObject({ path: "/forms/0/outline", value: { at_mm: [0, -5] } });
    expect(takeOutAllPatch(["/forms/0", "/forms/10", "/forms/2"]).map(({ path }) => path)).toEqual(["/forms/10", "/forms/2", "/forms/0"]);
  });

  it("are pasted where they stood, or beside what stands there", () => {
    const other = { plinth: file.plinth } as unknown as PlinthFile;
    const [hollow] = [file.forms?.[1] as unknown as Record<string, unknown>];
    const at = (into: PlinthFile) => {
      const { value } = pastePatch(into, "forms", hollow).patch[0];
      return ((Array.isArray(value) ? value[0] : value) as { outline: { at_mm: Point } }).outline.at_mm;
    };
    expect([at(other), at(file)]).toEqual([
      [30, 10],
      [40, 10],
    ]);
  });

  it("draw to the corner of a neighbour, else to its side, else where the hand is", () => {
    expect(snappedTo(file, [34.4, 14.2], 2)).toEqual([35, 15]);
    expect(near(snappedTo(file, [30, 15.8], 2))).toEqual([30, 15]);
    expect(snappedTo(file, [30, 20], 2)).toEqual([30, 20]);
  });
});

describe("the week", () => {
  const tuesday: Evening = { day: "tue", from: "19:00", to: "21:00" };

  it("is painted by quarters, whichever way the hand went, never over the end of the day", () => {
    expect(minuteAt(0.5 + 4 / 1440)).toBe(720);
    expect(painted("mon", 1200, 1110)).toEqual({ day: "mon", from: "18:30", to: "20:00" });
    expect(painted("mon", 1440, 1440)).toEqual({ day: "mon", from: "23:45", to: "23:59" });
  });

  it("joins what meets, and keeps the order of the week", () => {
    expect(joined([tuesday], { day: "tue", from: "20:30", to: "22:00" })).toEqual([{ day: "tue", from: "19:00", to: "22:00" }]);
    expect(joined([tuesday], { day: "mon", from: "08:00", to: "09:00" }).map(({ day }) => day)).toEqual(["mon", "tue"]);
    expect(joined([tuesday], { day: "tue", from: "08:00", to: "09:00" }).map(({ from }) => from)).toEqual(["08:00", "19:00"]);
  });
});

describe("looking for words", () => {
  const words = ["white glue PVA school glue", "wood glue PVA", "fine sand beach", "sandpaper", "acrylic primer gesso"];

  it("finds everyday words, whole beginnings before middles", () => {
    expect(matching(words, "gesso", (one) => one)).toEqual(["acrylic primer gesso"]);
    expect(matching(words, "sand", (one) => one)).toEqual(["sandpaper", "fine sand beach"]);
    expect(matching(words, "glue wood", (one) => one)).toEqual(["wood glue PVA"]);
    expect(matching(words, "(", (one) => one)).toEqual([]);
    expect(matching(words, " ", (one) => one)).toEqual(words);
  });
});

describe("a curve through corners", () => {
  const square: Point[] = [
    [0, 0],
    [0, 10],
    [10, 10],
    [10, 0],
  ];

  it("goes through every corner, and bulges between them by a sixteenth of what lies beside", () => {
    const ring = curveThrough(square, true);
    expect(ring).toHaveLength(32);
    expect(near(ring[8])).toEqual([0, 10]);
    // Half way: (-P0 + 9 P1 + 9 P2 - P3) / 16.
    expect(near(ring[12])).toEqual([5, 11.25]);
  });

  it("stays straight where its points are", () => {
    const line = curveThrough(
      [
        [0, 0],
        [10, 0],
        [20, 0],
      ],
      false,
    );
    expect(line.every(([, y]) => Math.abs(y) < 1e-9)).toBe(true);
    expect(line[line.length - 1]).toEqual([20, 0]);
  });
});

describe("marks scattered over ground", () => {
  it("reach its far end, however wide it is", () => {
    const meadow: Point[][] = [corners(box(400, 300))];
    const marks = scattered(meadow, 3, 7);
    expect(marks.length).toBeGreaterThan(300);
    expect(marks.length).toBeLessThan(500);
    const right = marks.filter(([x]) => x > 0).length;
    expect(right / marks.length).toBeCloseTo(0.5, 1);
    expect(Math.max(...marks.map(([x]) => x))).toBeGreaterThan(180);
  });
});

describe("several at once", () => {
  const file = {
    plinth: { outline: { kind: "round", diameter_mm: 100 } },
    zones: [
      { id: "a", outline: box(10, 10, [-20, 0]) },
      { id: "b", outline: box(10, 10, [20, 0]) },
    ],
  } as unknown as PlinthFile;
  const pointers = ["/zones/0", "/zones/1"];

  it("are turned about the middle of them all", () => {
    const then = applied(file, [{ patch: turnAllPatch(file, pointers, 90) }]);
    expect(then.zones?.map((zone) => zone.outline)).toEqual([box(10, 10, [0, -20], 90), box(10, 10, [0, 20], 90)]);
  });

  it("are copied together, each under an id of its own", () => {
    const copies = copyAllPatch(file, pointers);
    const then = applied(file, [{ patch: copies.patch }]);
    expect(copies.pointers).toEqual(["/zones/2", "/zones/3"]);
    expect(new Set(then.zones?.map((zone) => zone.id)).size).toBe(4);
  });
});

describe("a course that has a place of its own on a water", () => {
  const place = { kind: "rectangle", width_mm: 10, depth_mm: 4, at_mm: [10, 0] } as const;
  const pond = {
    id: "pond",
    outline: { kind: "rectangle", width_mm: 60, depth_mm: 40, at_mm: [0, 0] },
    courses: [{ id: "ice", outline: place }],
  };
  const file = { waters: [pond] } as unknown as PlinthFile;
  const waters = (patch: PatchOperation[]) => (applied(file, [{ patch }]) as unknown as { waters: (typeof pond)[] }).waters;

  it("goes along where the water is moved, and round its middle where it is turned", () => {
    expect(waters(movePatch(file, "/waters/0", [5, -3]))[0].courses[0].outline.at_mm).toEqual([15, -3]);
    // A quarter turn, counter-clockwise: what lay 10 mm to the right lies 10 mm up.
    const turned = waters(turnPatch(file, "/waters/0", 90))[0].courses[0].outline as unknown as { at_mm: Point; turn_deg: number };
    expect([turned.at_mm, turned.turn_deg]).toEqual([[0, 10], 90]);
  });

  it("lies on the copy as on the water, under no id that is taken", () => {
    const copy = waters(copyPatch(file, "/waters/0")?.patch ?? [])[1];
    expect(copy.courses[0].outline.at_mm[0] - copy.outline.at_mm[0]).toBe(10);
    expect(copy.courses[0]).not.toHaveProperty("id");
  });
});
