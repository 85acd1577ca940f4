import { useEffect, useRef } from "react";

const TYPING = "input, textarea, select, [contenteditable], [role=combobox], [role=listbox], [role=menu], [role=dialog], [role=slider]";

/** Keys for the whole page, but never while somebody types or picks. The handler says whether it took the key. */
export function useKeys(handle: (event: KeyboardEvent) => boolean) {
  const newest = useRef(handle);
  newest.current = handle;
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if ((event.target as Element | null)?.closest?.(TYPING) || event.defaultPrevented) return;
      if (newest.current(event)) event.preventDefault();
    };
    addEventListener("keydown", listen);
    return () => removeEventListener("keydown", listen);
  }, []);
}
