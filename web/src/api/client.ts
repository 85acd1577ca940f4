import { patched } from "./patched";
import type { components } from "./schema";
import { answer, changed, type Held, heavy, Refused, server, since } from "./transport";
import type {
  Arrangement,
  BenchEvent,
  Build,
  Chance,
  CutLine,
  JarData,
  LongerSearch,
  Outline,
  PatchOperation,
  PlinthFile,
  Point,
  Preferences,
  Recipe,
  Rescue,
  SchoolCost,
  SightView,
  UnderlayAsked,
} from "./types";

export { type Heavy, Refused, Unreachable } from "./transport";

const zipped = { "Content-Type": "application/zip" };
const of = (id: number) => ({ path: { id } });
const cut = (lines: CutLine[] | null) => (lines ? { sections: lines } : {});
const asText = (lines: CutLine[] | null) => (lines ? { sections: lines.map((line) => line.join(",")).join(";") } : {});
/** Without the empty values. */
const given = <T extends Record<string, unknown>>(values: T): T =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined && value !== null && value !== "")) as T;
/** A file as it was chosen: the server reads it, and says what is wrong with it. */
const unread = (text: string) => text as never;

export type ShelfWanted = { search?: string; sort?: ShelfSort; from?: number; limit?: number };
export type ShelfSort = "newest" | "ready" | "title";

export type EntryKind = "materials" | "techniques" | "recipes" | "stacks";
type Schemas = components["schemas"];
export type CardWanted = Schemas["CardWanted"];
export type ScalesCommand = Schemas["ScalesCommand"];
export type Pouring = Schemas["Pouring"];
export type ToneWanted = Schemas["ToneWanted"];
export type BatchTone = Schemas["BatchTone"];

