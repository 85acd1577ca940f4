import { preferred } from "./preferences";

/** Words for numbers, moments and money, all by the browser's own formats. Moments are the workshop's local time, "2027-03-01T19:30", and stay so. */

/** A moment as a date that does its sums in UTC, so that no daylight saving of this computer's moves it. */
export const at = (moment: string): Date => new Date(`${moment.length === 10 ? `${moment}T00:00` : moment.slice(0, 16)}Z`);
export const minutesOf = (moment: string): number => at(moment).getTime() / 60000;

const formats = new Map<string, Intl.DateTimeFormat>();
function format(options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = JSON.stringify(options);
  const found = formats.get(key) ?? new Intl.DateTimeFormat("en-GB", { timeZone: "UTC", ...options });
  formats.set(key, found);
  return found;
}
const parts = (date: Date, options: Intl.DateTimeFormatOptions) =>
  Object.fromEntries(
    format(options)
      .formatToParts(date)
      .map(({ type, value }) => [type, value]),
  );

/** "Tue 2 Mar", and the year where it is another one than now. */
export function dayWords(date: Date): string {
  const { weekday, day, month, year } = parts(date, { weekday: "short", day: "numeric", month: "short", year: "numeric" });
  return `${weekday} ${day} ${month}${Number(year) === new Date().getFullYear() ? "" : ` ${year}`}`;
}

/** "2 Mar" where the day of the week says nothing, and the year where it is another one than now. */
export function dateWords(day: string): string {
  return dayWords(at(day)).replace(/^\S+ /, "");
}

/** "19:30" or "7:30 pm". */
export const clockWords = (moment: string): string => clockOf(at(moment));
export const clockOf = (date: Date): string =>
  preferred("clock") === "24"
    ? format({ hour: "2-digit", minute: "2-digit", hourCycle: "h23" }).format(date)
    : format({ hour: "numeric", minute: "2-digit", hourCycle: "h12" }).format(date);
export const momentWords = (moment: string): string => `${dayWords(at(moment))}, ${clockWords(moment)}`;

/** Now, as the workshop's wall clock shows it. */
export const nowMoment = (): string => {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60000).toISOString().slice(0, 16);
};

export function span(minutes: number | null | undefined): string {
  if (minutes === null || minutes === undefined) return "unknown";
  if (minutes === 0) return "0 min";
  if (minutes < 1) return `${Math.round(minutes * 60)} s`;
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  // Over a day, minutes would say more than anybody knows.
  if (hours >= 24 && hours < 48) return `${Math.round(whole / 60)} h`;
  if (hours < 24) return rest ? `${hours} h ${rest} min` : `${hours} h`;
  return `${short(whole / 1440)} days`;
}

export function short(value: number): string {
  const size = Math.abs(value);
  // What is small is not nothing.
  if (size > 0 && size < 0.005) return String(Number(value.toPrecision(1)));
  return String(Number(value.toFixed(size >= 100 ? 0 : size >= 10 ? 1 : 2)));
}

/** What shape and size a base is, from the box it fills. */
export function shapeWords(kind: string, width: number, depth: number): string {
  const called = kind === "polygon" ? "drawn shape," : kind;
  return `${called} ${kind === "round" ? mm(width) : sizeWords(width, depth)}`;
}

/** Source: the international inch and the avoirdupois ounce (1959). */
export const MM_PER_INCH = 25.4;
export const G_PER_OUNCE = 28.349523125;

export const mm = (value: number | null | undefined): string => {
  if (value === null || value === undefined) return "unknown";
  return preferred("length") === "in" ? `${short(value / MM_PER_INCH)} in` : `${short(value)} mm`;
};
/** "120 × 90 mm" or "4.72 × 3.54 in". */
export const sizeWords = (...sides: number[]): string =>
  preferred("length") === "in"
    ? `${sides.map((side) => short(side / MM_PER_INCH)).join(" × ")} in`
    : `${sides.map((side) => short(side)).join(" × ")} mm`;
export const grams = (value: number | null | undefined): string => {
  if (value === null || value === undefined) return "unknown";
  return preferred("mass") === "oz" ? `${Number((value / G_PER_OUNCE).toFixed(3))} oz` : `${short(value)} g`;
};

/** Money in the smallest unit of the chosen currency; how many make one, and its sign, the browser knows (ISO 4217). */
export function money(minor: number | null | undefined): string {
  if (minor === null || minor === undefined) return "unknown";
  const { format: formatted, decimals } = currency(preferred("currency"));
  return formatted(minor / 10 ** decimals);
}
export function currency(code: string) {
  const found = new Intl.NumberFormat("en", { style: "currency", currency: code, currencyDisplay: "narrowSymbol" });
  return { format: (value: number) => found.format(value), decimals: found.resolvedOptions().maximumFractionDigits ?? 2 };
}

export const plain = (key: string): string => key.replaceAll("_", " ");
/** A way of working, by the title of its steps: what fills the gaps is not known yet. */
export const wayWords = (title: string): string =>
  title.replace(/:? ?%\{\w+\}/g, (gap) => (gap.startsWith(":") ? "" : `${gap.startsWith(" ") ? " " : ""}…`));
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
export const count = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

const UNIT_WORDS: Record<string, [string, string]> = { piece: ["piece", "pieces"], sheet: ["sheet", "sheets"] };
export function amountWords(amount: number | null, unit: string | null): string {
  if (amount === null || unit === null) return "unknown";
  if (unit === "mm2") return `${short(amount / 100)} cm²`;
  if (unit === "g") return grams(amount);
  const words = UNIT_WORDS[unit];
  if (words) return `${short(amount)} ${amount === 1 ? words[0] : words[1]}`;
  return `${short(amount)} ${unit === "cm2" ? "cm²" : unit}`;
}

export const airWords = (air: { temperature_c: number; humidity_pct: number }): string =>
  `${short(air.temperature_c)} °C, ${short(air.humidity_pct)} % humidity`;
