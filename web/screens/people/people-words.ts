import type { PersonLimit } from '@kotabi/core/model';

/** The days of the week, Monday first. */
export const DAY_NAMES = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

const short = (day: number): string => DAY_NAMES[day - 1]?.slice(0, 2) ?? '';

/** Working days in a few letters: days in a row as a span, `Mo–Fr`, others one by one. */
export const daysText = (days: readonly number[]): string => {
  const spans: [number, number][] = [];
  for (const day of [...days].sort((a, b) => a - b)) {
    const last = spans.at(-1);
    if (last && day === last[1] + 1) last[1] = day;
    else spans.push([day, day]);
  }
  return spans.map(([a, b]) => (a === b ? short(a) : `${short(a)}–${short(b)}`)).join(' ');
};

/** A limit with its side, as it is read: `left shoulder`, `low back`. */
export const limitText = ({ limit, side, stopped, at }: PersonLimit): string => {
  const name = side === undefined || side === 'both' ? limit : `${side} ${limit}`;
  const more = [at, stopped && 'stopped by a doctor'].filter(Boolean).join(', ');
  return more ? `${name} (${more})` : name;
};
