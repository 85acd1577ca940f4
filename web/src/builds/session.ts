import { createStore } from "zustand/vanilla";
import { api, Refused, Unreachable } from "../api/client";
import type { Build, CutLine, PatchOperation } from "../api/types";
import { fresh, type Session, type SessionAction, sessionAfter } from "./sessionState";
import { keepEdits, keptEdits } from "./waitingEdits";

const RETRY_MS = 1500;
/** A section line that is pulled asks again after this pause, ms. */
const CUT_MS = 30;

type Direction = "undo" | "redo";

/** One build on the screen: what it shows, what waits to be sent, and the only place that talks to the server of it. */
export class BuildSession {
  readonly store;
  private busy = false;
  private closed = false;
  /** Undo and redo pressed while the server was busy with something else; done in turn once it is not. */
  private asked: Direction[] = [];
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly id: number) {
    this.store = createStore<Session>(() => fresh(id, keptEdits(id)));
  }

  open() {
    this.closed = false;
    void this.load();
  }

  close() {
    this.closed = true;
    clearTimeout(this.timer);
  }

  /** Another process or window changed the build. */
  heard(version: number) {
    const { build, queue } = this.state;
    if (build && version > build.version && !queue.length) void this.load();
  }

  /** What the build is computed from has changed beside it: materials, or what was seen to dry. */
  refresh = () => this.load();

  edit(label: string, patch: PatchOperation[]) {
    if (!this.state.build || !patch.length) return;
    // As it will be sent: without members that are undefined.
    this.after({ type: "edited", edit: JSON.parse(JSON.stringify({ label, patch })) });
    if (this.state.saving !== "waiting") void this.flush();
  }

  move(direction: Direction) {
    const { build, queue } = this.state;
    // An edit that has not left yet is undone by not sending it.
    if (direction === "undo" && queue.length && build && !this.busy) return this.after({ type: "withdrawn" });
    this.asked.push(direction);
    void this.step();
  }

  select(pointer: string | null, step: string | null = null) {
    this.after({ type: "lit", selection: { pointer, step } });
  }

  /** Cuts sections along these lines; up to three. */
  cutAt(cuts: CutLine[]) {
    this.after({ type: "cut", cuts });
    this.later(CUT_MS);
  }

  /** After a conflict: drop ours, or put ours on top of theirs. */
  settle(choice: "theirs" | "mine") {
    this.after({ type: "settled", choice });
    if (choice === "mine") void this.flush();
  }

  hideRefusal() {
    this.after({ type: "refusal_read" });
  }

  private get state(): Session {
    return this.store.getState();
  }

  private after(action: SessionAction) {
    const before = this.state.queue;
    this.store.setState(sessionAfter(this.state, action));
    if (this.state.queue !== before) keepEdits(this.id, this.state.queue);
  }

  private async load() {
    await this.alone(async () => {
      const build = await api.build(this.id, this.state.cuts);
      if (build.version >= (this.state.build?.version ?? 0)) this.after({ type: "loaded", build });
    });
    const { queue, saving, conflict } = this.state;
    if (queue.length && saving !== "waiting" && !conflict) void this.flush();
    else void this.step();
  }

  /** Sends what waits, one edit after the other, each on the version the one before it made. */
  private async flush(): Promise<void> {
    if (this.closed || this.state.conflict) return;
    if (!this.state.build) return this.load();
    const sent = await this.alone(async () => {
      while (this.state.queue.length) await this.send();
      this.after({ type: "sending" });
    });
    if (sent) void this.step();
  }

  private async send() {
    const [edit] = this.state.queue;
    this.after({ type: "sending" });
    const sent = performance.now();
    try {
      const build = await api.change(this.id, (this.state.build as Build).version, edit.label, edit.patch, this.state.cuts);
      this.after({ type: "taken", build, latency: performance.now() - sent });
    } catch (error) {
      // What the server will never take is given up, and said; the rest may still stand.
      if (!(error instanceof Refused) || error.problem.current) throw error;
      this.after({ type: "given_up", problem: error.problem });
    }
  }

  /** The next undo or redo that was asked for. */
  private async step(): Promise<void> {
    const { build, queue, saving, conflict } = this.state;
    if (saving === "waiting" || conflict) this.asked = [];
    if (this.busy || this.closed || !build || queue.length) return;
    const direction = this.asked.shift();
    if (!direction) return;
    if (!build[direction]) return this.step();
    await this.alone(async () => {
      this.after({ type: "loaded", build: await api.move(this.id, build.version, direction, this.state.cuts) });
    });
    // An edit made meanwhile goes first: what is undone after it is that edit.
    return this.state.queue.length ? this.flush() : this.step();
  }

  /** One conversation with the server at a time. @returns whether this was it */
  private async alone(work: () => Promise<void>): Promise<boolean> {
    if (this.busy) return false;
    this.busy = true;
    try {
      await work();
    } catch (error) {
      this.failed(error);
    } finally {
      this.busy = false;
    }
    return true;
  }

  private failed(error: unknown) {
    if (error instanceof Unreachable) {
      this.after({ type: "unreachable" });
      this.later(RETRY_MS);
    } else if (!(error instanceof Refused)) throw error;
    else if (error.problem.status === 404) this.after({ type: "missing" });
    else if (error.problem.current) this.after({ type: "conflicted", build: error.problem.current as Build });
    else this.after({ type: "refused", problem: error.problem });
  }

  private later(ms: number) {
    clearTimeout(this.timer);
    if (!this.closed) this.timer = setTimeout(() => void (this.state.build && this.state.queue.length ? this.flush() : this.load()), ms);
  }
}
