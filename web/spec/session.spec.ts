import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api, Refused, Unreachable } from "../src/api/client";
import type { Build, PlinthFile, Problem } from "../src/api/types";
import { BuildSession } from "../src/builds/session";
import { applied, fresh, sessionAfter } from "../src/builds/sessionState";
import { keepEdits } from "../src/builds/waitingEdits";

const file = (title: string) => ({ format: "green-plinth/1", title }) as unknown as PlinthFile;
const build = (version: number, title = "Old") => ({ id: 1, version, file: file(title), undo: null, redo: null }) as unknown as Build;
let made = 0;
const rename = (title: string) => ({
  id: `edit-${++made}`,
  at: made,
  label: `Call it ${title}`,
  patch: [{ op: "replace" as const, path: "/title", value: title }],
});
const wrong = { id: 1, version: 4, file: { title: "Odd" }, undo: "Call it Odd", redo: null };
const refusal = (status: number, more = {}) => new Refused({ title: "No", detail: "It cannot be.", status, ...more } as Problem);

describe("a session", () => {
  const open = sessionAfter(fresh(1, []), { type: "loaded", build: build(3) });

  it("shows an edit before the server has it, and goes back to the server's when it is given up", () => {
    const edited = sessionAfter(open, { type: "edited", edit: rename("New") });
    expect(edited).toMatchObject({ saving: "saving", file: { title: "New" }, build: { file: { title: "Old" } } });
    const given = sessionAfter(edited, { type: "given_up", problem: { title: "No", detail: "no" } as Problem });
    expect(given).toMatchObject({ queue: [], file: { title: "Old" }, refused: { detail: "no" } });
  });

  it("keeps what did not change as the same object, in the build and in the file", () => {
    const of = (version: number, title: string) =>
      ({
        ...build(version),
        file: { ...file(title), zones: [{ id: "bank" }] },
        evaluation: { snags: [{ code: "a" }], cost: { buy_minor: version } },
      }) as unknown as Build;
    const before = sessionAfter(fresh(1, []), { type: "loaded", build: of(3, "Old") });
    const edited = sessionAfter(before, { type: "edited", edit: rename("New") });
    const after = sessionAfter(edited, { type: "taken", build: of(4, "New"), latency: 1 });
    expect([edited.file?.zones, after.file?.zones, after.build?.evaluation.snags].map(Boolean)).toEqual([true, true, true]);
    expect(edited.file?.zones).toBe(before.file?.zones);
    expect(after.file?.zones).toBe(before.file?.zones);
    expect(after.build?.evaluation.snags).toBe(before.build?.evaluation.snags);
    expect(after.build?.evaluation.cost).toEqual({ buy_minor: 4 });
    expect(after.file?.title).toBe("New");
  });

  it("keeps what is not sent on top of what the server took", () => {
    const two = [rename("New"), rename("Newer")].reduce((state, edit) => sessionAfter(state, { type: "edited", edit }), open);
    const taken = sessionAfter(two, { type: "taken", build: build(4, "New"), latency: 12 });
    expect(taken).toMatchObject({ queue: [{ label: "Call it Newer" }], file: { title: "Newer" }, saving: "saving", latency: 12 });
  });

  it("goes on waiting when edited while the server is away", () => {
    const away = sessionAfter(sessionAfter(open, { type: "unreachable", problem: null }), { type: "edited", edit: rename("New") });
    expect(away).toMatchObject({ saving: "waiting", file: { title: "New" } });
  });

  it("puts mine on top of theirs, or drops mine, as is chosen", () => {
    const mine = sessionAfter(open, { type: "edited", edit: rename("Mine") });
    const both = sessionAfter(mine, { type: "conflicted", build: build(5, "Theirs") });
    expect(sessionAfter(both, { type: "settled", choice: "mine" })).toMatchObject({
      conflict: null,
      file: { title: "Mine" },
      build: { version: 5 },
    });
    expect(sessionAfter(both, { type: "settled", choice: "theirs" })).toMatchObject({ queue: [], file: { title: "Theirs" } });
    expect(sessionAfter(open, { type: "settled", choice: "mine" })).toBe(open);
  });

  it("leaves out an edit that no longer fits, and changes nothing it was given", () => {
    const before = file("Old");
    const gone = { label: "Gone", patch: [{ op: "remove" as const, path: "/story" }] };
    expect(applied(before, [gone, rename("New")])).toMatchObject({ title: "New" });
    expect(before.title).toBe("Old");
  });

  it("cuts no more than three sections", () => {
    const line: [number, number, number, number] = [0, 0, 1, 1];
    expect(sessionAfter(open, { type: "cut", cuts: [line, line, line, line] }).cuts).toHaveLength(3);
  });
});

