import type { Milliseconds, MinuteOfDay } from '@kotabi/core/model';

const two = (n: number): string => String(n).padStart(2, '0');

/** A length as minutes and seconds, `6:56`; tenths only where there are any, `6:56.5`. */
export const minSec = (ms: Milliseconds): string => {
  const tenths = Math.round(ms / 100);
  const seconds = Math.floor(tenths / 10);
  const rest = tenths % 10;
  return `${Math.floor(seconds / 60)}:${two(seconds % 60)}${rest ? `.${rest}` : ''}`;
};

/** A length in whole seconds, rounded up, as minutes and seconds: for clocks that run down. */
export const countdown = (ms: Milliseconds): string => minSec(Math.ceil(ms / 1000) * 1000);

/** Seconds with their unit, `12.5 s`. */
export const seconds = (ms: Milliseconds): string => `${Number((ms / 1000).toFixed(1))} s`;

/** A length for reading: seconds below a minute and a half, minutes and seconds from there. */
export const length = (ms: Milliseconds): string => (ms < 90_000 ? seconds(ms) : `${minSec(ms)} min`);

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
