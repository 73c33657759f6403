/// <reference lib="webworker" />
import { addRoute, matchPrecache, type PrecacheEntry, precache } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope;
/** The page's files, written in where the page is built: {@link ../../vite.config.ts}. */
declare const __PAGE_FILES__: PrecacheEntry[];

// The page itself opens without the network. What it shows is kept by the page: kept.ts.
precache(__PAGE_FILES__);
addRoute({ directoryIndex: '', cleanURLs: false });

/** With the network there the newest page is opened, or a page that the program no longer speaks with would come again at every reload. */
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      try {
        return await fetch(request);
      } catch {
        return (await matchPrecache('/index.html')) ?? Response.error();
      }
    },
    { denylist: [/^\/api\//, /^\/actuator\//] },
  ),
);

// A new worker takes over at once: all it does is hand out files by their names.
self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
