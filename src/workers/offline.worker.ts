/// <reference lib="webworker" />
import { Serwist, type PrecacheEntry } from 'serwist';

declare const self: ServiceWorkerGlobalScope & { __SW_MANIFEST: (PrecacheEntry | string)[] };

/** Kept under the build's own name, so that two builds never share a page's payload. */
const BUILD = process.env.OFRENDA_BUILD ?? 'build';
const PAGES: readonly string[] = JSON.parse(process.env.OFRENDA_PAGES ?? '[]');
const PAYLOADS = `payloads-${BUILD}`;

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  // a newer build waits until the page says that nothing is being edited
  skipWaiting: false,
  clientsClaim: true,
  precacheOptions: { cleanupOutdatedCaches: true, ignoreURLParametersMatching: [/.*/] },
});

/** What the client asks for when it goes from one station to the next: kept at install, one for each page. */
async function keepPayloads(): Promise<void> {
  const cache = await caches.open(PAYLOADS);
  await Promise.all(
    PAGES.map(async (page) => {
      const answer = await fetch(page, { headers: { RSC: '1' }, cache: 'reload' });
      if (!answer.ok) throw new Error(`The payload of ${page} answered ${answer.status}.`);
      await cache.put(page, answer);
    }),
  );
}

self.addEventListener('install', (event) => event.waitUntil(keepPayloads()));
self.addEventListener('activate', (event) =>
  event.waitUntil(
    caches
      .keys()
      .then((names) =>
        Promise.all(names.filter((n) => n.startsWith('payloads-') && n !== PAYLOADS).map((n) => caches.delete(n))),
      ),
  ),
);
/** A worker's script keeps its address only in a fresh answer: bundled workers read their parameters from it. */
async function workerScript(request: Request): Promise<Response> {
  const kept = (await serwist.matchPrecache(request.url)) ?? (await fetch(request));
  return new Response(await kept.blob(), { status: kept.status, headers: kept.headers });
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate' && url.pathname === '/') {
    event.respondWith(Response.redirect('/compose'));
    event.stopImmediatePropagation();
  } else if (request.destination === 'worker' || request.destination === 'sharedworker') {
    event.respondWith(workerScript(request));
    event.stopImmediatePropagation();
  } else if (request.headers.get('RSC') && PAGES.includes(url.pathname)) {
    // a prefetch of a part is left to the network: without one the router asks for the whole
    if (!request.headers.get('Next-Router-Segment-Prefetch')) {
      event.respondWith(
        caches
          .open(PAYLOADS)
          .then((cache) => cache.match(url.pathname, { ignoreVary: true }))
          .then((kept) => kept ?? fetch(request)),
      );
    }
    event.stopImmediatePropagation();
  }
});

serwist.addEventListeners();
