import type { PushNotice } from '@kotabi/core/model';
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

/** The part of a service worker's world that is used here: the page's own types know none of it. */
interface Worker {
  skipWaiting: () => Promise<void>;
  registration: ServiceWorkerRegistration;
  clients: {
    matchAll: (of: {
      type: 'window';
      includeUncontrolled: boolean;
    }) => Promise<
      { url: string; focus: () => Promise<unknown>; navigate: (to: string) => Promise<unknown> }[]
    >;
    openWindow: (to: string) => Promise<unknown>;
  };
  addEventListener: (
    name: 'push' | 'notificationclick',
    react: (event: {
      waitUntil: (work: Promise<unknown>) => void;
      data?: { json: () => unknown } | null;
      notification: Notification;
    }) => void,
  ) => void;
}

/** The files of the page, put in by the build. */
declare const FILES_OF_THE_PAGE: PrecacheEntry[];

const worker = self as unknown as Worker;
worker.skipWaiting();
clientsClaim();
cleanupOutdatedCaches();
precacheAndRoute(FILES_OF_THE_PAGE);
registerRoute(new NavigationRoute(createHandlerBoundToURL('/desk.html'), { allowlist: [/^\/me\//] }));

// A reminder: one line, which leads to the break it is for. A newer one of the same break takes its place.
worker.addEventListener('push', (event) => {
  if (!event.data) return;
  // Sealed for this device and signed by the server, so nobody else can have written it.
  const { title, path, tag } = event.data.json() as PushNotice;
  event.waitUntil(worker.registration.showNotification(title, { tag, icon: '/mark.svg', data: { path } }));
});
worker.addEventListener('notificationclick', (event) => {
  const { path } = event.notification.data as { path: string };
  event.notification.close();
  event.waitUntil(
    worker.clients.matchAll({ type: 'window', includeUncontrolled: true }).then(async (open) => {
      const page = open.find((c) => new URL(c.url).pathname === path.split('#')[0]);
      if (!page) return worker.clients.openWindow(path);
      await page.focus();
      return page.navigate(path);
    }),
  );
});
