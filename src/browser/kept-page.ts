/** A page that opens without network: a service worker keeps it and what ships with it for eight hours. */

/** What is kept of a class on a device is forgotten after so long. */
export const KEEP_MS = 8 * 3_600_000;

/** Asks that this page be kept; does nothing where browsers can't, or the address isn't safe. */
export async function keepThisPage(): Promise<void> {
  if (!("serviceWorker" in navigator)) return;
  try {
    await navigator.serviceWorker.register("/sw.js", { scope: "/p/" });
    const { active } = await navigator.serviceWorker.ready;
    const shipped = performance
      .getEntriesByType("resource")
      .map(({ name }) => name)
      .filter((name) => name.includes("/_next/static/"));
    active?.postMessage({ page: window.location.pathname, shipped });
  } catch {
    // Without it the page works as long as it is open.
  }
}
