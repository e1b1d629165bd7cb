import type { Milliseconds, MinuteOfDay } from '@kotabi/core/model';

const two = (n: number): string => String(n).padStart(2, '0');

/** A length in whole seconds, begun ones counted: what is told is never shorter than it is. */
export const wholeSec = (ms: Milliseconds): number => Math.ceil(ms / 1000);

/** A length as minutes and whole seconds, `6:56`. */
export const minSec = (ms: Milliseconds): string =>
  `${Math.floor(wholeSec(ms) / 60)}:${two(wholeSec(ms) % 60)}`;

/** A length that may be longer, `6:10` or `6:10 to 7:00`. */
export const minSecTo = (ms: Milliseconds, mostMs: Milliseconds): string =>
  mostMs > ms ? `${minSec(ms)} to ${minSec(mostMs)}` : minSec(ms);

/** Seconds with their unit, `13 s`. */
export const seconds = (ms: Milliseconds): string => `${wholeSec(ms)} s`;

/** Full seconds with their unit, `12 s`, where a begun one does not count: what was done, and what there is room for. */
export const fullSeconds = (ms: Milliseconds): string => `${Math.floor(ms / 1000)} s`;

/** A length for reading: whole seconds below a minute and a half, minutes and seconds from there. */
export const length = (ms: Milliseconds): string => (ms < 90_000 ? `${wholeSec(ms)} s` : `${minSec(ms)} min`);

/** A text whose numbers stay on one line with what they count: `20 s`, `4 × one breath`. */
export const together = (text: string): string => text.replace(/(?<=[\d×]) (?=\S)/g, '\u00a0');

/** A time of day, `09:05`; of a shift over midnight the time on the next day. */
export const clock = (minute: MinuteOfDay): string => {
  const m = minute > 1440 ? minute - 1440 : minute;
  return `${two(Math.floor(m / 60))}:${two(m % 60)}`;
};

/** Minutes since midnight of a `09:05`; null when it is not a time of day. */
export const minuteOf = (text: string): MinuteOfDay | null => {
  const match = /^(\d{1,2}):(\d{2})$/.exec(text.trim());
  if (!match) return null;
  const minute = Number(match[1]) * 60 + Number(match[2]);
  return Number(match[2]) < 60 && minute <= 1440 ? minute : null;
};
