import { type IDBPDatabase, openDB } from "idb";
import { create } from "zustand";
import { api, Refused, Unreachable } from "../api/client";
import type { BenchEvent } from "../api/types";
import { eventMoment, instantNow } from "./clock";
import { tell } from "./outbox";

/** A photograph that the server has not taken yet: of which build, what it is told with, and when it was taken. */
interface Waiting {
  order: number;
  build: number;
  file: Blob;
  data: BenchEvent["data"] | null;
  at: string;
}

const NAME = "green-plinth-pictures";
const STORE = "waiting";
/** Between two tries while the server is away, ms. */
const RETRY_MS = 4000;
type Kept = { waiting: { key: number; value: Waiting } };
let opened: Promise<IDBPDatabase<Kept>> | null = null;
const database = () => {
  opened ??= openDB<Kept>(NAME, 1, { upgrade: (made) => void made.createObjectStore(STORE, { keyPath: "order", autoIncrement: true }) });
  return opened;
};
let timer: ReturnType<typeof setTimeout> | undefined;
let sending = false;

/** How many photographs wait here, and what the server would not take of those that waited. */
export const usePictures = create<{ waiting: number; refused: string | null }>(() => ({ waiting: 0, refused: null }));

/** Sends a photograph and tells of it; where the server is away it is kept on this device and sent when it is back.
 * @returns its number, or null while it waits; raises Refused */
export async function addPicture(build: number, file: Blob, data: BenchEvent["data"] | null): Promise<number | null> {
  const at = eventMoment(instantNow());
  try {
    return await send(build, file, data, at);
  } catch (error) {
    if (!(error instanceof Unreachable)) throw error;
    await (await database()).add(STORE, { build, file, data, at } as Waiting);
    await later();
    return null;
  }
}

async function send(build: number, file: Blob, data: BenchEvent["data"] | null, at: string): Promise<number> {
  const { number } = await api.addPicture(build, file as File);
  if (data) await tell(build, "pictured", { at, data: { ...data, picture: number } });
  return number;
}

/** Sends what waits, the oldest first, until the server is away again. */
export async function sendPictures(): Promise<void> {
  if (sending) return;
  sending = true;
  clearTimeout(timer);
  try {
    for (const one of await (await database()).getAll(STORE)) {
      try {
        await send(one.build, one.file, one.data, one.at);
      } catch (error) {
        if (error instanceof Unreachable) break;
        if (!(error instanceof Refused)) throw error;
        usePictures.setState({ refused: error.problem.problems?.map((problem) => problem.message).join("; ") ?? error.problem.detail });
      }
      await (await database()).delete(STORE, one.order);
    }
  } finally {
    sending = false;
  }
  await later();
}

async function later(): Promise<void> {
  const waiting = (await (await database()).getAll(STORE)).length;
  usePictures.setState({ waiting });
  clearTimeout(timer);
  if (waiting) timer = setTimeout(() => void sendPictures(), RETRY_MS);
}
