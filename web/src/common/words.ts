/** Words for numbers, moments and money. Moments are the workshop's local time, "2027-03-01T19:30", and stay so. */
const DAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"];
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** A moment as a date that does its sums in UTC, so that no daylight saving of this computer's moves it. */
export const at = (moment: string): Date => new Date(`${moment.length === 10 ? `${moment}T00:00` : moment.slice(0, 16)}Z`);
export const minutesOf = (moment: string): number => at(moment).getTime() / 60000;
export const dayWords = (date: Date): string => `${DAYS[date.getUTCDay()]} ${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}`;
export const clockWords = (moment: string): string => moment.slice(11, 16);
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
  if (hours < 48) return rest ? `${hours} h ${rest} min` : `${hours} h`;
  return `${short(whole / 1440)} days`;
}

export function short(value: number): string {
  const size = Math.abs(value);
  return String(Number(value.toFixed(size >= 100 ? 0 : size >= 10 ? 1 : 2)));
}

export const mm = (value: number | null | undefined): string => (value === null || value === undefined ? "unknown" : `${short(value)} mm`);
export const money = (minor: number | null | undefined): string =>
  minor === null || minor === undefined ? "unknown" : (minor / 100).toFixed(2);
export const plain = (key: string): string => key.replaceAll("_", " ");
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
export const count = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

const UNIT_WORDS: Record<string, [string, string]> = { piece: ["piece", "pieces"], sheet: ["sheet", "sheets"] };
export function amountWords(amount: number | null, unit: string | null): string {
  if (amount === null || unit === null) return "unknown";
  if (unit === "mm2") return `${short(amount / 100)} cm²`;
  const words = UNIT_WORDS[unit];
  if (words) return `${short(amount)} ${amount === 1 ? words[0] : words[1]}`;
  return `${short(amount)} ${unit === "cm2" ? "cm²" : unit}`;
}
