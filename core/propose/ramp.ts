import type { Frequency, IsoDate } from '../model';
import { addDays, weeksSince } from '../schedule/dates';
import type { Records } from '../trends';
import type { Proposal } from './proposal';

/** From so many planned breaks in the last two weeks on a ramp is judged; it may go on from this share done, waits below that. Common practice, no source. */
export const ENOUGH_FOR_RAMP = 10;
export const GOES_ON = 0.75;
export const WAITS = 0.5;
const DAYS = 14;

/** How many a day a ramp has come to in the week of a date. */
export const rampCount = (ramp: Extract<Frequency, { code: 'ramp' }>, date: IsoDate): number =>
  Math.min(ramp.most, ramp.start + Math.max(0, weeksSince(ramp.from, date)) * ramp.add);

/** Whether a ramp may go on, by what was done in the last two weeks. */
export const rampGoesOn = (
  { outcomes }: Records,
  frequency: Frequency | null,
  today: IsoDate,
): Proposal[] => {
  if (frequency?.code !== 'ramp') return [];
  const count = rampCount(frequency, today);
  const late = outcomes.filter((o) => o.date > addDays(today, -DAYS) && o.date <= today);
  const done = late.filter((o) => o.done).length;
  if (late.length < ENOUGH_FOR_RAMP || count >= frequency.most) return [];
  const share = done / late.length;
  if (share < GOES_ON && share >= WAITS) return [];
  const goOn = share >= GOES_ON;
  const why = `${done} of ${late.length} planned breaks of the last two weeks were done.`;
  return [
    {
      key: `ramp-${goOn ? 'on' : 'wait'}-${count}`,
      text: goOn ? 'The ramp may go on.' : `Stay at ${count} a day for now.`,
      why,
      changes: goOn
        ? `Next week has ${Math.min(frequency.most, count + frequency.add)} a day, as its rule says.`
        : `New weeks stay at ${count} a day until more of them are done.`,
      effect: { what: 'ramp', goOn, count },
    },
  ];
};
