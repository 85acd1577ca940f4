import { useEffect } from "react";

/** Keeps the screen awake while something is under hand, where the browser can. */
export function useWakeLock(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    // A page that was hidden has lost it: it is asked for again when it is looked at.
    const ask = async () => {
      if (document.visibilityState !== "visible") return;
      lock = await navigator.wakeLock.request("screen").catch(() => null);
      if (over) void lock?.release();
    };
    void ask();
    document.addEventListener("visibilitychange", ask);
    return () => {
      over = true;
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [wanted]);
}
