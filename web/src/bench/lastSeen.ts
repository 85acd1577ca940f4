import { type IDBPDatabase, openDB } from "idb";
import { Unreachable } from "../api/client";

const NAME = "green-plinth-seen";
const STORE = "seen";
/** So many builds are kept, those that were seen last. */
const MOST_BUILDS = 8;

interface Seen {
  key: string;
  value: unknown;
  at: number;
}
type Kept = { seen: { key: string; value: Seen } };
let opened: Promise<IDBPDatabase<Kept>> | null = null;
const database = () => {
  opened ??= openDB<Kept>(NAME, 1, { upgrade: (made) => void made.createObjectStore(STORE, { keyPath: "key" }) });
  return opened;
};

/** What was told without the server, as it was seen last. */
const old = new WeakSet<object>();
export const isOld = (value: unknown): boolean => typeof value === "object" && value !== null && old.has(value);

/** Keeps what the bench shows on this device, for when the server is away. A browser that keeps nothing does without. */
export async function keepSeen(key: string, value: object): Promise<void> {
  try {
    const kept = await database();
    await kept.put(STORE, { key, value, at: Date.now() });
    const kind = key.split(":")[0];
    const rows = (await kept.getAll(STORE)).filter((row) => row.key.startsWith(`${kind}:`)).sort((a, b) => b.at - a.at);
    await Promise.all(rows.slice(MOST_BUILDS).map((row) => kept.delete(STORE, row.key)));
  } catch (error) {
    if (!(error instanceof DOMException)) throw error;
  }
}

export async function lastSeen<T extends object>(key: string): Promise<T | null> {
  const row = await (await database()).get(STORE, key);
  if (row) old.add(row.value as object);
  return (row?.value as T | undefined) ?? null;
}

/** What the server says, kept for later; where it is away, as it was seen last. */
export async function seenOr<T extends object>(key: string, asked: () => Promise<T>): Promise<T> {
  try {
    const value = await asked();
    void keepSeen(key, value);
    return value;
  } catch (error) {
    const kept = error instanceof Unreachable ? await lastSeen<T>(key) : null;
    if (!kept) throw error;
    return kept;
  }
}

/** Whoever is let in no longer sees nothing of it. */
export const forgetSeen = async (): Promise<void> => {
  await (await database()).clear(STORE);
};
