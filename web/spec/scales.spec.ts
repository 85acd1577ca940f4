import { describe, expect, it } from "vitest";
import type { Outline, Point, Schedule, Section } from "../src/api/types";
import { shifted, stretched, wholeOf } from "../src/builds/drying/timeScale";
import { bySitting, trueTime } from "../src/builds/order/drawn/clock";
import { type Mark, neighbour } from "../src/builds/order/drawn/marks";
import { corners, grips, moved, spun, withoutCorner } from "../src/builds/plan/outline";
import { inside, scattered } from "../src/builds/plan/scatter";
import { fitted, onPlan, onScreen, zoomed } from "../src/builds/plan/view";
import { sampleAt, scaleOf } from "../src/builds/section/sectionScale";
import { readFigure } from "../src/common/figures";
import { minutesOf } from "../src/common/words";

/** Numbers that look random and are the same every time. */
function numbers(seed: number) {
  let state = seed;
  return (low: number, high: number) => {
    state = (state * 48271) % 2147483647;
    return low + (state / 2147483647) * (high - low);
  };
}

describe("the plan's view", () => {
  const size = { width: 800, height: 500 };

  it("takes every point to the screen and back", () => {
    const pick = numbers(7);
    for (let i = 0; i < 50; i += 1) {
      const view = { centre: [pick(-90, 90), pick(-90, 90)] as Point, scale: pick(0.3, 50) };
      const point: Point = [pick(-200, 200), pick(-200, 200)];
      const [x, y] = onPlan(view, size, onScreen(view, size, point));
      expect(x).toBeCloseTo(point[0], 6);
      expect(y).toBeCloseTo(point[1], 6);
    }
  });

  it("keeps under the pointer what lies under it, however it zooms", () => {
    const pick = numbers(11);
    for (let i = 0; i < 50; i += 1) {
      const view = { centre: [pick(-90, 90), pick(-90, 90)] as Point, scale: pick(1, 20) };
      const about: Point = [pick(0, 800), pick(0, 500)];
      const then = zoomed(view, size, pick(0.6, 1.8), about);
      expect(onPlan(then, size, about)[0]).toBeCloseTo(onPlan(view, size, about)[0], 6);
      expect(onPlan(then, size, about)[1]).toBeCloseTo(onPlan(view, size, about)[1], 6);
    }
  });

  it("shows all of a fitted box", () => {
    const view = fitted([-50, -30, 50, 30], size);
    for (const at of [
      [-50, -30],
      [50, 30],
    ] as Point[]) {
      const [x, y] = onScreen(view, size, at);
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(size.width);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThan(size.height);
    }
  });
});

describe("outlines", () => {
  const corner: Outline = {
    kind: "polygon",
    points_mm: [
      [0, 0],
      [10, 0],
      [10, 10],
    ],
  };

  it("come back where they were after a whole turn and a move there and back", () => {
    const round = [90, 90, 90, 90].reduce((outline, deg) => spun(outline, deg), moved(moved(corner, [5, -3]), [-5, 3]));
    corners(round).forEach(([x, y], i) => {
      expect(x).toBeCloseTo(corners(corner)[i][0], 1);
      expect(y).toBeCloseTo(corners(corner)[i][1], 1);
    });
  });

  it("keep three corners, and a strip two", () => {
    expect(withoutCorner(corner, 1)).toBeNull();
    const strip: Outline = {
      kind: "strip",
      width_mm: 5,
      points_mm: [
        [0, 0],
        [9, 0],
        [9, 9],
      ],
    };
    expect(withoutCorner(strip, 1)).toMatchObject({
      points_mm: [
        [0, 0],
        [9, 9],
      ],
    });
    expect(
      withoutCorner(
        {
          ...strip,
          points_mm: [
            [0, 0],
            [9, 0],
          ],
        },
        0,
      ),
    ).toBeNull();
  });

  it("are as wide as their grip is pulled, on both sides of the middle", () => {
    const oval: Outline = { kind: "oval", width_mm: 20, depth_mm: 10, at_mm: [5, 0], turn_deg: 90 };
    const [width] = grips(oval);
    expect(width.at.map(Math.round)).toEqual([5, 10]);
    expect(width.pull([5, 15])).toMatchObject({ width_mm: 30, depth_mm: 10 });
  });
});

describe("marks of what grows", () => {
  const ring: Point[] = [
    [0, 0],
    [20, 0],
    [20, 20],
    [0, 20],
  ];
  const hole: Point[] = [
    [5, 5],
    [15, 5],
    [15, 15],
    [5, 15],
  ];

  it("lie inside, not in holes, and are the same at every drawing", () => {
    const marks = scattered([ring, hole], 2, 3);
    expect(marks.length).toBeGreaterThan(20);
    for (const mark of marks) expect(inside(mark, [ring, hole])).toBe(true);
    expect(scattered([ring, hole], 2, 3)).toEqual(marks);
    expect(inside([10, 10], [ring, hole])).toBe(false);
  });
});

