/** What somebody typed into a field of numbers: the number in the field's unit, or a sentence that says what is wrong and what to do. */
export type Read = { value: number; wrong?: undefined } | { value?: undefined; wrong: string };

/** Units that are told in one another, each by how many of the first it is. Sources: the international inch and pound of 1959. */
const ALIKE: Record<string, number>[] = [
  { mm: 1, cm: 10, m: 1000, km: 1_000_000, in: 25.4, ft: 304.8 },
  { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 },
  { min: 1, s: 1 / 60, h: 60, d: 1440 },
  { ml: 1, l: 1000 },
];
/** Other ways to write them. */
const WRITTEN: Record<string, string> = {
  '"': "in",
  "″": "in",
  inch: "in",
  inches: "in",
  "'": "ft",
  "′": "ft",
  feet: "ft",
  foot: "ft",
  hour: "h",
  hours: "h",
  hrs: "h",
  hr: "h",
  mins: "min",
  minutes: "min",
  day: "d",
  days: "d",
  lbs: "lb",
};
const FRACTIONS: Record<string, number> = {
  "½": 1 / 2,
  "¼": 1 / 4,
  "¾": 3 / 4,
  "⅓": 1 / 3,
  "⅔": 2 / 3,
  "⅛": 1 / 8,
  "⅜": 3 / 8,
  "⅝": 5 / 8,
  "⅞": 7 / 8,
};

const FIGURE = "\\d[\\d.,\u2009\u00a0]*|[.,]\\d+";
/** "1 1/2 in", "4 ft", "½", "7,5 cm": a whole number, a fraction or both, and a unit. */
const TERM = new RegExp(`^(${FIGURE})?\\s*-?\\s*(?:(\\d+)\\s*/\\s*(\\d+)|([½¼¾⅓⅔⅛⅜⅝⅞]))?\\s*([a-zA-Z°%²³/]+|["″'′])?\\s*`);
const HALF = /^(\d+)\s*\/\s*(\d+)\s*([a-zA-Z°%²³]+|["″'′])?\s*/;

/**
 * @param unit the field's own
 * @param shownIn what a bare number is in: the unit that the field shows
 */
export function readFigure(text: string, unit?: string, shownIn = unit): Read {
  const nonsense: Read = { wrong: `Type a number${shownIn ? ` of ${shownIn}` : ""}` };
  let rest = text.trim();
  const minus = rest.startsWith("-") || rest.startsWith("−");
  if (minus) rest = rest.slice(1).trim();
  // A scale may be typed as it is said.
  if (unit === undefined) rest = rest.replace(/^1\s*:\s*/, "");
  let sum = 0;
  let terms = 0;
  while (rest) {
    const half = rest.match(HALF);
    const [whole, figure, over, under, sign, written] = half
      ? [half[0], undefined, half[1], half[2], undefined, half[3]]
      : (rest.match(TERM) ?? []);
    if (!whole || (figure === undefined && over === undefined && sign === undefined)) return nonsense;
    const plain = figure === undefined ? { value: 0 } : wholeFigure(figure);
    if (plain.wrong !== undefined) return plain;
    const part = over !== undefined ? Number(over) / Number(under) : sign !== undefined ? FRACTIONS[sign] : 0;
    const given = written === undefined ? undefined : (WRITTEN[written.toLowerCase()] ?? (written === "M" ? "m" : written.toLowerCase()));
    const per = perUnit(given, unit, shownIn);
    if (per === null) return { wrong: `${written} is no unit of ${unit ?? "a plain number"}: type ${shownIn ?? "the number alone"}` };
    // Several figures are a sum only where each says what it is of: 4 ft 6 in.
    if (terms > 0 && given === undefined) return nonsense;
    sum += (plain.value + part) * per;
    rest = rest.slice(whole.length);
    terms += 1;
  }
  return terms && Number.isFinite(sum) ? { value: minus ? -sum : sum } : nonsense;
}

/** How many of the field's unit one of what was written is; null where they are not alike. */
function perUnit(given: string | undefined, unit: string | undefined, shownIn: string | undefined): number | null {
  const from = given ?? shownIn;
  if (from === unit) return 1;
  const table = ALIKE.find((one) => unit !== undefined && unit in one);
  return table && from !== undefined && from in table ? table[from] / table[unit as string] : null;
}

/** "1219", "7,5", "1,219.5", "1 219": what can be read in two ways is asked about, never guessed. */
function wholeFigure(figure: string): Read {
  const bare = figure.replace(/[\u2009\u00a0]/g, "").replace(/[.,]$/, "");
  const [dots, commas] = [bare.split(".").length - 1, bare.split(",").length - 1];
  if (dots && commas) {
    const decimal = bare.lastIndexOf(".") > bare.lastIndexOf(",") ? "." : ",";
    const thousands = decimal === "." ? "," : ".";
    const value = Number(bare.replaceAll(thousands, "").replace(decimal, "."));
    return Number.isFinite(value) ? { value } : { wrong: `${figure} is no number` };
  }
  if (/^[1-9]\d{0,2},\d{3}$/.test(bare))
    return { wrong: `${bare} can be read in two ways: type ${bare.replace(",", "")} or ${bare.replace(",", ".")}` };
  if (/^[1-9]\d{0,2}([.,]\d{3}){2,}$/.test(bare)) return { value: Number(bare.replace(/[.,]/g, "")) };
  const value = Number(bare.replace(",", "."));
  return Number.isFinite(value) ? { value } : { wrong: `${figure} is no number` };
}
