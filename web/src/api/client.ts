import type {
  Arrangement,
  Batch,
  Build,
  Busy,
  Catalogue,
  Chance,
  Comparison,
  CutLine,
  Dated,
  Drainage,
  DryingNote,
  Entry,
  Fit,
  Now,
  PatchOperation,
  Plan,
  PlinthFile,
  Point,
  Presets,
  Problem,
  Relief,
  Rescue,
  ScaleCheck,
  ScaleLength,
  ScaleTable,
  SchoolCost,
  SheetStacks,
  ShelfBuild,
  SightView,
  Sliced,
  Solid,
  StepMark,
  Stocked,
  Templates,
  WhyNot,
} from "./types";

/** The server answered, and the answer is no. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {}

let token: string | null = null;

async function fetched(path: string, init?: RequestInit): Promise<Response> {
  try {
    return await fetch(path, { credentials: "same-origin", ...init });
  } catch {
    throw new Unreachable("The server cannot be reached.");
  }
}

async function answer<T>(response: Response): Promise<T> {
  if (response.status === 204) return undefined as T;
  const body = await response.json().catch(() => null);
  if (response.ok) return body as T;
  // A proxy or a server going down answers without a problem document.
  if (body === null || response.status >= 502) throw new Unreachable("The server cannot be reached.");
  throw new Refused(body as Problem);
}

async function session(): Promise<string> {
  token ??= (await answer<{ csrf_token: string }>(await fetched("/api/session"))).csrf_token;
  return token;
}

/** With the token at hand the request leaves at once, before the page has drawn anything: no waiting stands before `fetch`. */
async function send<T>(method: string, path: string, body?: unknown): Promise<T> {
  const text = body === undefined ? undefined : typeof body === "string" ? body : JSON.stringify(body);
  const attempt = (held: string) =>
    fetched(path, { method, headers: { "Content-Type": "application/json", "X-CSRF-Token": held }, body: text });
  let response = await (token === null ? session().then(attempt) : attempt(token));
  if (response.status === 403) {
    // The session is another one now, after a restart with a new database: ask for its token once.
    token = null;
    response = await attempt(await session());
  }
  return answer<T>(response);
}

async function get<T>(path: string): Promise<T> {
  return answer<T>(await fetched(path));
}

/** A query of what is given; empty values are left out. */
const query = (values: Record<string, string | number | undefined>) =>
  new URLSearchParams(
    Object.entries(values)
      .filter(([, value]) => value !== undefined && value !== "")
      .map(([key, value]) => [key, String(value)]),
  ).toString();

const cut = (lines: CutLine[] | null) => (lines ? { sections: lines } : {});

