import type { Inquiry } from "../api/types";

/** How far a heavy question has come; "gone": nobody waits for it any more. */
type Progress = Omit<Inquiry, "state"> & { state: Inquiry["state"] | "gone" };
/** What the scales read, g. */
export interface Reading {
  g: number;
  stable: boolean;
  /** How often they were tared: a reading from before the last time is told by it. */
  tares: number;
  simulated: boolean;
}
/** What the server tells of builds, stores and own entries as they change, and of questions that are answered beside it. */
type News =
  | { versions: Record<string, number> }
  | { build: number; version: number }
  | { inquiry: Progress }
  | { stores: true }
  | { scales: Reading }
  | { workshop: true };
type Reader = (news: News) => void;

const NAME = "green-plinth-live";
const readers = new Set<Reader>();
const windows = typeof BroadcastChannel === "undefined" ? null : new BroadcastChannel(NAME);
let begun = false;

function tell(news: News) {
  for (const reader of readers) reader(news);
}

/** One stream for all windows of a browser: the window that holds the lock reads it, and tells the others. */
function begin() {
  if (begun) return;
  begun = true;
  windows?.addEventListener("message", (event) => tell(event.data as News));
  if (windows && navigator.locks) void navigator.locks.request(NAME, () => new Promise(() => read()));
  else read();
}

function read() {
  const events = new EventSource("/api/events");
  const pass = (news: News) => {
    tell(news);
    windows?.postMessage(news);
  };
  events.addEventListener("versions", (event) => pass({ versions: JSON.parse((event as MessageEvent).data) }));
  events.addEventListener("changed", (event) => pass(JSON.parse((event as MessageEvent).data)));
  events.addEventListener("stores", () => pass({ stores: true }));
  events.addEventListener("scales", (event) => pass({ scales: JSON.parse((event as MessageEvent).data) }));
  events.addEventListener("workshop", () => pass({ workshop: true }));
  events.addEventListener("inquiry", (event) => pass({ inquiry: JSON.parse((event as MessageEvent).data) }));
}

/** Calls back at whatever changes. @returns how to stop that */
export function onNews(reader: Reader): () => void {
  begin();
  readers.add(reader);
  return () => readers.delete(reader);
}

/** Calls back with the version of one build as it changes, or as it is when the server is back; 0: it is deleted. @returns how to stop that */
export function onVersion(build: number, reader: (version: number) => void): () => void {
  return onNews((news) => {
    if ("versions" in news) reader(news.versions[build] ?? 0);
    else if ("build" in news && news.build === build) reader(news.version);
  });
}

/** Calls back as a heavy question of one build comes farther. @returns how to stop that */
export function onInquiry(build: number, reader: (inquiry: Progress) => void): () => void {
  return onNews((news) => {
    if ("inquiry" in news && news.inquiry.build === build) reader(news.inquiry);
  });
}
