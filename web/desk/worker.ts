import { clientsClaim } from 'workbox-core';
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  type PrecacheEntry,
  precacheAndRoute,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

// The worker that keeps the page of the people at the desks for when there is no connection: its files are kept as they
// were built, and any address of a page is answered with the page, which then shows what it kept itself.

/** The files of the page, put in by the build. */
declare const FILES_OF_THE_PAGE: PrecacheEntry[];

(self as unknown as { skipWaiting: () => Promise<void> }).skipWaiting();
clientsClaim();
cleanupOutdatedCaches();
precacheAndRoute(FILES_OF_THE_PAGE);
registerRoute(new NavigationRoute(createHandlerBoundToURL('/desk.html'), { allowlist: [/^\/me\//] }));