export const api = {
  shelf: () => get<ShelfBuild[]>("/api/builds"),
  catalogue: () => get<Catalogue>("/api/catalogue"),
  build: (id: number, lines: CutLine[] | null) =>
    get<Build>(`/api/builds/${id}${lines ? `?sections=${lines.map((line) => line.join(",")).join(";")}` : ""}`),
  create: (file: PlinthFile | string) => send<Build>("POST", "/api/builds", file),
  change: (id: number, version: number, label: string, patch: PatchOperation[], lines: CutLine[] | null) =>
    send<Build>("PATCH", `/api/builds/${id}`, { version, label, patch, ...cut(lines) }),
  move: (id: number, version: number, direction: "undo" | "redo", lines: CutLine[] | null) =>
    send<Build>("POST", `/api/builds/${id}/${direction}`, { version, ...cut(lines) }),
  remove: (id: number) => send<void>("DELETE", `/api/builds/${id}`),
  samples: () => send<ShelfBuild[]>("POST", "/api/samples"),
  outline: (drawing: { svg: string } | { dxf: string }) => send<{ points_mm: number[][] }>("POST", "/api/outlines", drawing),
  fit: (id: number, patch: PatchOperation[]) => send<Fit>("POST", `/api/builds/${id}/fit`, { patch }),
  sight: (id: number, direction: number, elevation: number) => get<SightView>(`/api/builds/${id}/sight?${query({ direction, elevation })}`),
  arrangements: (id: number, seed: number) => send<Arrangement[]>("POST", `/api/builds/${id}/arrangements`, { seed }),
  presets: (ratio: number) => get<Presets>(`/api/presets?${query({ ratio })}`),
  scale: (ratio: number) => get<ScaleTable>(`/api/scale?${query({ ratio })}`),
  scaleLength: (ratio: number, typed: { real?: string; model?: string }) =>
    get<ScaleLength>(`/api/scale/length?${query({ ratio, ...typed })}`),
  scaleCheck: (ratio: number, asked: { kind: string; low: string; high: string; represents: string }) =>
    get<ScaleCheck>(`/api/scale/check?${query({ ratio, ...asked })}`),
  scaleResize: (ratio: number, from: { from?: string; real?: string; present?: string }) =>
    get<{ percent: number }>(`/api/scale/resize?${query({ ratio, ...from })}`),
  forecast: (id: number, patch: PatchOperation[]) => send<Dated>("POST", `/api/builds/${id}/forecast`, { patch }),
  now: (at: string | null) => get<Now>(`/api/now?${query({ at: at ?? undefined })}`),
  busy: (id: number, text: string) => send<Busy>("POST", `/api/builds/${id}/busy`, { text }),
  chance: (id: number) => get<Chance>(`/api/builds/${id}/chance`),
  rescues: (id: number) => get<Rescue[]>(`/api/builds/${id}/rescues`),
  schools: (id: number) => get<SchoolCost[]>(`/api/builds/${id}/schools`),
  batch: (id: number) => get<Batch>(`/api/builds/${id}/batch`),
  compare: (id: number, other: { build: number } | { patch: PatchOperation[] }) =>
    send<Comparison>("POST", `/api/builds/${id}/compare`, other),
  mark: (id: number, mark: StepMark) => send<{ patch: PatchOperation[] }>("POST", `/api/builds/${id}/mark`, mark),
  entry: (kind: string, key: string) => get<Entry>(`/api/catalogue/${kind}/${key}`),
  putEntry: (kind: string, key: string, entry: Record<string, unknown>) => send<Entry>("PUT", `/api/catalogue/${kind}/${key}`, entry),
  deleteEntry: (kind: string, key: string) => send<void>("DELETE", `/api/catalogue/${kind}/${key}`),
  stock: (text: string) => send<Stocked>("POST", "/api/catalogue/own", text),
  ownEntries: "/api/catalogue/own",
  dryings: () => get<DryingNote[]>("/api/dryings"),
  noteDrying: (id: number, step: string, observed_min: number) =>
    send<DryingNote>("POST", `/api/builds/${id}/dried`, { step, observed_min }),
  strikeDrying: (id: number) => send<void>("DELETE", `/api/dryings/${id}`),
  plan: () => get<Plan>("/api/plan"),
  whyNot: (id: number, first: string, later: string) => get<WhyNot>(`/api/builds/${id}/why-not?${query({ first, later })}`),
  relief: (id: number, interval: number | null) => get<Relief>(`/api/builds/${id}/relief?${query({ interval: interval ?? undefined })}`),
  drainage: (id: number, [x, y]: Point) => get<Drainage>(`/api/builds/${id}/drainage?${query({ x, y })}`),
  solid: (id: number, at: string | null) => get<Solid>(`/api/builds/${id}/solid?${query({ at: at ?? undefined })}`),
  templates: (id: number) => get<Templates>(`/api/builds/${id}/templates`),
  sheets: (material: string, height: number) => get<SheetStacks>(`/api/sheets?${query({ material, height })}`),
  slices: (id: number, form: number, sheet_mm: number) => send<Sliced>("POST", `/api/builds/${id}/slices`, { form, sheet_mm }),
  heightMap: (id: number, map: { data: string; height_mm: number; sheet_mm: number; material: string }) =>
    send<Sliced>("POST", `/api/builds/${id}/height-map`, map),
  exported: (id: number, format: "json" | "ics" | "csv" | "svg" | "pdf" | "dxf" | "stl" | "cut-svg", page?: string) =>
    `/api/builds/${id}/export.${format}${page ? `?page=${page}` : ""}`,
};
