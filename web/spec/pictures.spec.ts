import { beforeEach, describe, expect, it, vi } from "vitest";

const kept = new Map<number, { order: number; build: number }>();
let order = 0;
vi.mock("idb", () => ({
  openDB: async () => ({
    add: async (_: string, value: object) => {
      order += 1;
      kept.set(order, { ...value, order } as never);
    },
    getAll: async () => [...kept.values()],
    delete: async (_: string, key: number) => void kept.delete(key),
  }),
}));
const told: unknown[] = [];
vi.mock("../src/bench/outbox", () => ({ tell: async (...all: unknown[]) => void told.push(all) }));

import { api, Refused, Unreachable } from "../src/api/client";
import type { Problem } from "../src/api/types";
import { addPicture, sendPictures, usePictures } from "../src/bench/pictures";

const shot = new Blob(["shot"]);

describe("photographs", () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.setSystemTime(new Date("2027-03-01T18:00:00Z"));
    kept.clear();
    told.length = 0;
    usePictures.setState({ waiting: 0, refused: null });
  });

  it("are sent and told of at once where the server is there", async () => {
    vi.spyOn(api, "addPicture").mockResolvedValue({ number: 4, width: 10, height: 10 });
    expect(await addPicture(7, shot, { text: "from above" })).toBe(4);
    expect(told).toEqual([[7, "pictured", expect.objectContaining({ data: { text: "from above", picture: 4 } })]]);
    expect(usePictures.getState().waiting).toBe(0);
  });

  it("wait on the device while it is away, and are told of at the moment at which they were taken", async () => {
    const sent = vi.spyOn(api, "addPicture").mockRejectedValue(new Unreachable());
    expect(await addPicture(7, shot, { text: "from above" })).toBeNull();
    expect(usePictures.getState().waiting).toBe(1);
    await vi.advanceTimersByTimeAsync(4100);
    expect(kept.size).toBe(1);
    sent.mockResolvedValue({ number: 1, width: 10, height: 10 });
    await vi.advanceTimersByTimeAsync(4100);
    expect(kept.size).toBe(0);
    const [build, kind, more] = told[0] as [number, string, { at: string }];
    expect([build, kind, Date.parse(more.at)]).toEqual([7, "pictured", Date.parse("2027-03-01T18:00:00Z")]);
    expect(usePictures.getState().waiting).toBe(0);
  });

  it("hold none of the others up where one is refused, and say why", async () => {
    const sent = vi.spyOn(api, "addPicture").mockRejectedValue(new Unreachable());
    await addPicture(7, shot, {});
    await addPicture(7, shot, {});
    sent.mockRejectedValueOnce(new Refused({ title: "No", detail: "It is no picture.", status: 422 } as Problem));
    sent.mockResolvedValue({ number: 2, width: 10, height: 10 });
    await sendPictures();
    expect(kept.size).toBe(0);
    expect(told).toHaveLength(1);
    expect(usePictures.getState().refused).toBe("It is no picture.");
  });
});
