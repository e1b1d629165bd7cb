import type { Interval } from '@kotabi/core/model';
import dayjs, { type Dayjs } from 'dayjs';

/** Two times of day as a picker has them. */
export type Range = [Dayjs, Dayjs] | null;

const day = dayjs('2000-01-03').startOf('day');

export const toRange = (i: Interval | null): Range =>
  i && [day.add(i.startMin, 'minute'), day.add(i.endMin, 'minute')];

const minute = (t: Dayjs): number => t.hour() * 60 + t.minute();

/** Hours that end before they start go on into the next day; those before `fromMin` are all on the next day. */
export const toInterval = (r: Range, fromMin = 0): Interval | null => {
  if (!r) return null;
  const [start, end] = [minute(r[0]), minute(r[1])];
  const startMin = start < fromMin ? start + 1440 : start;
  const endMin = end < fromMin || end < start ? end + 1440 : end;
  return { startMin, endMin };
};

/** The start of a shift over midnight; 0 for days that end on the day they begin. */
export const nightFrom = (hours: Interval | null): number =>
  hours && hours.endMin > 1440 ? hours.startMin : 0;
