import { useCallback, useState } from "react";

/** In this window, over a reload; or in this browser, until it is changed. */
const PLACES = { window: () => sessionStorage, browser: () => localStorage };

const keyOf = (name: string) => `green-plinth-kept:${name}`;

export function readKept<T>(place: keyof typeof PLACES, name: string, usual: T): T {
  try {
    const text = PLACES[place]().getItem(keyOf(name));
    return text === null ? usual : (JSON.parse(text) as T);
  } catch {
    return usual;
  }
}

/** Nothing is kept under a name any more; whoever shows it goes on showing it. */
export function forgetKept(place: keyof typeof PLACES, name: string) {
  try {
    PLACES[place]().removeItem(keyOf(name));
  } catch {
    // Where the browser keeps nothing, there is nothing to forget.
  }
}

/** Keeps a value under a name; back at what is usual, nothing is kept. */
export function putKept<T>(place: keyof typeof PLACES, name: string, value: T, usual: T) {
  try {
    if (JSON.stringify(value) === JSON.stringify(usual)) PLACES[place]().removeItem(keyOf(name));
    else PLACES[place]().setItem(keyOf(name), JSON.stringify(value));
  } catch {
    // Where the browser keeps nothing, it lasts as long as the page.
  }
}

/** State that a reload does not lose: what was open, text that is not finished. */
export function useKept<T>(place: keyof typeof PLACES, name: string, usual: T): [T, (value: T) => void] {
  const [value, setValue] = useState<T>(() => readKept(place, name, usual));
  const put = useCallback(
    (next: T) => {
      setValue(next);
      putKept(place, name, next, usual);
    },
    [place, name, usual],
  );
  return [value, put];
}
