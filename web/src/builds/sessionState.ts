import { replaceEqualDeep } from "@tanstack/react-query";
import jsonpatch, { type Operation } from "fast-json-patch";
import type { BrokenBuild, Build, CutLine, PatchOperation, PlinthFile, Problem } from "../api/types";

/** A change that has not been taken by the server yet. */
export interface Edit {
  /** A name of its own: sent again after a lost answer, it is not made twice. */
  id: string;
  /** When it was made, ms since 1970. */
  at: number;
  label: string;
  patch: PatchOperation[];
}

/** saved: the server has everything; saving: it is being sent; waiting: the server is away, changes are kept here. */
export type Saving = "saved" | "saving" | "waiting";

/** What is lit in every view: a part of the file by its JSON pointer, and perhaps one step of the work on it. */
export interface Selection {
  pointer: string | null;
  step: string | null;
  /** Further parts that are lit with it. */
  also?: string[];
}

/** The selection with one part more, or without it where it was lit. */
export function toggled({ pointer, also = [] }: Selection, part: string): Selection {
  const lit = [...(pointer ? [pointer] : []), ...also];
  const [first = null, ...rest] = lit.includes(part) ? lit.filter((one) => one !== part) : [...lit, part];
  return { pointer: first, step: null, also: rest };
}

export interface Session {
  id: number;
  build: Build | null;
  /** In place of the build: what the server has where that cannot be opened, and what is wrong with it. */
  broken: { build: BrokenBuild; problem: Problem } | null;
  /** The file with the changes that wait; what the screens show and edit. */
  file: PlinthFile | null;
  queue: Edit[];
  saving: Saving;
  /** What the server said of itself when it last failed. */
  away: Problem | null;
  /** Whether this browser has no room to keep the edits that wait: they go with the window. */
  unkept: boolean;
  selection: Selection;
  /** Id of what is composed by itself within the build and shown in its place; null: the build itself. */
  within: string | null;
  /** Where in the whole file the parts of what is shown are: "" or "/bodies/0". */
  root: string;
  /** Where sections are cut, up to three; null: where the server would. */
  cuts: CutLine[] | null;
  /** The build as another window left it, while ours waits for a choice. */
  conflict: Build | null;
  refused: Problem | null;
  missing: boolean;
  /** Milliseconds from the newest edit to its answer drawn; for those who measure. */
  latency: number | null;
}

export type SessionAction =
  /** The server gave the build as it has it. */
  | { type: "loaded"; build: Build }
  | { type: "edited"; edit: Edit }
  /** The newest edit, not sent yet, is taken back. */
  | { type: "withdrawn" }
  | { type: "sending" }
  /** The server took the first of the edits that wait, after so many ms. */
  | { type: "taken"; build: Build; latency: number }
  /** The server will never take the first of the edits that wait. */
  | { type: "given_up"; problem: Problem }
  | { type: "refused"; problem: Problem }
  | { type: "refusal_read" }
  | { type: "unreachable"; problem: Problem | null }
  /** The build cannot be opened as it is; taken: the first of the edits that wait is in it. */
  | { type: "broken"; build: BrokenBuild; problem: Problem; taken: boolean }
  | { type: "kept"; whole: boolean }
  | { type: "missing" }
  /** Another window changed the build meanwhile. */
  | { type: "conflicted"; build: Build }
  | { type: "settled"; choice: "theirs" | "mine" }
  | { type: "lit"; selection: Selection }
  | { type: "entered"; id: string | null }
  | { type: "cut"; cuts: CutLine[] };

export const MOST_CUTS = 3;

export const fresh = (id: number, queue: Edit[]): Session => ({
  id,
  build: null,
  broken: null,
  file: null,
  queue,
  saving: "saved",
  away: null,
  unkept: false,
  selection: { pointer: null, step: null },
  within: null,
  root: "",
  cuts: null,
  conflict: null,
  refused: null,
  missing: false,
  latency: null,
});

/** A copy of the file with the edits applied; an edit that no longer fits is left out. */
export function applied(file: PlinthFile, queue: Pick<Edit, "patch">[]): PlinthFile {
  return queue.reduce((before, edit) => {
    try {
      return jsonpatch.applyPatch(before, edit.patch as Operation[], true, false).newDocument as PlinthFile;
    } catch (error) {
      if (error instanceof jsonpatch.JsonPatchError) return before;
      throw error;
    }
  }, file);
}

/** The session after something happened to it. */
export function sessionAfter(state: Session, action: SessionAction): Session {
  switch (action.type) {
    case "loaded":
      return { ...holding(state, action.build, state.queue), selection: stillThere(state.selection, action.build) };
    case "taken":
      return { ...holding(state, action.build, state.queue.slice(1)), latency: action.latency };
    case "edited": {
      const saving = state.saving === "waiting" ? "waiting" : "saving";
      return { ...queued(state, [...state.queue, action.edit]), refused: null, saving };
    }
    case "withdrawn": {
      const queue = state.queue.slice(0, -1);
      return { ...queued(state, queue), saving: queue.length ? "saving" : "saved" };
    }
    case "given_up":
      return { ...queued(state, state.queue.slice(1)), refused: action.problem };
    case "sending":
      return { ...state, saving: state.queue.length ? "saving" : "saved" };
    case "refused":
      return { ...state, refused: action.problem };
    case "refusal_read":
      return { ...state, refused: null };
    case "unreachable":
      return { ...state, saving: "waiting", away: action.problem };
    case "broken": {
      const queue = action.taken ? state.queue.slice(1) : state.queue;
      const file = applied(action.build.file as unknown as PlinthFile, queue);
      const saving = queue.length ? "saving" : "saved";
      return { ...state, build: null, broken: { build: action.build, problem: action.problem }, file, queue, saving, missing: false };
    }
    case "kept":
      return { ...state, unkept: !action.whole };
    case "missing":
      return { ...state, missing: true };
    case "conflicted":
      return { ...state, conflict: action.build };
    case "settled": {
      if (!state.conflict) return state;
      return { ...holding(state, state.conflict, action.choice === "mine" ? state.queue : []), conflict: null };
    }
    case "lit":
      return { ...state, selection: action.selection };
    case "entered":
      return { ...state, within: action.id, selection: { pointer: null, step: null } };
    case "cut":
      return { ...state, cuts: action.cuts.slice(0, MOST_CUTS) };
  }
}

/** What did not change is the same object as before, so that what is drawn of it need not be drawn anew. */
const sharing = <T>(before: T | null, now: T): T => replaceEqualDeep(before, now) as T;

const holding = (state: Session, build: Build, queue: Edit[]): Session => ({
  ...state,
  build: sharing(state.build, build),
  broken: null,
  queue,
  file: sharing(state.file, applied(build.file, queue)),
  saving: queue.length ? "saving" : "saved",
  missing: false,
});

const queued = (state: Session, queue: Edit[]): Session => ({
  ...state,
  queue,
  file: sharing(state.file, applied((held(state)?.file ?? state.file) as PlinthFile, queue)),
});

/** What the server has of the build, whether or not it can be opened. */
export const held = (state: Session): Build | BrokenBuild | null => state.build ?? state.broken?.build ?? null;

/** A step whose course was given a name is called otherwise: it stays the one that is open. */
function stillThere(selection: Session["selection"], build: Build): Session["selection"] {
  const { step, pointer } = selection;
  if (step === null || pointer === null) return selection;
  const { steps } = build.evaluation;
  if (steps.some((one) => one.id === step)) return selection;
  return { pointer, step: steps.find((one) => one.where[0] === pointer)?.id ?? null };
}
