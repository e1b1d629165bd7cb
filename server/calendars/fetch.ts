import { MOST_BYTES } from '@kotabi/core/calendars';
import type { Response } from '../net/connections';
import { isInside, namesInside } from '../net/outside';

/** Reads a body up to the largest calendar; null when it is larger. */
const bodyOf = async (response: Response): Promise<string | null> => {
  const parts: Uint8Array[] = [];
  let bytes = 0;
  if (!response.body) return '';
  const reader = response.body.getReader();
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    bytes += part.value.byteLength;
    if (bytes > MOST_BYTES) {
      await reader.cancel();
      return null;
    }
    parts.push(part.value);
  }
  return Buffer.concat(parts).toString('utf8');
};

/** So many times a service may send one on, with the same care at each step. */
const MOST_SENT_ON = 5;

type Fetched = { ok: true; text: string } | { ok: false; problem: string };

/**
 * Reads a calendar from its address. One inside this machine or this network only where that is allowed for it:
 * otherwise somebody could have Kotabi look around in there. What goes wrong is said in a sentence, with the host.
 */
export const fetchCalendar = async (
  address: string,
  inside: boolean,
  patienceMs: number,
  sentOnLeft = MOST_SENT_ON,
): Promise<Fetched> => {
  // Calendar programs write webcal for what is read over http or https.
  const url = new URL(address.replace(/^webcal(s?):/, (_, s) => (s ? 'https:' : 'http:')));
  const refused: Fetched = {
    ok: false,
    problem: `${url.host} is inside this machine or this network. It is only read where that is allowed for the calendar.`,
  };
  if (!inside && namesInside(url)) return refused;
  const { fetch, anywhere, outside } = await import('../net/connections');
  try {
    const response = await fetch(url, {
      signal: AbortSignal.timeout(patienceMs),
      headers: { Accept: 'text/calendar' },
      dispatcher: inside ? anywhere : outside,
      // One that is sent on to an address in numbers would not be looked up again.
      redirect: inside ? 'follow' : 'manual',
    });
    if (response.status >= 300 && response.status < 400 && !inside) {
      const to = response.headers.get('location') ?? '';
      return sentOnLeft > 0 && URL.canParse(to, url.href)
        ? await fetchCalendar(new URL(to, url).href, false, patienceMs, sentOnLeft - 1)
        : { ok: false, problem: `The calendar service ${url.host} sends on to nowhere.` };
    }
    if (!response.ok) return { ok: false, problem: `The calendar service answered with ${response.status}.` };
    const text = await bodyOf(response);
    return text === null
      ? { ok: false, problem: `The calendar has more than ${MOST_BYTES} bytes; it is not read.` }
      : { ok: true, text };
  } catch (error) {
    if (isInside(error)) return refused;
    const slow = (error as Error).name === 'TimeoutError';
    return {
      ok: false,
      problem: slow
        ? `The calendar service ${url.host} did not answer within ${patienceMs / 1000} s.`
        : `The calendar service ${url.host} cannot be reached.`,
    };
  }
};
