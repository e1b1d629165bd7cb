import { lookup } from 'node:dns';
import type { LookupFunction } from 'node:net';
import { Agent } from 'undici';
import { Inside, isOutside } from './outside';

// Asked for when something is fetched: finding its package takes longer than starting the server otherwise would.
export { fetch, type Response } from 'undici';

/** Looks a name up and refuses what is inside; asked for each connection, so also where a service sends one on. */
const outsideOnly: LookupFunction = (host, options, done) =>
  lookup(host, { ...options, all: true }, (error, found) => {
    const inside = error === null && !found.every(({ address }) => isOutside(address));
    const failure = error ?? (inside ? new Inside() : null);
    const [first] = found ?? [];
    if (failure || !first) return done(failure ?? new Error('no address'), '', 0);
    return options.all ? done(null, found) : done(null, first.address, first.family);
  });
/** Connections to what is outside; a name that leads inside is refused. */
export const outside = new Agent({ connect: { lookup: outsideOnly } });
/** Connections to anything, where that is allowed. */
export const anywhere = new Agent();
