import { createStore } from "zustand/vanilla";
import { api, Refused, Unreachable } from "../api/client";
import type { Build, CutLine, PatchOperation, Problem } from "../api/types";
import { lastSeen } from "../bench/lastSeen";
import { uuid } from "../common/uuid";
import { keepLit, litLast } from "./litLast";
import { type Edit, fresh, held, type Session, type SessionAction, sessionAfter, toggled } from "./sessionState";
import { keepEdits, keptEdits } from "./waitingEdits";

/** The first pause before the server is asked again, and the longest, ms. */
const RETRY_MS = 1500;
const RETRY_MOST_MS = 12_000;
/** Answers that say nothing against the edit: who asks, how often, or whether the build is there may be otherwise in a moment. */
const PASSING = [401, 403, 404, 408, 429];
/** A section line that is pulled asks again after this pause, ms. */
const CUT_MS = 30;

type Direction = "undo" | "redo";

/** What pages do with a build, whole or with what is composed by itself within it. */
export type OpenSession = Pick<
  BuildSession,
  "store" | "edit" | "wholePatch" | "move" | "select" | "selectAlso" | "cutAt" | "enter" | "settle" | "hideRefusal" | "refresh"
>;

/** One build on the screen: what it shows, what waits to be sent, and the only place that talks to the server of it. */
export class BuildSession {
  readonly store;
  private busy = false;
  private closed = false;
  /** Undo and redo pressed while the server was busy with something else; done in turn once it is not. */
  private asked: Direction[] = [];
  private timer: ReturnType<typeof setTimeout> | undefined;
  private tries = 0;

  constructor(private readonly id: number) {
    this.store = createStore<Session>(() => ({ ...fresh(id, keptEdits(id)), selection: { pointer: litLast(id), step: null } }));
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
  heard(heard: number) {
    const { queue } = this.state;
    const version = held(this.state)?.version;
    if (version !== undefined && heard !== version && !queue.length) void this.load();
  }

  /** What the build is computed from has changed beside it: materials, or what was seen to dry. */
  refresh = () => this.load();

  edit(label: string, patch: PatchOperation[]) {
    if (!held(this.state) || !patch.length) return;
    // As it will be sent: without members that are undefined.
    const edit: Edit = JSON.parse(JSON.stringify({ id: uuid(), at: Date.now(), label, patch }));
    this.after({ type: "edited", edit });
    if (this.state.saving !== "waiting") void this.flush();
  }

  move(direction: Direction) {
    const { queue } = this.state;
    // An edit that has not left yet is undone by not sending it.
    if (direction === "undo" && queue.length && held(this.state) && !this.busy) return this.after({ type: "withdrawn" });
    this.asked.push(direction);
    void this.step();
  }

  select(pointer: string | null, step: string | null = null) {
    // A part of a further body, or a variant, is looked at where it is composed.
    const [, list, index] = pointer?.match(/^\/(variants|bodies)\/(\d+)/) ?? [];
    if (list) return this.enter(this.state.file?.[list as "variants" | "bodies"]?.[Number(index)]?.id ?? null);
    keepLit(this.id, pointer);
    this.after({ type: "lit", selection: { pointer, step } });
  }

  /** Lights a part beside those that are lit, or no more. */
  selectAlso(part: string) {
    this.after({ type: "lit", selection: toggled(this.state.selection, part) });
  }

  /** A change of what the pages show, as a change of the whole build. */
  wholePatch = (patch: PatchOperation[]): PatchOperation[] => patch;

  /** Shows what is composed by itself within the build; null: the build itself. */
  enter(id: string | null) {
    this.after({ type: "entered", id });
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
    if (this.state.queue === before) return;
    const whole = keepEdits(this.id, before, this.state.queue);
    if (whole === this.state.unkept) this.store.setState(sessionAfter(this.state, { type: "kept", whole }));
  }

  private async load() {
    await this.alone(async () => {
      try {
        const build = await api.build(this.id, this.state.cuts);
        if (build.version >= (this.state.build?.version ?? 0)) this.after({ type: "loaded", build });
      } catch (error) {
        await this.openAsSeen(error);
        throw error;
      }
    });
    const { queue, saving, conflict } = this.state;
    if (queue.length && saving !== "waiting" && !conflict) void this.flush();
    else void this.step();
  }

  /** A build that is opened while the server is away is shown as it was seen last. */
  private async openAsSeen(error: unknown) {
    if (!(error instanceof Unreachable) || held(this.state)) return;
    const build = await lastSeen<Build>(`build:${this.id}`);
    if (build && !held(this.state)) this.after({ type: "loaded", build });
  }

  /** Sends what waits, one edit after the other, each on the version the one before it made. */
  private async flush(): Promise<void> {
    if (this.closed || this.state.conflict) return;
    if (!held(this.state)) return this.load();
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
      const base = held(this.state);
      if (!base) return;
      const build = await api.change(base, edit, this.state.cuts);
      this.after({ type: "taken", build, latency: performance.now() - sent });
    } catch (error) {
      if (!(error instanceof Refused) || error.problem.current || PASSING.includes(error.problem.status)) throw error;
      if (error.problem.broken) return this.after({ type: "broken", build: error.problem.broken, problem: error.problem, taken: true });
      // What the server will never take is given up, and said; the rest may still stand.
      this.after({ type: "given_up", problem: error.problem });
    }
  }

  /** The next undo or redo that was asked for. */
  private async step(): Promise<void> {
    const { queue, saving, conflict } = this.state;
    const build = held(this.state);
    if (saving === "waiting" || conflict) this.asked = [];
    if (this.busy || this.closed || !build || queue.length) return;
    const direction = this.asked.shift();
    if (!direction) return;
    if (!build[direction]) return this.step();
    await this.alone(async () => {
      this.after({ type: "loaded", build: await api.move(build, direction, this.state.cuts) });
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
      this.tries = 0;
    } catch (error) {
      this.failed(error);
    } finally {
      this.busy = false;
    }
    return true;
  }

  private failed(error: unknown) {
    if (error instanceof Unreachable) this.again(error.problem);
    else if (!(error instanceof Refused)) throw error;
    else if (error.problem.status === 404) this.after({ type: "missing" });
    else if (PASSING.includes(error.problem.status)) this.again(error.problem);
    else if (error.problem.broken) this.after({ type: "broken", build: error.problem.broken, problem: error.problem, taken: false });
    else if (error.problem.current) this.after({ type: "conflicted", build: error.problem.current as Build });
    else this.after({ type: "refused", problem: error.problem });
  }

  /** What waits is sent again, a little later each time. */
  private again(problem: Problem | null) {
    this.after({ type: "unreachable", problem });
    this.later(Math.min(RETRY_MS * 1.5 ** this.tries++, RETRY_MOST_MS));
  }

  private later(ms: number) {
    clearTimeout(this.timer);
    if (!this.closed) this.timer = setTimeout(() => void (held(this.state) && this.state.queue.length ? this.flush() : this.load()), ms);
  }
}
