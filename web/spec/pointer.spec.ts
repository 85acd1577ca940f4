import { describe, expect, it } from "vitest";
import type { PlinthFile, Point } from "../src/api/types";
import type { Drawable } from "../src/builds/plan/drawing";
import { grips } from "../src/builds/plan/outline";
import { corner, cornerTakenOut, drawnPart, IDLE, isSecondTap, isTap, pinch, pointing, pulled } from "../src/builds/plan/pointer";

const FREE = { altKey: false, shiftKey: false };
const file = {
  format: "green-plinth/1",
  title: "Bench",
  plinth: { outline: { kind: "rectangle", width_mm: 100, depth_mm: 60 } },
  forms: [
    {
      id: "low-1",
      kind: "cut",
      outline: {
        kind: "polygon",
        points_mm: [
          [0, 0],
          [20, 0],
          [20, 10],
          [0, 10],
        ],
      },
    },
  ],
  subjects: [{ id: "walker", kind: "figure", at_mm: [5, 5], footprint: { kind: "round", diameter_mm: 20 } }],
} as unknown as PlinthFile;

const down = (id: number, at: Point, gesture = IDLE.gesture) => ({ type: "pressed", id, at, keys: FREE, gesture }) as const;

describe("pointers on the plan", () => {
  it("pull what they were pressed on to where they move", () => {
    const held = pointing(IDLE, down(1, [50, 50], { kind: "part", pointer: "/subjects/0", from: [0, 0], to: [0, 0] }));
    const moved = pointing(held, { type: "moved", id: 1, at: [80, 50], over: [12.4, 0.2], keys: FREE });
    expect(moved.gesture).toMatchObject({ kind: "part", to: [12.4, 0.2] });
    expect(pulled(file, moved.gesture as never, FREE)).toMatchObject({
      label: "Move walker",
      patch: [{ op: "add", path: "/subjects/0/at_mm", value: [17, 5] }],
    });
  });

  it("snap to tenths with Alt and to fives with Shift", () => {
    const gesture = { kind: "part", pointer: "/subjects/0", from: [0, 0] as Point, to: [12.44, 0] as Point } as const;
    expect(pulled(file, gesture, { altKey: true, shiftKey: false })?.patch[0]).toMatchObject({ value: [17.4, 5] });
    expect(pulled(file, gesture, { altKey: false, shiftKey: true })?.patch[0]).toMatchObject({ value: [15, 5] });
  });

  it("leave nothing where nothing was moved", () => {
    expect(pulled(file, { kind: "part", pointer: "/subjects/0", from: [0, 0], to: [0.3, 0] }, FREE)).toBeNull();
    expect(pulled(file, { kind: "pan" }, FREE)).toBeNull();
  });

  it("look nearer with two fingers, whatever the first one held", () => {
    const one = pointing(IDLE, down(1, [0, 0], { kind: "part", pointer: "/subjects/0", from: [0, 0], to: [0, 0] }));
    const two = pointing(one, down(2, [100, 0]));
    expect(two.gesture).toEqual({ kind: "pan" });
    expect(pinch(two, 2, [200, 0])).toEqual({ factor: 2, about: [100, 0], by: [50, 0] });
    expect(pinch(one, 1, [10, 0])).toBeNull();
  });

  it("move nothing while none is down and nothing is drawn", () => {
    expect(pointing(IDLE, { type: "moved", id: 1, at: [9, 9], over: [1, 1], keys: FREE })).toBe(IDLE);
  });

  it("forget everything when the pull is broken off", () => {
    const held = pointing(IDLE, down(1, [0, 0], { kind: "pan" }));
    expect(pointing(held, { type: "cancelled" })).toMatchObject({ gesture: null, touches: new Map() });
  });

  it("have tapped where they strayed no farther than four pixels", () => {
    const held = pointing(IDLE, down(1, [10, 10]));
    expect(isTap(held, [14, 10])).toBe(true);
    expect(isTap(held, [14, 11])).toBe(false);
  });

  it("take a corner out by two taps on it, and not by a slow second one", () => {
    const once = pointing(IDLE, { type: "corner_tapped", key: "corner-1", at: 1000 });
    expect(isSecondTap(once, "corner-1", 1399)).toBe(true);
    expect(isSecondTap(once, "corner-1", 1400)).toBe(false);
    expect(isSecondTap(once, "corner-2", 1100)).toBe(false);
    const outline = file.forms?.[0].outline as never;
    const [, second] = grips(outline);
    expect(cornerTakenOut(file, { kind: "grip", pointer: "/forms/0", grip: second, to: [0, 0] })?.patch).toEqual([
      {
        op: "add",
        path: "/forms/0/outline",
        value: {
          kind: "polygon",
          points_mm: [
            [0, 0],
            [20, 10],
            [0, 10],
          ],
        },
      },
    ]);
  });
});

describe("drawing", () => {
  const ditch: Drawable = {
    key: "cut",
    name: "cut",
    group: "forms",
    list: "forms",
    start: { kind: "cut", depth_mm: 3 },
    along: false,
    strip: false,
    wide: 20,
  };
  const slope: Drawable = {
    key: "ramp",
    name: "ramp",
    group: "forms",
    list: "forms",
    start: { kind: "ramp" },
    along: true,
    strip: false,
    wide: 20,
  };
  const begun = (what: Drawable, shape: "polygon" | "oval", points: Point[]) =>
    points.reduce((state, at) => pointing(state, { type: "cornered", at }), pointing(IDLE, { type: "drawing", what, shape }));

  it("ends a polygon at its first corner, and not before it has three", () => {
    const two = begun(ditch, "polygon", [
      [0, 0],
      [30, 0],
    ]);
    expect(corner(two, [0.5, 0], 10)?.over).toBe(false);
    const three = begun(ditch, "polygon", [
      [0, 0],
      [30, 0],
      [30, 20],
    ]);
    expect(corner(three, [0.5, 0], 10)).toMatchObject({
      over: true,
      sketch: {
        points: [
          [0, 0],
          [30, 0],
          [30, 20],
        ],
      },
    });
    expect(corner(three, [2, 0], 10)?.over).toBe(false);
  });

  it("ends an oval at the second corner of its box", () => {
    const one = begun(ditch, "oval", [[0, 0]]);
    const next = corner(one, [20, 10], 1);
    expect(next?.over).toBe(true);
    expect(drawnPart(file, next?.sketch as never)).toEqual({
      label: "Draw cut",
      select: "/forms/1",
      patch: [
        {
          op: "add",
          path: "/forms/-",
          value: {
            id: "cut-1",
            name: "cut 1",
            outline: { kind: "oval", width_mm: 20, depth_mm: 10, at_mm: [10, 5] },
            kind: "cut",
            depth_mm: 3,
          },
        },
      ],
    });
  });

  it("lays what runs along from the left end to the right one", () => {
    const done = {
      what: slope,
      shape: "oval" as const,
      points: [
        [0, 0],
        [20, 10],
      ] as Point[],
      hover: null,
    };
    expect(drawnPart(file, done)?.patch[0]).toMatchObject({ value: { from_mm: [0, 5], to_mm: [20, 5] } });
  });

  it("makes nothing of an outline that encloses nothing", () => {
    expect(
      drawnPart(file, {
        what: ditch,
        shape: "oval",
        points: [
          [0, 0],
          [1, 1],
        ],
        hover: null,
      }),
    ).toBeNull();
  });
});