/** Every question to the server, each typed by the path that docs/openapi.json describes. */
export const api = {
  session: () => answer(server.GET("/api/session")),
  shelf: (wanted: ShelfWanted) => answer(server.GET("/api/builds", { params: { query: given(wanted) } })),
  catalogue: () => answer(server.GET("/api/catalogue")),
  build: (id: number, lines: CutLine[] | null) =>
    answer<Build>(server.GET("/api/builds/{id}", { params: { ...of(id), query: asText(lines) } })),
  create: (file: PlinthFile | string): Promise<{ id: number }> =>
    answer<Build>(server.POST("/api/builds", { body: unread(file as string) })).catch((error) => {
      // It is kept, and opens for mending.
      if (error instanceof Refused && error.problem.broken) return error.problem.broken;
      throw error;
    }),
  /** @param held the build as it is known here, which the change is based on */
  change: (held: Held, edit: { id: string; label: string; patch: PatchOperation[] }, lines: CutLine[] | null) =>
    changed(
      held,
      server.PATCH("/api/builds/{id}", {
        params: of(held.id),
        body: { id: edit.id, version: held.version, label: edit.label, patch: edit.patch, ...since(held), ...cut(lines) },
      }),
    ),
  move: (held: Held, direction: "undo" | "redo", lines: CutLine[] | null) =>
    changed(
      held,
      server.POST(`/api/builds/{id}/${direction}`, {
        params: of(held.id),
        body: { version: held.version, ...since(held), ...cut(lines) },
      }),
    ),
  remove: (id: number) => answer(server.DELETE("/api/builds/{id}", { params: of(id) })),
  deleted: () => answer(server.GET("/api/deleted-builds")),
  bringBack: (id: number) => answer(server.POST("/api/deleted-builds/{id}", { params: of(id) })),
  samples: () => answer(server.POST("/api/samples")),
  outline: (drawing: { svg: string } | { dxf: string }) => answer(server.POST("/api/outlines", { body: drawing })),
  starts: () => answer(server.GET("/api/starts")),
  /** @param of a start by its key, or the scheme of a build */
  startMade: (of: { start: string } | { build: number }, scale: number, outline?: Outline) =>
    answer(server.POST("/api/starts", { body: { ...of, scale, ...given({ outline }) } as never })),
  /** @param part of the build that is asked of: a variant or a body; undefined: the rest */
  fit: (id: number, patch: PatchOperation[], part?: string) =>
    answer(server.POST("/api/builds/{id}/fit", { params: { ...of(id), query: given({ of: part }) }, body: { patch } })),
  /** @param last the view as it was drawn last */
  sight: async (id: number, direction: number, elevation: number, last: SightView | null, part?: string) => {
    const query = { direction, elevation, ...given({ of: part }), ...(last ? { since: last.told } : {}) };
    const data = await answer<SightView | PatchOperation[]>(server.GET("/api/builds/{id}/sight", { params: { ...of(id), query } }));
    return Array.isArray(data) ? patched(last as SightView, data) : data;
  },
  arrangements: (id: number, seed: number) =>
    heavy<Arrangement[]>(server.POST("/api/builds/{id}/arrangements", { params: of(id), body: { seed } })),
  presets: (ratio: number) => answer(server.GET("/api/presets", { params: { query: { ratio } } })),
  scale: (ratio: number) => answer(server.GET("/api/scale", { params: { query: { ratio } } })),
  scaleLength: (ratio: number, typed: { real?: string; model?: string }) =>
    answer(server.GET("/api/scale/length", { params: { query: given({ ratio, ...typed }) } })),
  scaleCheck: (ratio: number, asked: { kind: string; low: string; high: string; represents: string }) =>
    answer(server.GET("/api/scale/check", { params: { query: given({ ratio, ...asked }) } })),
  scaleResize: (ratio: number, from: { from?: string; real?: string; present?: string }) =>
    answer(server.GET("/api/scale/resize", { params: { query: given({ ratio, ...from }) } })),
  forecast: (id: number, patch: PatchOperation[]) => answer(server.POST("/api/builds/{id}/forecast", { params: of(id), body: { patch } })),
  now: (at: string | null) => answer(server.GET("/api/now", { params: { query: given({ at: at ?? undefined }) } })),
  busy: (id: number, text: string) => answer(server.POST("/api/builds/{id}/busy", { params: of(id), body: { text } })),
  chance: (id: number) => heavy<Chance>(server.GET("/api/builds/{id}/chance", { params: of(id) })),
  rescues: (id: number) => heavy<Rescue[]>(server.GET("/api/builds/{id}/rescues", { params: of(id) })),
  schools: (id: number) => heavy<SchoolCost[]>(server.GET("/api/builds/{id}/schools", { params: of(id) })),
  longerSearch: (id: number) => heavy<LongerSearch>(server.GET("/api/builds/{id}/longer-search", { params: of(id) })),
  dropInquiry: (id: number) => answer(server.DELETE("/api/inquiries/{id}", { params: of(id) })),
  batch: (id: number) => answer(server.GET("/api/builds/{id}/batch", { params: of(id) })),
  compare: (id: number, other: { build: number } | { patch: PatchOperation[] }) =>
    answer(server.POST("/api/builds/{id}/compare", { params: of(id), body: other })),
  tell: (id: number, events: BenchEvent[]) => answer(server.POST("/api/builds/{id}/events", { params: of(id), body: { events } })),
  benchEvents: (id: number) => answer(server.GET("/api/builds/{id}/events", { params: of(id) })),
  bench: (id: number, at: string) => answer(server.GET("/api/builds/{id}/bench", { params: { ...of(id), query: { at } } })),
  moves: (id: number, since: number, at: string) =>
    answer(server.GET("/api/builds/{id}/moves", { params: { ...of(id), query: { since, at } } })),
  removal: (id: number, part: string, event: BenchEvent) =>
    answer(server.POST("/api/builds/{id}/removal", { params: of(id), body: { part, event } })),
  daybook: (id: number) => answer(server.GET("/api/builds/{id}/daybook", { params: of(id) })),
  remembered: (search: string) => answer(server.GET("/api/daybook", { params: { query: given({ search }) } })),
  devices: () => answer(server.GET("/api/devices")),
  pair: () => answer(server.POST("/api/pairings")),
  deleteDevice: (id: number) => answer(server.DELETE("/api/devices/{id}", { params: of(id) })),
  learnt: () => answer(server.GET("/api/learnt")),
  switchLearnt: (key: string, off: boolean) => answer(server.PUT("/api/learnt/{key}", { params: { path: { key } }, body: { off } })),
  forgetLearnt: (key: string) => answer(server.DELETE("/api/learnt/{key}", { params: { path: { key } } })),
  sizes: (id: number, query: { margin: number; width?: number; depth?: number }) =>
    answer(server.GET("/api/builds/{id}/sizes", { params: { ...of(id), query } })),
  pictures: (id: number) => answer(server.GET("/api/builds/{id}/pictures", { params: of(id) })),
  layUnderneath: (id: number, body: UnderlayAsked) => answer(server.POST("/api/builds/{id}/underlay", { params: of(id), body })),
  addPicture: (id: number, file: File) =>
    answer(
      server.POST("/api/builds/{id}/pictures", {
        params: of(id),
        body: file as never,
        bodySerializer: (body) => body as never,
        headers: { "Content-Type": file.type || "application/octet-stream" },
      }),
    ),
  entry: (kind: EntryKind, key: string) => answer(server.GET("/api/catalogue/{kind}/{key}", { params: { path: { kind, key } } })),
  putEntry: (kind: EntryKind, key: string, entry: Record<string, unknown>) =>
    answer(server.PUT("/api/catalogue/{kind}/{key}", { params: { path: { kind, key } }, body: entry })),
  materialPicture: (entry: Record<string, unknown>) => answer(server.POST("/api/drawn-material", { body: entry })),
  deleteEntry: (kind: EntryKind, key: string) => answer(server.DELETE("/api/catalogue/{kind}/{key}", { params: { path: { kind, key } } })),
  stock: (text: string) => answer(server.POST("/api/catalogue/own", { body: unread(text) })),
  ownEntries: "/api/catalogue/own",
  preferences: () => answer(server.GET("/api/preferences")),
  putPreferences: (chosen: Preferences) => answer(server.PUT("/api/preferences", { body: chosen })),
  stores: () => answer(server.GET("/api/stores")),
  addJar: (jar: JarData) => answer(server.POST("/api/stores", { body: jar })),
  putJar: (id: number, jar: JarData) => answer(server.PUT("/api/stores/{id}", { params: of(id), body: jar })),
  deleteJar: (id: number) => answer(server.DELETE("/api/stores/{id}", { params: of(id) })),
  bringStores: (text: string, table: boolean) =>
    answer(
      server.POST("/api/stores-file", {
        body: unread(text),
        headers: { "Content-Type": table ? "text/csv" : "application/json" },
      }),
    ),
  storesFile: (ending: "csv" | "json") => `/api/stores-file.${ending}`,
  reservations: () => answer(server.GET("/api/reservations")),
  provision: (id: number) => answer(server.GET("/api/builds/{id}/provision", { params: of(id) })),
  bought: (id: number) => answer(server.POST("/api/builds/{id}/bought", { params: of(id), body: {} })),
  palettes: () => answer(server.GET("/api/palettes", { params: { query: { limit: 200 } } })),
  recipes: () => answer(server.GET("/api/recipes")),
  recipeCopied: (id: number, key: string) => answer(server.GET("/api/builds/{id}/recipes/{key}", { params: { path: { id, key } } })),
  mixTold: (recipe: Recipe) => answer(server.POST("/api/mixing/told", { body: { recipe } })),
  mixCard: (wanted: CardWanted) => answer(server.POST("/api/mixing/card", { body: wanted })),
  mixPoured: (pouring: Pouring) => answer(server.POST("/api/mixing/poured", { body: pouring })),
  mixMatch: (wanted: ToneWanted) => answer(server.POST("/api/mixing/match", { body: wanted })),
  mixCorrect: (batch: BatchTone) => answer(server.POST("/api/mixing/correct", { body: batch })),
  mixSample: (tone: string, card: string) => answer(server.POST("/api/mixing/sample", { body: { tone, card } })),
  shopping: (builds: number[]) => answer(server.GET("/api/shopping", { params: { query: { builds: builds.join(",") } } })),
  shoppingFile: (builds: number[], ending: "csv" | "pdf") => `/api/shopping.${ending}?builds=${builds.join(",")}`,
  shoppingBought: (builds: number[]) => answer(server.POST("/api/shopping/bought", { params: { query: { builds: builds.join(",") } } })),
  scales: () => answer(server.GET("/api/scales")),
  climate: () => answer(server.GET("/api/climate")),
  commandScales: (command: ScalesCommand) => answer(server.POST("/api/scales", { body: command })),
  everything: "/api/everything",
  bringIn: (zip: File) =>
    answer(server.POST("/api/everything", { body: zip as never, bodySerializer: (body) => body as never, headers: zipped })),
  dryings: () => answer(server.GET("/api/dryings")),
  strikeDrying: (id: string) => answer(server.DELETE("/api/dryings/{id}", { params: { path: { id } } })),
  weeks: () => answer(server.GET("/api/weeks")),
  whyNot: (id: number, first: string, later: string) =>
    answer(server.GET("/api/builds/{id}/why-not", { params: { ...of(id), query: { first, later } } })),
  reckonings: (id: number, part?: string) =>
    answer(server.GET("/api/builds/{id}/reckonings", { params: { ...of(id), query: given({ of: part }) } })),
  relief: (id: number, interval: number | null, part?: string) =>
    answer(server.GET("/api/builds/{id}/relief", { params: { ...of(id), query: given({ interval: interval ?? undefined, of: part }) } })),
  drainage: (id: number, [x, y]: Point, part?: string) =>
    answer(server.GET("/api/builds/{id}/drainage", { params: { ...of(id), query: { x, y, ...given({ of: part }) } } })),
  solid: (id: number, at: string | null, part?: string) =>
    answer(server.GET("/api/builds/{id}/solid", { params: { ...of(id), query: given({ at: at ?? undefined, of: part }) } })),
  standing: (id: number, at: string, lines: CutLine[] | null) =>
    answer(server.GET("/api/builds/{id}/standing", { params: { ...of(id), query: { at, ...asText(lines) } } })),
  templates: (id: number) => answer(server.GET("/api/builds/{id}/templates", { params: of(id) })),
  sheets: (material: string, height: number) => answer(server.GET("/api/sheets", { params: { query: { material, height } } })),
  joined: (id: number, join: number[]) => answer(server.POST("/api/builds/{id}/grounds", { params: of(id), body: { join } })),
  split: (id: number, split: number, along: CutLine) =>
    answer(server.POST("/api/builds/{id}/grounds", { params: of(id), body: { split, along } })),
  slices: (id: number, form: number, sheet_mm: number) =>
    answer(server.POST("/api/builds/{id}/slices", { params: of(id), body: { form, sheet_mm } })),
  heightMap: (id: number, map: { data: string; height_mm: number; sheet_mm: number; material: string }) =>
    answer(server.POST("/api/builds/{id}/height-map", { params: of(id), body: map })),
  exported: (id: number, format: string, page?: string) => `/api/builds/${id}/export.${format}${page ? `?page=${page}` : ""}`,
};
