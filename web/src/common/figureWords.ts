import type { Reckoning } from "../api/types";
import { amountWords, grams, mm, momentWords, money, short, span } from "./words";

/** A figure in the maker's units. */
export function figureWords({ value, unit }: Pick<Reckoning, "value" | "unit">): string {
  if (value === null) return "unknown";
  if (typeof value === "string") return unit === "moment" ? momentWords(value) : value;
  if (unit === null) return short(value);
  const told: Record<string, (value: number) => string> = {
    mm,
    g: grams,
    min: span,
    minor: money,
    mm2: (area) => `${short(area / 100)} cm²`,
    deg: (angle) => `${short(angle)}°`,
  };
  return told[unit] ? told[unit](value) : amountWords(value, unit);
}
