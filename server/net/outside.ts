import ipaddr from 'ipaddr.js';

/** An address inside this machine or this network was asked for without leave. */
export class Inside extends Error {}

/** True for an address that the whole internet reaches; everything else is inside some network or machine. */
export const isOutside = (address: string): boolean =>
  ipaddr.isValid(address) && ipaddr.process(address).range() === 'unicast';

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
