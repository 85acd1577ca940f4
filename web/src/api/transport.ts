import createClient, { type Middleware } from "openapi-fetch";
import { patched } from "./patched";
import type { paths } from "./schema";
import type { BrokenBuild, Build, Inquiry, PatchOperation, Problem } from "./types";

/** The server answered, and the answer is no. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** Nothing certain came back: the server is away, or broke down over it, or did not answer in time. What was sent may or may not have been taken. */
export class Unreachable extends Error {
  /** @param problem what the server said of itself, where it said something */
  constructor(readonly problem: Problem | null = null) {
    super(problem?.detail ?? "The server cannot be reached.");
  }
}

/** Longer than anything the server works on, ms: an answer that is not here by then is lost. */
const PATIENCE_MS = 30_000;

export const server = createClient<paths>({
  credentials: "same-origin",
  fetch: (request) => fetch(request, { signal: AbortSignal.any([request.signal, AbortSignal.timeout(PATIENCE_MS)]) }),
  bodySerializer: (body) => (typeof body === "string" ? body : JSON.stringify(body)),
});

let token: string | null = null;
async function session(): Promise<string> {
  token ??= (await answer(server.GET("/api/session"))).csrf_token;
  return token;
}

/** Whatever changes something carries the session's token. With the token at hand it leaves at once, before the page has drawn anything. */
const withToken: Middleware = {
  async onRequest({ request }) {
    if (request.method === "GET") return;
    request.headers.set("X-CSRF-Token", token ?? (await session()));
    // A text is JSON, unless it says what it is.
    if (!/^(application\/|image\/|text\/csv)/.test(request.headers.get("Content-Type") ?? ""))
      request.headers.set("Content-Type", "application/json");
    // Kept for a second try: what was sent cannot be read again.
    again.set(request, request.clone());
    return request;
  },
  async onResponse({ request, response }) {
    // The session is over: the page that asks for the password comes, and what was not saved waits meanwhile.
    if (response.status === 401) await leave();
    const second = again.get(request);
    if (response.status !== 403 || !second) return;
    // The session is another one now, after a restart with a new database: its token is asked for once.
    token = null;
    second.headers.set("X-CSRF-Token", await session());
    return fetch(second);
  },
  onError: () => new Unreachable(),
};
/** Nothing of what was seen stays on a device that is let in no longer. */
async function leave() {
  await Promise.all(leaving.map((forget) => forget()));
  location.assign("/login");
}
const leaving: (() => Promise<void>)[] = [];
export const onLeaving = (forget: () => Promise<void>): void => void leaving.push(forget);

const again = new WeakMap<Request, Request>();
server.use(withToken);

/** What was answered; raises Refused, or Unreachable where the server, or a proxy before it, failed at answering. */
export async function answer<T>(asked: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await asked;
  if (response.ok) return data as T;
  const problem = typeof error === "object" && error !== null ? (error as Problem) : null;
  // 429: the server is busy with other questions. What waits is sent again, as after an outage.
  if (response.status >= 500 || response.status === 429 || !problem) throw new Unreachable(problem);
  throw new Refused(problem);
}

/** A build that changes are based on: whole, or as much as is known of one that cannot be opened. */
export type Held = Build | BrokenBuild;
export const since = (held: Held) => ("told" in held && held.told ? { since: held.told } : {});

/** The build as it is after a change: told whole, or as what is different of the one that is held. */
export async function changed(
  held: Held,
  asked: Promise<{ data?: Build | PatchOperation[]; error?: unknown; response: Response }>,
): Promise<Build> {
  const data = await answer(asked);
  return Array.isArray(data) ? patched(held as Build, data) : (data as Build);
}

/** What a heavy question came to, or how far it has come. */
export type Heavy<T> = { answer: T; underWay: null } | { answer: null; underWay: Inquiry };

/** A question that is answered beside the server: with the answer once it is there, until then with how far it has come (202). */
export async function heavy<T>(asked: Promise<{ data?: T | Inquiry; error?: unknown; response: Response }>): Promise<Heavy<T>> {
  const { response } = await asked;
  const data = await answer(asked);
  return response.status === 202 ? { answer: null, underWay: data as Inquiry } : { answer: data as T, underWay: null };
}
