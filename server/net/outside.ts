import { lookup } from 'node:dns';
import type { LookupFunction } from 'node:net';
import ipaddr from 'ipaddr.js';
import { Agent } from 'undici';

/** An address inside this machine or this network was asked for without leave. */
class Inside extends Error {}

/** True for an address that the whole internet reaches; everything else is inside some network or machine. */
export const isOutside = (address: string): boolean =>
  ipaddr.isValid(address) && ipaddr.process(address).range() === 'unicast';

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

/** True where an address in numbers, which is never looked up, is inside some network or machine. */
export const namesInside = ({ hostname }: URL): boolean => {
  const numbers = hostname.replace(/^\[|\]$/g, '');
  return ipaddr.isValid(numbers) && !isOutside(numbers);
};

/** True where a connection was refused because it would have led inside. */
export const isInside = (error: unknown): boolean => {
  for (let at = error; at instanceof Error; at = at.cause) if (at instanceof Inside) return true;
  return false;
};
