/** Lets the browser keep the shell of the pages, so that the bench opens without the server. Where it takes no service worker, under a
 * certificate that it does not trust, all goes on without. */
export async function keepShell(): Promise<void> {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  try {
    await navigator.serviceWorker.register("/service-worker.js");
    await navigator.serviceWorker.ready;
    // The page that registers it was not fetched by it.
    await (await caches.open("shell")).add("/");
  } catch (error) {
    if (!(error instanceof DOMException || error instanceof TypeError)) throw error;
  }
}
