import { useEffect } from "react";

/** What the window is called while a page is shown; null: not known yet. */
export function usePageTitle(title: string | null) {
  useEffect(() => {
    document.title = title === null ? "Green Plinth" : `${title} · Green Plinth`;
  }, [title]);
}
