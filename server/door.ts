import type { IncomingMessage } from 'node:http';
import type { RequestHandler } from 'express';
import helmet from 'helmet';
import { Refusal } from './errors';

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);
/** True for an address that only this machine reaches. */
export const isLoopback = (host: string): boolean => LOOPBACK.has(host) || host === '::1';

const nameOf = (host: string | undefined): string => (host ?? '').toLowerCase().replace(/:\d+$/, '');

const UNSAFE = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);

const comesFromElsewhere = ({ headers }: IncomingMessage): boolean => {
  const { origin, host } = headers;
  if (headers['sec-fetch-site'] === 'cross-site') return true;
  if (origin === undefined) return false;
  return !URL.canParse(origin) || new URL(origin).host !== host?.toLowerCase();
};

/**
 * Who is let in while nobody has to sign in: only a browser of this machine, on our own page. The server may only be
 * called by the names it has here (a foreign name that leads to this machine would let a foreign page read
 * everything), and nothing is changed for a page of another site.
 */
export const doorFor = (names: readonly string[]): RequestHandler => {
  const known = new Set([...LOOPBACK, ...names.map((name) => name.toLowerCase())]);
  return (req, _res, next) => {
    if (!known.has(nameOf(req.headers.host)))
      throw new Refusal(
        421,
        'foreignName',
        'This address is not one of this server. Its own names are set with KOTABI_HOSTS.',
      );
    if (UNSAFE.has(req.method) && comesFromElsewhere(req))
      throw new Refusal(403, 'foreignPage', 'A page of another site asked for this. Nothing was changed.');
    next();
  };
};

/** What a browser may do with our pages: no script but ours, no frame around them, nothing told to other sites. */
export const policy: RequestHandler = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      // The solver is WebAssembly.
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      // The component kit writes the names of its colours into the page.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  referrerPolicy: { policy: 'no-referrer' },
  // Whether it is reached by https is for whoever puts it behind a proxy to say.
  strictTransportSecurity: false,
  xFrameOptions: { action: 'deny' },
});

/** What leading needs and nothing else: the screen stays on, and later the voice of whoever leads. */
const ALLOWED = ['screen-wake-lock', 'fullscreen', 'autoplay', 'microphone'];
const DENIED = ['camera', 'geolocation', 'payment', 'usb', 'serial', 'bluetooth', 'display-capture', 'midi'];
export const permissions: RequestHandler = (_req, res, next) => {
  res.set(
    'Permissions-Policy',
    [...ALLOWED.map((name) => `${name}=(self)`), ...DENIED.map((name) => `${name}=()`)].join(', '),
  );
  next();
};
