import jsonpatch, { type Operation } from "fast-json-patch";
import { createStore } from "zustand/vanilla";
import { api, Refused, Unreachable } from "../api/client";
import type { Build, CutLine, PatchOperation, PlinthFile, Problem } from "../api/types";

/** A change that has not been taken by the server yet. */
export interface Edit {
  label: string;
  patch: PatchOperation[];
}

/** saved: the server has everything; saving: it is being sent; waiting: the server is away, changes are kept here. */
export type Saving = "saved" | "saving" | "waiting";

/** What is lit in every view: a part of the file by its JSON pointer, and perhaps one step of the work on it. */
export interface Selection {
  pointer: string | null;
  step: string | null;
}

export interface Session {
  id: number;
  build: Build | null;
  /** The file with the changes that wait; what the screens show and edit. */
  file: PlinthFile | null;
  queue: Edit[];
  saving: Saving;
  selection: Selection;
  /** Where sections are cut, up to three; null: where the server would. */
  cuts: CutLine[] | null;
  /** The build as another window left it, while ours waits for a choice. */
  conflict: Build | null;
  refused: Problem | null;
  missing: boolean;
  /** Milliseconds from the newest edit to its answer drawn; for those who measure. */
  latency: number | null;
}

const RETRY_MS = 1500;
export const MOST_CUTS = 3;
const waitingKey = (id: number) => `green-plinth:waiting:${id}`;

/** Edits kept across a reload while the server is away. */
function kept(id: number): Edit[] {
  try {
    return JSON.parse(localStorage.getItem(waitingKey(id)) ?? "[]");
  } catch {
    return [];
  }
}

function keep(id: number, queue: Edit[]) {
  if (queue.length) localStorage.setItem(waitingKey(id), JSON.stringify(queue));
  else localStorage.removeItem(waitingKey(id));
}

/** A copy of the file with the edits applied; an edit that no longer fits is left out. */
export function applied(file: PlinthFile, queue: Edit[]): PlinthFile {
  return queue.reduce((so_far, edit) => {
    try {
      return jsonpatch.applyPatch(so_far, edit.patch as Operation[], false, false).newDocument as PlinthFile;
    } catch {
      return so_far;
    }
  }, file);
}

/** One build on the screen: what it shows, what waits to be sent, and the only place that talks to the server of it. */
export function openSession(id: number) {
  const store = createStore<Session>(() => ({
    id,
    build: null,
    file: null,
    queue: kept(id),
    saving: "saved",
    selection: { pointer: null, step: null },
    cuts: null,
    conflict: null,
    refused: null,
    missing: false,
    latency: null,
  }));
  const { getState, setState } = store;
  let busy = false;
  let closed = false;
  /** Undo and redo pressed while the server was busy with something else; done in turn once it is not. */
  let asked: ("undo" | "redo")[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;

  function take(build: Build, queue = getState().queue) {
    keep(id, queue);
    setState({ build, queue, file: applied(build.file, queue), saving: queue.length ? "saving" : "saved", missing: false });
  }

  function later() {
    clearTimeout(timer);
    if (!closed) timer = setTimeout(() => (getState().build ? void flush() : void load()), RETRY_MS);
  }

  function failed(error: unknown) {
    if (error instanceof Unreachable) {
      setState({ saving: "waiting" });
      later();
    } else if (error instanceof Refused && error.problem.status === 404) setState({ missing: true });
    else if (error instanceof Refused && error.problem.current) setState({ conflict: error.problem.current as Build });
    else if (error instanceof Refused) setState({ refused: error.problem });
    else throw error;
  }

  async function load() {
    if (busy) return;
    busy = true;
    try {
      const build = await api.build(id, getState().cuts);
      const newer = build.version >= (getState().build?.version ?? 0);
      if (newer) take(build);
    } catch (error) {
      failed(error);
    } finally {
      busy = false;
    }
    if (getState().queue.length && getState().saving !== "waiting" && !getState().conflict) void flush();
    else void step();
  }

  /** Sends what waits, one edit after the other, each on the version the one before it made. */
  async function flush() {
    const { build, conflict } = getState();
    if (busy || closed || conflict) return;
    if (!build) return load();
    busy = true;
    try {
      while (getState().queue.length) {
        const [edit] = getState().queue;
        setState({ saving: "saving" });
        const sent = performance.now();
        const version = (getState().build as Build).version;
        try {
          const answer = await api.change(id, version, edit.label, edit.patch, getState().cuts);
          take(answer, getState().queue.slice(1));
          setState({ latency: performance.now() - sent });
        } catch (error) {
          // What the server will never take is given up, and said; the rest may still stand.
          if (error instanceof Refused && !error.problem.current) {
            const queue = getState().queue.slice(1);
            keep(id, queue);
            setState({ queue, file: applied((getState().build as Build).file, queue), refused: error.problem });
            continue;
          }
          throw error;
        }
      }
      setState({ saving: "saved" });
    } catch (error) {
      failed(error);
    } finally {
      busy = false;
    }
    void step();
  }

  /** The next undo or redo that was asked for. */
  async function step(): Promise<void> {
    const { build, queue, cuts, saving, conflict } = getState();
    if (saving === "waiting" || conflict) asked = [];
    if (busy || closed || !build || queue.length) return;
    const direction = asked.shift();
    if (!direction) return;
    if (!build[direction]) return step();
    busy = true;
    try {
      take(await api.move(id, build.version, direction, cuts));
    } catch (error) {
      failed(error);
    } finally {
      busy = false;
    }
    // An edit made meanwhile goes first: what is undone after it is that edit.
    return getState().queue.length ? flush() : step();
  }

  return {
    store,

    open() {
      closed = false;
      void load();
    },

    close() {
      closed = true;
      clearTimeout(timer);
    },

    /** Another process or window changed the build. */
    heard(version: number) {
      const { build, queue } = getState();
      if (build && version > build.version && !queue.length) void load();
    },

    /** What the build is computed from has changed beside it: materials, or what was seen to dry. */
    refresh: load,

    edit(label: string, patch: PatchOperation[]) {
      const { build, queue } = getState();
      if (!build || !patch.length) return;
      const longer = [...queue, { label, patch }];
      keep(id, longer);
      setState({
        queue: longer,
        file: applied(build.file, longer),
        refused: null,
        saving: getState().saving === "waiting" ? "waiting" : "saving",
      });
      if (getState().saving !== "waiting") void flush();
    },

    move(direction: "undo" | "redo") {
      const { build, queue } = getState();
      // An edit that has not left yet is undone by not sending it.
      if (direction === "undo" && queue.length && build && !busy) return take(build, queue.slice(0, -1));
      asked.push(direction);
      void step();
    },

    select(pointer: string | null, step: string | null = null) {
      setState({ selection: { pointer, step } });
    },

    /** Cuts sections along these lines; up to three. */
    cutAt(cuts: CutLine[]) {
      setState({ cuts: cuts.slice(0, MOST_CUTS) });
      clearTimeout(timer);
      timer = setTimeout(() => void (getState().queue.length ? flush() : load()), 30);
    },

    /** After a conflict: drop ours, or put ours on top of theirs. */
    settle(choice: "theirs" | "mine") {
      const { conflict, queue } = getState();
      if (!conflict) return;
      setState({ conflict: null });
      take(conflict, choice === "mine" ? queue : []);
      if (choice === "mine") void flush();
    },

    hideRefusal() {
      setState({ refused: null });
    },
  };
}

export type BuildSession = ReturnType<typeof openSession>;
