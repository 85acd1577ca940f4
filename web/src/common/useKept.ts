import { useCallback, useState } from "react";

/** In this window, over a reload; or in this browser, until it is changed. */
const PLACES = { window: () => sessionStorage, browser: () => localStorage };

function read<T>(place: keyof typeof PLACES, key: string, usual: T): T {
  try {
    const text = PLACES[place]().getItem(key);
    return text === null ? usual : (JSON.parse(text) as T);
  } catch {
    return usual;
  }
}

const keyOf = (name: string) => `green-plinth-kept:${name}`;

/** Nothing is kept under a name any more; whoever shows it goes on showing it. */
export function forgetKept(place: keyof typeof PLACES, name: string) {
  try {
    PLACES[place]().removeItem(keyOf(name));
  } catch {
    // Where the browser keeps nothing, there is nothing to forget.
  }
}

/** State that a reload does not lose: what was open, text that is not finished. Back at what is usual, nothing is kept. */
export function useKept<T>(place: keyof typeof PLACES, name: string, usual: T): [T, (value: T) => void] {
  const key = keyOf(name);
  const [value, setValue] = useState<T>(() => read(place, key, usual));
  const put = useCallback(
    (next: T) => {
      setValue(next);
      try {
        if (JSON.stringify(next) === JSON.stringify(usual)) PLACES[place]().removeItem(key);
        else PLACES[place]().setItem(key, JSON.stringify(next));
      } catch {
        // Where the browser keeps nothing, it lasts as long as the page.
      }
    },
    [place, key, usual],
  );
  return [value, put];
}
