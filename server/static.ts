import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Express, RequestHandler } from 'express';
import sirv from 'sirv';

/** Built files carry a hash of what is in them in their names: the same name is the same file for ever. */
const FOR_EVER = 'public, max-age=31536000, immutable';
/** Pages and everything else are asked for anew, and answered in a word when they have not changed. */
const ASK_AGAIN = 'no-cache';

const filesOf = (webDir: string): RequestHandler =>
  sirv(webDir, {
    etag: true,
    gzip: true,
    brotli: true,
    dotfiles: false,
    // A screen of the interface is no file, also where one is called nearly so.
    extensions: [],
    setHeaders: (res, pathname) =>
      res.setHeader('Cache-Control', pathname.startsWith('/assets/') ? FOR_EVER : ASK_AGAIN),
  });

/** Gives out the files of the built interface before anything else is looked at: a screen asks for dozens at once. */
export const assetRoutes = (app: Express, webDir: string): void => {
  if (!existsSync(webDir)) return;
  const files = filesOf(webDir);
  app.use((req, res, next) => (req.path.startsWith('/assets/') ? files(req, res, next) : next()));
};

/** Addresses of the light page. */
const LIGHT_PAGES = [/^\/lead\/[^/.]+(\/group)?$/, /^\/join\/[^/.]+$/, /^\/remote$/];

/** Addresses of the page for people at the desks. */
const DESK_PAGE = /^\/me\/[^/.]+$/;

/** Which page each address of a screen has, as the build wrote it down. */
const pagesIn = (webDir: string): [path: string, page: string][] => {
  const file = join(webDir, '.vite/pages.json');
  return existsSync(file) ? Object.entries(JSON.parse(readFileSync(file, 'utf8'))) : [];
};

/** Gives out the built interface, compressed as it was built: a page for leading, one for each screen, one for the rest. */
export const staticRoutes = (app: Express, webDir: string): void => {
  if (!existsSync(webDir)) return;
  const files = filesOf(webDir);
  const page =
    (file: string): RequestHandler =>
    (req, res, next) => {
      req.url = `/${file}`;
      files(req, res, next);
    };
  for (const [path, file] of pagesIn(webDir)) app.get(path, page(file));
  app.use((req, res, next) => {
    if (req.method !== 'GET' && req.method !== 'HEAD') return next();
    files(req, res, next);
  });
  // Leading, the view of the group, what others follow, and the remote: one light page for all of them.
  app.get(LIGHT_PAGES, page('lead.html'));
  app.get(DESK_PAGE, page('desk.html'));
  // Every other address is a screen of the interface; files that are not there are not.
  app.get(/^\/[^.]*$/, page('index.html'));
};