const listed = { enumerable: true, configurable: true };

describe("a session with its server", () => {
  const kept = new Map<string, string>();
  let session: BuildSession;
  const state = () => session.store.getState();
  const quiet = () => vi.waitFor(() => expect(["saved", "waiting"]).toContain(state().saving));

  beforeEach(async () => {
    kept.clear();
    // As the browser's: its keys are members of it.
    const storage = {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    };
    vi.stubGlobal("localStorage", new Proxy(storage, { ownKeys: () => [...kept.keys()], getOwnPropertyDescriptor: () => listed }));
    vi.spyOn(api, "build").mockImplementation(async () => build(3));
    session = new BuildSession(1);
    session.open();
    await vi.waitFor(() => expect(state().build).not.toBeNull());
  });

  afterEach(() => {
    session.close();
    vi.useRealTimers();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
  });

  it("sends edits one after the other, each on the version the one before it made", async () => {
    let version = 3;
    const change = vi.spyOn(api, "change").mockImplementation(async () => build(++version, "Newer"));
    session.edit(rename("New").label, rename("New").patch);
    session.edit(rename("Newer").label, rename("Newer").patch);
    await quiet();
    expect(change.mock.calls.map(([on, edit]) => [on.version, edit.label])).toEqual([
      [3, "Call it New"],
      [4, "Call it Newer"],
    ]);
    expect(kept.size).toBe(0);
  });

  it("keeps an edit while the server is away, and sends it again when it is back", async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const change = vi.spyOn(api, "change").mockRejectedValueOnce(new Unreachable()).mockResolvedValueOnce(build(4, "New"));
    session.edit(rename("New").label, rename("New").patch);
    await quiet();
    expect(state()).toMatchObject({ saving: "waiting", file: { title: "New" } });
    expect(JSON.parse([...kept.values()][0])).toMatchObject({ label: "Call it New", patch: rename("New").patch });
    await vi.advanceTimersByTimeAsync(1600);
    await quiet();
    expect(state()).toMatchObject({ saving: "saved", queue: [], build: { version: 4 } });
    expect(change).toHaveBeenCalledTimes(2);
    // By the same name: one that the server took the first time is not made twice.
    expect(change.mock.calls[0][1].id).toBe(change.mock.calls[1][1].id);
    expect(kept.size).toBe(0);
  });

  it.each([500, 502, 503])("keeps an edit that met a %i, and says what the server says", async (status) => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const problem = { title: "The database is away", status } as Problem;
    vi.spyOn(api, "change").mockRejectedValueOnce(new Unreachable(problem)).mockResolvedValueOnce(build(4, "New"));
    session.edit(rename("New").label, rename("New").patch);
    await quiet();
    expect(state()).toMatchObject({ saving: "waiting", queue: [{ label: "Call it New" }], away: { title: "The database is away" } });
    await vi.advanceTimersByTimeAsync(1600);
    await quiet();
    expect(state()).toMatchObject({ saving: "saved", build: { version: 4 } });
  });

  it.each([401, 403, 429])("keeps an edit that was answered by %i: that says nothing against it", async (status) => {
    vi.spyOn(api, "change").mockRejectedValueOnce(refusal(status));
    session.edit(rename("New").label, rename("New").patch);
    await quiet();
    expect(state()).toMatchObject({ saving: "waiting", queue: [{ label: "Call it New" }] });
  });

  it("asks a server that is away less and less often", async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const change = vi.spyOn(api, "change").mockRejectedValue(new Unreachable());
    session.edit(rename("New").label, rename("New").patch);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(change.mock.calls.length).toBeGreaterThan(5);
    expect(change.mock.calls.length).toBeLessThan(12);
  });

  it("keeps the edits of a build that is deleted in another window, for when it is brought back", async () => {
    vi.spyOn(api, "change").mockRejectedValueOnce(refusal(404)).mockResolvedValueOnce(build(4, "New"));
    session.edit(rename("New").label, rename("New").patch);
    await vi.waitFor(() => expect(state().missing).toBe(true));
    expect(kept.size).toBe(1);
    await session.refresh();
    await quiet();
    expect(state()).toMatchObject({ missing: false, build: { version: 4 }, queue: [] });
  });

  it("sends what an earlier window left waiting, and leaves alone what another one keeps", async () => {
    session.close();
    const left = rename("Left");
    keepEdits(1, [], [left, rename("Later")]);
    keepEdits(2, [], [rename("Another build's")]);
    const change = vi.spyOn(api, "change").mockImplementation(async () => build(4, "Later"));
    const next = new BuildSession(1);
    next.open();
    await vi.waitFor(() => expect(next.store.getState()).toMatchObject({ saving: "saved", queue: [], build: { version: 4 } }));
    next.close();
    expect(change.mock.calls.map(([, edit]) => edit.label)).toEqual(["Call it Left", "Call it Later"]);
    expect(kept.size).toBe(1);
  });

  it("says when the browser has no room to keep what waits", async () => {
    vi.spyOn(localStorage, "setItem").mockImplementation(() => {
      throw new DOMException("full", "QuotaExceededError");
    });
    vi.spyOn(api, "change").mockRejectedValueOnce(new Unreachable()).mockResolvedValueOnce(build(4, "New"));
    session.edit(rename("New").label, rename("New").patch);
    await quiet();
    expect(state()).toMatchObject({ unkept: true, queue: [{ label: "Call it New" }] });
  });

  it("opens what cannot be opened for mending, and takes the mended build", async () => {
    const broken = refusal(422, { broken: wrong, problems: [{ pointer: "/scale", message: "must be more than 0" }] });
    vi.spyOn(api, "build").mockRejectedValueOnce(broken);
    await session.refresh();
    expect(state()).toMatchObject({ build: null, broken: { build: { version: 4 } }, file: { title: "Odd" } });
    const change = vi.spyOn(api, "change").mockResolvedValueOnce(build(5, "Good"));
    session.edit("Mend the file", [{ op: "replace", path: "/scale", value: 35 }]);
    await quiet();
    expect(change.mock.lastCall?.[0].version).toBe(4);
    expect(state()).toMatchObject({ build: { version: 5 }, broken: null });
  });

  it("counts an edit as taken over which the server then broke down", async () => {
    vi.spyOn(api, "change").mockRejectedValueOnce(refusal(422, { broken: wrong }));
    session.edit(rename("Odd").label, rename("Odd").patch);
    await quiet();
    expect(state()).toMatchObject({ queue: [], broken: { build: { version: 4 } }, refused: null });
    const back = vi.spyOn(api, "move").mockResolvedValueOnce(build(5, "Old"));
    session.move("undo");
    await vi.waitFor(() => expect(state().build?.version).toBe(5));
    expect([back.mock.lastCall?.[0].version, back.mock.lastCall?.[1]]).toEqual([4, "undo"]);
  });

  it("gives up what the server will never take, says so, and sends the rest", async () => {
    vi.spyOn(api, "change").mockRejectedValueOnce(refusal(422)).mockResolvedValueOnce(build(4, "Newer"));
    session.edit(rename("").label, rename("").patch);
    session.edit(rename("Newer").label, rename("Newer").patch);
    await quiet();
    expect(state()).toMatchObject({ refused: { status: 422 }, file: { title: "Newer" }, queue: [] });
  });

  it("asks which to keep where another window was quicker", async () => {
    vi.spyOn(api, "change").mockRejectedValueOnce(refusal(409, { current: build(9, "Theirs") }));
    session.edit(rename("Mine").label, rename("Mine").patch);
    await vi.waitFor(() => expect(state().conflict).not.toBeNull());
    const change = vi.spyOn(api, "change").mockResolvedValueOnce(build(10, "Mine"));
    session.settle("mine");
    await quiet();
    expect(change.mock.lastCall?.[0].version).toBe(9);
    expect(state()).toMatchObject({ conflict: null, build: { version: 10 } });
  });

  it("undoes an edit that has not left by not sending it", async () => {
    const change = vi.spyOn(api, "change").mockRejectedValueOnce(new Unreachable());
    session.edit(rename("New").label, rename("New").patch);
    await quiet();
    session.move("undo");
    expect(state()).toMatchObject({ queue: [], file: { title: "Old" }, saving: "saved" });
    expect(change).toHaveBeenCalledTimes(1);
  });
});
