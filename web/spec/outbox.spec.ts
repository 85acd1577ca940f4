import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

/** A database that lives as long as a spec. */
const kept = new Map<number, { order: number; build: number; event: { id: string; kind: string } }>();
let order = 0;
vi.mock("idb", () => ({
  openDB: async () => ({
    add: async (_: string, value: never) => {
      order += 1;
      kept.set(order, { ...(value as object), order } as never);
      return order;
    },
    getAll: async () => [...kept.values()],
    delete: async (_: string, key: number) => void kept.delete(key),
  }),
}));

import { api, Refused, Unreachable } from "../src/api/client";
import type { Problem } from "../src/api/types";
import { useClock } from "../src/bench/clock";
import { onSent, resume, tell, useOutbox } from "../src/bench/outbox";

const refusal = (status: number) => new Refused({ title: "No", detail: "It cannot be.", status } as Problem);
const taken = { version: 2, instant: new Date().toISOString() };
const kinds = () => [...kept.values()].map((one) => one.event.kind);
const settled = () => vi.advanceTimersByTimeAsync(0);

describe("the outbox", () => {
  beforeEach(() => {
    vi.useFakeTimers();
    kept.clear();
    useOutbox.setState({ waiting: [], away: false, refused: null });
    useClock.setState({ behind: 0, known: true });
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
  });

  it("keeps what happened on the device before it is sent, and no longer than until it is taken", async () => {
    let seen: string[] = [];
    vi.spyOn(api, "tell").mockImplementation(async () => {
      seen = kinds();
      return taken;
    });
    const told: number[] = [];
    const silence = onSent((build) => told.push(build));
    await tell(7, "started", { step: "paste" });
    await settled();
    expect(seen).toEqual(["started"]);
    expect([kinds(), useOutbox.getState().waiting, told]).toEqual([[], [], [7]]);
    silence();
  });

  it("waits while the server is away, and tells everything in order when it is back", async () => {
    const sent: string[][] = [];
    const server = vi.spyOn(api, "tell").mockRejectedValue(new Unreachable());
    await tell(7, "started", { step: "paste" });
    await tell(7, "laid", { step: "paste" });
    await settled();
    expect(useOutbox.getState()).toMatchObject({ away: true });
    expect(kinds()).toEqual(["started", "laid"]);
    server.mockImplementation(async (_, events) => {
      sent.push(events.map((one) => one.kind));
      return taken;
    });
    await vi.advanceTimersByTimeAsync(3100);
    expect(sent).toEqual([["started", "laid"]]);
    expect([kinds(), useOutbox.getState().away]).toEqual([[], false]);
  });

  it("tells moments by the server's clock from the first tap on, and by its own where there is no server", async () => {
    const sent: string[] = [];
    vi.spyOn(api, "tell").mockImplementation(async (_, events) => {
      sent.push(...events.map((one) => one.at));
      return { ...taken, instant: new Date(Date.now() + useClock.getState().behind).toISOString() };
    });
    useClock.setState({ behind: 0, known: false });
    const session = vi.spyOn(api, "session").mockResolvedValue({ instant: "2027-03-01T19:00:00.000Z" } as never);
    await tell(7, "started", { step: "paste" });
    expect(sent[0] && Date.parse(sent[0])).toBe(Date.parse("2027-03-01T19:00:00.000Z"));
    useClock.setState({ behind: 0, known: false });
    session.mockRejectedValue(new Unreachable());
    await tell(7, "laid", { step: "paste" });
    expect(Date.parse(sent[1])).toBe(Date.now());
  });

  it("tells what came after another as later, though the clock is set right in between", async () => {
    vi.spyOn(api, "tell").mockRejectedValue(new Unreachable());
    vi.setSystemTime(new Date("2027-03-01T18:00:00Z"));
    const first = await tell(1, "started");
    useClock.setState({ behind: -700 });
    const second = await tell(1, "paused");
    expect(Date.parse(second.at)).toBe(Date.parse(first.at) + 1);
    useClock.setState({ behind: -3_600_000 });
    expect(Date.parse((await tell(1, "resumed")).at)).toBe(Date.parse("2027-03-01T17:00:00Z"));
  });

  it("sends what waited since the page was open last", async () => {
    const server = vi.spyOn(api, "tell").mockResolvedValue(taken);
    kept.set(50, { order: 50, build: 9, event: { id: "a", kind: "paused" } });
    await resume();
    await settled();
    expect(server).toHaveBeenCalledWith(9, [{ id: "a", kind: "paused" }]);
    expect(kinds()).toEqual([]);
  });

  it("lets one that is refused hold none of the others up, and says which and why", async () => {
    vi.spyOn(api, "tell").mockRejectedValue(new Unreachable());
    await tell(7, "noted", {});
    await tell(7, "laid", { step: "paste" });
    await settled();
    const server = vi.spyOn(api, "tell").mockImplementation(async (_, events) => {
      if (events.some((one) => one.kind === "noted")) throw refusal(422);
      return taken;
    });
    await vi.advanceTimersByTimeAsync(3100);
    expect(server.mock.calls.at(-1)?.[1].map((one) => one.kind)).toEqual(["laid"]);
    expect(useOutbox.getState().refused?.waiting.event.kind).toBe("noted");
    expect(kinds()).toEqual([]);
  });

  it.each([401, 403, 408, 409, 429])("keeps an event that %i says nothing against", async (status) => {
    vi.spyOn(api, "tell").mockRejectedValue(refusal(status));
    await tell(7, "laid", { step: "paste" });
    await settled();
    expect(kinds()).toEqual(["laid"]);
    expect(useOutbox.getState()).toMatchObject({ refused: null, away: true });
  });

  it("tells builds apart", async () => {
    const asked: number[] = [];
    const server = vi.spyOn(api, "tell").mockRejectedValue(new Unreachable());
    await tell(7, "started", { step: "a" });
    await tell(8, "started", { step: "b" });
    server.mockImplementation(async (build) => {
      asked.push(build);
      return taken;
    });
    await vi.advanceTimersByTimeAsync(3100);
    expect(asked).toEqual([7, 8]);
  });
});
