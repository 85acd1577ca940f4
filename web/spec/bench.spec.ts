import { describe, expect, it } from "vitest";
import type { BenchStage } from "../src/api/types";
import { atWall, eventMoment, timerWords, useClock, wallMoment } from "../src/bench/clock";
import type { Waiting } from "../src/bench/outbox";
import { asLeft, spent } from "../src/bench/pending";

const START = Date.parse("2027-03-01T19:30:00Z");
const stage = (in_hand: BenchStage["in_hand"] = []) => ({ in_hand }) as unknown as BenchStage;
let order = 0;
const told = (kind: string, second: number, more: object = {}): Waiting => ({
  order: order++,
  build: 1,
  event: { id: `e${order}`, kind, at: new Date(START + second * 1000).toISOString(), step: "paste", ...more } as Waiting["event"],
});

describe("what waits to be sent", () => {
  it("is under hand at once, and timed by differences of moments", () => {
    const { hands } = asLeft(stage(), [told("started", 0), told("paused", 90), told("resumed", 200)], 1);
    expect(hands).toHaveLength(1);
    expect(spent(hands[0], START + 230_000)).toBe(120);
    expect(hands[0].waits).toBe(true);
  });

  it("leaves what the server has as it is, and goes on from there", () => {
    const held = {
      step: "paste",
      work: "paste",
      begun: "2027-03-01T19:00",
      running_since: START / 1000 - 60,
      spent_s: 30,
      laid: [],
      each_min: null,
      last_at: null,
    };
    const { hands } = asLeft(stage([held]), [told("started", 0), told("paused", 40)], 1);
    expect(hands[0]).toMatchObject({ spent_s: 130, running_since: null });
  });

  it("is done when it is laid; of several bases when the last is", () => {
    expect(asLeft(stage(), [told("started", 0), told("laid", 60)], 1)).toMatchObject({ hands: [], laid: new Set(["paste"]) });
    const some = asLeft(stage(), [told("started", 0), told("laid", 60, { copies: [1, 2] })], 3);
    expect(some.hands[0].laid).toEqual([1, 2]);
    const all = asLeft(stage(), [told("started", 0), told("laid", 60, { copies: [1, 2] }), told("laid", 90, { copies: [3] })], 3);
    expect(all.hands).toEqual([]);
  });

  it("knows what was taken back", () => {
    const back = told("took_back", 5, { step: undefined, data: { event: "gone" } });
    expect(asLeft(stage(), [back], 1).tookBack.has("gone")).toBe(true);
  });
});

describe("the bench's clock", () => {
  it("writes an instant with its offset, and reads the wall back", () => {
    expect(Date.parse(eventMoment(START + 250))).toBe(START + 250);
    expect(eventMoment(START)).toMatch(/^2027-03-0[12]T\d\d:\d\d:00\.000[+-]\d\d:\d\d$/);
    expect(Date.parse(atWall(wallMoment(START)))).toBe(START);
  });

  it("goes by the server's, and lets what the way takes be", () => {
    const { heard } = useClock.getState();
    expect(heard(new Date(START).toISOString(), START - 100, START + 100)).toBe(0);
    expect(heard(new Date(START).toISOString(), START - 60_100, START - 59_900)).toBe(60_000);
    expect(useClock.getState().behind).toBe(60_000);
  });

  it("shows seconds as a timer does", () => {
    expect([0, 65.9, 3661].map(timerWords)).toEqual(["0:00", "1:05", "1:01:01"]);
  });
});
