import { afterEach, describe, expect, it, vi } from "vitest";
import type { Preferences } from "../src/api/types";
import { readFigure } from "../src/common/figures";
import { placeWords, problemWords } from "../src/common/placeWords";
import { usePreferences } from "../src/common/preferences";
import { amountWords, clockWords, currency, dateWords, mm, momentWords, money } from "../src/common/words";

const typed = (text: string, unit?: string, shownIn = unit) => readFigure(text, unit, shownIn).value ?? null;
const choose = (chosen: Preferences) => usePreferences.setState({ chosen });

describe("words", () => {
  afterEach(() => {
    choose({});
    vi.useRealTimers();
  });

  // Source: ISO 4217, minor units: JPY 0, EUR 2, KWD 3.
  it("tells money in the chosen currency, with its own decimals", () => {
    const told = (code: string) => {
      choose({ currency: code });
      return money(1234);
    };
    expect(["JPY", "EUR", "KWD"].map(told)).toEqual(["¥1,234", "€12.34", "KWD\u00a01.234"]);
    expect(["JPY", "EUR", "KWD"].map((code) => currency(code).decimals)).toEqual([0, 2, 3]);
    expect(money(null)).toBe("unknown");
  });

  it("tells the time of day by 24 hours or by 12", () => {
    expect(clockWords("2027-03-01T19:05")).toBe("19:05");
    expect(clockWords("2027-03-01T00:05")).toBe("00:05");
    choose({ clock: "12" });
    expect(clockWords("2027-03-01T19:05")).toBe("7:05 pm");
    expect(clockWords("2027-03-01T00:05")).toBe("12:05 am");
  });

  it("tells the year where it is another one than now", () => {
    vi.useFakeTimers({ now: new Date("2027-06-01T12:00") });
    expect(momentWords("2027-03-01T19:30")).toBe("Mon 1 Mar, 19:30");
    expect(momentWords("2028-03-01T19:30")).toBe("Wed 1 Mar 2028, 19:30");
    expect(dateWords("2026-12-31")).toBe("31 Dec 2026");
  });

  // 25.4 mm are an inch, 28.349523125 g an ounce (international agreement of 1959).
  it("tells lengths and masses in the chosen units", () => {
    expect([mm(12.7), amountWords(56.7, "g"), amountWords(5, "ml")]).toEqual(["12.7 mm", "56.7 g", "5 ml"]);
    choose({ length: "in", mass: "oz" });
    expect([mm(12.7), amountWords(56.7, "g"), amountWords(5, "ml"), mm(null)]).toEqual(["0.5 in", "2 oz", "5 ml", "unknown"]);
  });

  it("reads what is typed in the unit that is shown, and in any that is named", () => {
    expect(typed("0,5", "mm", "in")).toBeCloseTo(12.7);
    expect(typed("2", "g", "oz")).toBeCloseTo(56.699, 3);
    expect([typed("1/2 in", "mm"), typed("3 cm", "mm", "in"), typed("1 oz", "g")]).toEqual([12.7, 30, 28.349523125]);
    expect([typed("3 g", "mm"), typed("3 mm", "g"), typed("3 oz", "mm"), typed("three", "mm")]).toEqual([null, null, null, null]);
  });

  it("reads numbers as people write them", () => {
    const read = (text: string, unit = "mm") => Number(typed(text, unit)?.toFixed(3));
    expect([read("7,5 cm"), read("1 1/2 in"), read("½ in"), read("2½ in"), read("4 ft"), read("4 ft 6 in"), read('1-1/2"')]).toEqual([
      75, 38.1, 12.7, 63.5, 1219.2, 1371.6, 38.1,
    ]);
    expect([read("1,219.5"), read("1.219,5"), read("1 kg", "g"), read("20 h", "min"), read("1 h 30 min", "min"), read("-3,5")]).toEqual([
      1219.5, 1219.5, 1000, 1200, 90, -3.5,
    ]);
    expect([typed("1:35"), typed("1/72"), typed("0,125", "mm"), typed("0.571", "mm")]).toEqual([35, 1 / 72, 0.125, 0.571]);
  });

  it("asks about what can be read in two ways, and about units that are none", () => {
    expect(readFigure("1,219", "mm").wrong).toBe("1,219 can be read in two ways: type 1219 or 1.219");
    expect(readFigure("99,999", "mm").wrong).toContain("99999 or 99.999");
    expect(readFigure("3 kg", "mm").wrong).toBe("kg is no unit of mm: type mm");
    expect(readFigure("4 ft 6", "mm").wrong).toBe("Type a number of mm");
    expect(readFigure("1/0", "in").wrong).toBeTruthy();
    expect(readFigure("", "mm").wrong).toBeTruthy();
  });
});

describe("places of a file in words", () => {
  const file = { zones: [{ name: "moor", courses: [{}, {}] }], waters: [{}] };

  it("go by a part's name where there is one, and by its place where there is none", () => {
    expect(placeWords("/zones/0/courses/1/thickness_mm", file)).toBe("moor, course 2, thickness");
    expect(placeWords("/waters/0/level_mm", file)).toBe("water 1, level");
    expect(placeWords("/zones/3/courses/0")).toBe("zone 4, course 1");
    expect(placeWords("/plinth/outline/width_mm")).toBe("plinth, outline, width");
    expect(placeWords("/row/3/material")).toBe("row 3, material");
    expect(placeWords("")).toBe("the whole file");
  });

  it("stand before what is wrong, unless that names the part", () => {
    expect(problemWords({ pointer: "/scale", message: "must be more than 0" }, file)).toBe("Scale must be more than 0");
    expect(problemWords({ pointer: "/zones/0/outline", message: "moor lies beside the plinth" }, file)).toBe("Moor lies beside the plinth");
  });
});