describe("the time chart", () => {
  const schedule = {
    start: "2027-03-01T09:00",
    ready_at: "2027-03-03T09:00",
    finish_by: null,
    steps: [{ start: "2027-03-01T09:00" }],
  } as unknown as Schedule;
  const whole = wholeOf(schedule);

  it("holds all of the schedule with room at both ends", () => {
    expect(whole[1] - whole[0]).toBeGreaterThan(2 * 1440);
  });

  it("never looks past its ends, nor closer than two hours", () => {
    const near = stretched(whole, whole, 1e6);
    expect(near && near[1] - near[0]).toBe(120);
    expect(stretched(near as [number, number], whole, 1e-9)).toBeNull();
    expect(shifted(near as [number, number], whole, 1e9)[1]).toBe(whole[1]);
    expect(shifted(near as [number, number], whole, -1e9)[0]).toBe(whole[0]);
  });
});

describe("an order of work that is drawn", () => {
  const step = (id: string, start: string, finish: string, ready: string) => ({ id, start, finish, ready });
  const schedule = {
    start: "2027-03-01T19:00",
    ready_at: "2027-03-09T21:00",
    sittings: [
      { from: "2027-03-01T19:00", to: "2027-03-01T21:00", steps: [] },
      { from: "2027-03-08T19:00", to: "2027-03-08T20:00", steps: [] },
    ],
    steps: [
      step("a", "2027-03-01T19:00", "2027-03-01T20:00", "2027-03-02T20:00"),
      step("b", "2027-03-08T19:00", "2027-03-08T20:00", "2027-03-09T21:00"),
    ],
  } as unknown as Schedule;

  it("goes on to the right as time goes on, and gives a sitting of two hours twice the width of one of an hour", () => {
    const clock = bySitting(schedule, 100, 700);
    const moments = [
      "2027-03-01T19:00",
      "2027-03-01T20:00",
      "2027-03-01T21:00",
      "2027-03-05T12:00",
      "2027-03-08T19:00",
      "2027-03-08T20:00",
      "2027-03-09T21:00",
    ];
    const xs = moments.map((moment) => clock.x(minutesOf(moment)));
    expect(xs).toEqual([...xs].sort((one, other) => one - other));
    expect(xs[0]).toBeGreaterThan(100);
    expect(xs[6]).toBeLessThanOrEqual(700);
    // But for the least that each is wide, 10 px.
    const [first, second] = clock.columns.map(({ from, to }) => to - from - 10);
    expect(first / second).toBeCloseTo(2, 6);
    // A week between them is drawn narrow.
    expect(clock.columns[1].from - clock.columns[0].to).toBeLessThanOrEqual(22);
  });

  it("draws true time where that is wanted", () => {
    const clock = trueTime(schedule, [minutesOf("2027-03-01T00:00"), minutesOf("2027-03-11T00:00")], 0, 1000);
    expect(clock.x(minutesOf("2027-03-06T00:00"))).toBeCloseTo(500, 6);
  });

  it("goes by the arrow keys along time and from row to row", () => {
    const mark = (key: string, row: number, from: number) => ({ key, row, from }) as Mark;
    const marks = [mark("a", 2, 10), mark("b", 0, 20), mark("c", 2, 300), mark("d", 1, 310)];
    const to = (from: number, key: string) => neighbour(marks, marks[from], key)?.key;
    expect([to(0, "ArrowRight"), to(1, "ArrowLeft"), to(0, "ArrowLeft"), to(3, "ArrowRight")]).toEqual(["b", "a", undefined, undefined]);
    // Up is the next row above, and in it the mark that stands nearest.
    expect([to(2, "ArrowUp"), to(3, "ArrowDown"), to(1, "ArrowUp")]).toEqual(["d", "c", undefined]);
  });
});

describe("a section", () => {
  const section = (top: number) =>
    ({
      length_mm: 100,
      strata: [
        {
          runs: [
            [
              [0, -3, 0],
              [100, -3, top],
            ],
          ],
        },
      ],
      waters: [],
      standing: [],
    }) as unknown as Section;

  it("is drawn true to scale where that can be read, else with heights as many times as it says", () => {
    const tall = scaleOf(section(40), 500, null);
    expect(tall.stretch).toBe(1);
    expect(tall.up).toBeCloseTo(tall.across, 9);
    const flat = scaleOf(section(2), 500, null);
    expect(flat.stretch).toBe(5);
    expect(flat.up / flat.across).toBeCloseTo(5, 9);
  });

  it("is never drawn taller than there is room, both ways alike", () => {
    const scale = scaleOf(section(900), 500, 1);
    expect(scale.height).toBeLessThanOrEqual(210 + 40);
    expect(scale.up).toBeCloseTo(scale.across, 9);
  });

  it("tells the sample nearest to the pointer", () => {
    expect(
      sampleAt(
        [
          [0, 0, 1],
          [10, 0, 2],
          [20, 0, 3],
        ],
        14,
      ),
    ).toEqual([10, 0, 2]);
  });
});

describe("a number as it is typed", () => {
  it.each([
    ["12", "mm", 12],
    ["12,5", "mm", 12.5],
    ["1/2 in", "mm", 12.7],
    ['2"', "mm", 50.8],
    ["3 cm", "mm", 30],
    ["-4", undefined, -4],
    ["5 in", "g", null],
    ["1/0", "mm", null],
    ["twelve", "mm", null],
  ])("%s of %s is %s", (text, unit, value) => {
    const read = readFigure(text, unit).value ?? null;
    if (value === null) expect(read).toBeNull();
    else expect(read).toBeCloseTo(value, 9);
  });
});
