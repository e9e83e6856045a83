/**
 * Keeps a participant's own page for a class without network: the page as it was last opened and what ships with it,
 * eight hours long. Nothing else is kept, and nothing of the interface to the server.
 */
const CACHE = "brontle-own-part";
const KEEP_MS = 8 * 3_600_000;
const KEPT_AT = "x-kept-at";
/** The address of an installed page: it holds no link. It leads to the page that was kept last. */
const START = "/p/kept";

const isPart = ({ pathname }) => /^\/p\/[^/]+$/.test(pathname) && pathname !== START;
const isShipped = ({ pathname }) => pathname.startsWith("/_next/static/");
const keptAt = (answer) => Number(answer.headers.get(KEPT_AT) ?? 0);
const isOld = (answer) => Date.now() - keptAt(answer) > KEEP_MS;

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(Promise.all([sweep(), self.clients.claim()])));

/** Forgets pages that are older than eight hours; without a page what ships with it goes too. */
async function sweep() {
  const cache = await caches.open(CACHE);
  const keys = await cache.keys();
  let pages = 0;
  for (const key of keys) {
    if (!isPart(new URL(key.url))) continue;
    const answer = await cache.match(key);
    if (!answer || isOld(answer)) await cache.delete(key);
    else pages += 1;
  }
  if (pages === 0) await caches.delete(CACHE);
}

async function keepPage(url, answer) {
  const headers = new Headers(answer.headers);
  headers.set(KEPT_AT, String(Date.now()));
  const { status, statusText } = answer;
  const cache = await caches.open(CACHE);
  await cache.put(url.pathname, new Response(await answer.blob(), { status, statusText, headers }));
}

/** The page of a part: from the server, or as it was kept where there is none to be reached. */
async function page(request) {
  const url = new URL(request.url);
  await sweep();
  const cache = await caches.open(CACHE);
  try {
    const answer = await fetch(request);
    if (answer.ok && !answer.redirected) await keepPage(url, answer.clone());
    // The link has ended: what was kept of it goes too.
    else if (answer.status === 404 || answer.status === 410) await cache.delete(url.pathname);
    return answer;
  } catch (failure) {
    const kept = await cache.match(url.pathname);
    if (kept) return kept;
    throw failure;
  }
}

/** The start of an installed page: on to what was kept last. */
async function start(request) {
  await sweep();
  const cache = await caches.open(CACHE);
  let last = null;
  for (const key of await cache.keys()) {
    const answer = isPart(new URL(key.url)) ? await cache.match(key) : null;
    if (answer && (last === null || keptAt(answer) > last.at)) last = { url: key.url, at: keptAt(answer) };
  }
  return last ? Response.redirect(last.url, 302) : fetch(request);
}

async function shipped(request) {
  const kept = await caches.match(request);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) await (await caches.open(CACHE)).put(request, answer.clone());
  return answer;
}

self.addEventListener("fetch", (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== "GET" || url.origin !== self.location.origin) return;
  if (request.mode === "navigate" && url.pathname === START) event.respondWith(start(request));
  else if (request.mode === "navigate" && isPart(url)) event.respondWith(page(request));
  else if (isShipped(url)) event.respondWith(shipped(request));
});

/** A page that was open before this was there asks to be kept, with what it has loaded. */
self.addEventListener("message", (event) => {
  const { page: path, shipped: assets = [] } = event.data ?? {};
  const url = typeof path === "string" ? new URL(path, self.location.origin) : null;
  if (!url || url.origin !== self.location.origin || !isPart(url)) return;
  event.waitUntil(
    (async () => {
      await sweep();
      const answer = await fetch(url, { credentials: "same-origin" });
      if (!answer.ok) return;
      await keepPage(url, answer);
      const cache = await caches.open(CACHE);
      for (const asset of assets) {
        const own = new URL(asset, self.location.origin);
        if (own.origin !== self.location.origin || !isShipped(own) || (await cache.match(own))) continue;
        const loaded = await fetch(own);
        if (loaded.ok) await cache.put(own, loaded);
      }
    })(),
  );
});
