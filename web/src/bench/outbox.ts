import { type IDBPDatabase, openDB } from "idb";
import { create } from "zustand";
import { api, Refused, Unreachable } from "../api/client";
import type { BenchEvent, Problem } from "../api/types";
import { uuid } from "../common/uuid";
import { eventMoment, instantNow, useClock } from "./clock";

/** An event on its way: of which build, and in which order it was told here. */
export interface Waiting {
  order: number;
  build: number;
  event: BenchEvent;
}

interface Outbox {
  waiting: Waiting[];
  /** Whether the server was away at the last try. */
  away: boolean;
  /** What the server would not take, and why; it stays until the maker has read it. */
  refused: { waiting: Waiting; problem: Problem } | null;
}

export const useOutbox = create<Outbox>(() => ({ waiting: [], away: false, refused: null }));

const NAME = "green-plinth-bench";
const STORE = "events";
/** Between two tries while the server is away, ms. */
const RETRY_MS = 3000;
/** Answers that say nothing against the event: who asks, or how often, may be otherwise in a moment. */
const PASSING = [401, 403, 408, 409, 429];
/** A tap waits no longer for the server's clock than this, ms: then this device's has to do. */
const CLOCK_MS = 1000;
/** So many go in one letter. */
const MOST = 100;

type Kept = { events: { key: number; value: Waiting } };
let opened: Promise<IDBPDatabase<Kept>> | null = null;
let sending = false;
let timer: ReturnType<typeof setTimeout> | undefined;
const sentOff = new Set<(build: number) => void>();

const database = () => {
  opened ??= openDB<Kept>(NAME, 1, {
    upgrade: (made) => void made.createObjectStore(STORE, { keyPath: "order", autoIncrement: true }),
  });
  return opened;
};

/** Calls back when the server has taken events of a build. @returns how to stop that */
export function onSent(reader: (build: number) => void): () => void {
  sentOff.add(reader);
  return () => sentOff.delete(reader);
}

/** Reads what waits since the page was open last, and sends it. */
export async function resume(): Promise<void> {
  useOutbox.setState({ waiting: await (await database()).getAll(STORE) });
  void send();
}

/** The server is there again: what waits is sent at once. */
export function heardOf(): void {
  if (useOutbox.getState().waiting.length) void send();
  else useOutbox.setState({ away: false });
}

/** Something that happened, now or at another instant: kept on this device first, then sent. */
export async function tell(
  build: number,
  kind: BenchEvent["kind"],
  more: Partial<Omit<BenchEvent, "id" | "kind">> = {},
): Promise<BenchEvent> {
  if (!useClock.getState().known) await askClock();
  const event = { id: uuid(), kind, at: eventMoment(nextInstant()), ...more } as BenchEvent;
  const kept = { build, event } as Waiting;
  kept.order = await (await database()).add(STORE, kept as Waiting);
  useOutbox.setState(({ waiting }) => ({ waiting: [...waiting, kept] }));
  void send();
  return event;
}

/** The clock is set right by up to so much between two taps, and the second has still happened after the first, ms. */
const SET_RIGHT_MS = 5000;
let last = Number.NEGATIVE_INFINITY;
function nextInstant(): number {
  const now = instantNow();
  last = now <= last && last - now < SET_RIGHT_MS ? last + 1 : now;
  return last;
}

/** By how much this device's clock is wrong, before the first thing is told by it; nothing where the server is away. */
async function askClock(): Promise<void> {
  const asked = Date.now();
  const told = api.session().then(
    ({ instant }) => void useClock.getState().heard(instant, asked, Date.now()),
    () => undefined,
  );
  await Promise.race([told, new Promise((later) => setTimeout(later, CLOCK_MS))]);
}

/** Sends what waits, a build at a time, in the order in which it was told; what waits stays until the server has it. */
export async function send(): Promise<void> {
  if (sending) return;
  sending = true;
  clearTimeout(timer);
  try {
    for (let next = letter(); next; next = letter()) {
      if (!(await sent(next))) break;
    }
  } finally {
    sending = false;
  }
}

function letter(): Waiting[] | null {
  const { waiting } = useOutbox.getState();
  const first = waiting[0];
  return first ? waiting.filter((one) => one.build === first.build).slice(0, MOST) : null;
}

async function sent(list: Waiting[]): Promise<boolean> {
  const asked = Date.now();
  try {
    const told = await api.tell(
      list[0].build,
      list.map((one) => one.event),
    );
    useClock.getState().heard(told.instant, asked, Date.now());
    await drop(list);
    useOutbox.setState({ away: false });
    for (const reader of sentOff) reader(list[0].build);
    return true;
  } catch (error) {
    if (error instanceof Unreachable) return later();
    if (!(error instanceof Refused)) throw error;
    if (PASSING.includes(error.problem.status)) return later();
    // One that is refused holds none of the others up: they go one by one.
    if (list.length > 1) return (await sent(list.slice(0, 1))) && true;
    useOutbox.setState({ refused: { waiting: list[0], problem: error.problem }, away: false });
    await drop(list);
    return true;
  }
}

function later(): false {
  useOutbox.setState({ away: true });
  timer = setTimeout(() => void send(), RETRY_MS);
  return false;
}

async function drop(list: Waiting[]): Promise<void> {
  const kept = await database();
  await Promise.all(list.map((one) => kept.delete(STORE, one.order)));
  const gone = new Set(list.map((one) => one.order));
  useOutbox.setState(({ waiting }) => ({ waiting: waiting.filter((one) => !gone.has(one.order)) }));
}
