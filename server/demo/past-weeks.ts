import { type PlannedBreak, Week, WeekRule } from '@kotabi/core/model';
import { addDays, emptyDays, mondayOf } from '@kotabi/core/schedule';
import { demoGroups } from './people';

/** So many weeks before this one are in the demo; of the last one the plan stands in `weeks.ts`. */
export const PAST_WEEKS = 12;

/** The hours at which breaks were led: one that works, and one that falls into the time after lunch when calls come in. */
export const LED_AT = { morning: 11 * 60, afternoon: 14 * 60 + 30 } as const;

/** A planned break that was to be led, by how many weeks ago and the weekday from 0. */
export const ledId = (weeksAgo: number, day: number, when: keyof typeof LED_AT): string =>
  `past-${weeksAgo}-${day}-${when}`;

/** Weekdays from 0 on which there was one: mornings on three days, afternoons on two. */
export const LED_ON: Readonly<Record<keyof typeof LED_AT, readonly number[]>> = {
  morning: [0, 1, 3],
  afternoon: [0, 2],
};

const planned = (weeksAgo: number, day: number): PlannedBreak[] =>
  (['morning', 'afternoon'] as const)
    .filter((when) => LED_ON[when].includes(day))
    .map((when) => ({
      id: ledId(weeksAgo, day, when),
      startMin: LED_AT[when],
      kindId: when === 'morning' ? 'seven' : 'five',
      breakId: when === 'morning' ? 'late-morning' : 'afternoon-back',
      locked: true,
      led: true,
    }));

/** The weeks of the timetable desk before the last one, with what was to be led in them. */
export const demoPastWeeks = (today: Date): Week[] => {
  const [timetable] = demoGroups;
  if (!timetable) return [];
  const thisMonday = mondayOf(today.toISOString().slice(0, 10));
  const rule = WeekRule.parse({
    kinds: [
      { id: 'seven', lengthMin: 7, relief: 1 },
      { id: 'five', lengthMin: 5, relief: 1 },
    ],
    frequency: { code: 'once or twice' },
  });
  return Array.from({ length: PAST_WEEKS - 1 }, (_, i) => i + 2).map((weeksAgo) => {
    const startDate = addDays(thisMonday, -7 * weeksAgo);
    const days = emptyDays(timetable, startDate).map((day, d) => ({ ...day, breaks: planned(weeksAgo, d) }));
    return Week.parse({
      id: `timetable-${weeksAgo}-weeks-ago`,
      groupId: timetable.id,
      startDate,
      rule,
      aims: ['neck', 'forearm', 'upper back'],
      days,
    });
  });
};
