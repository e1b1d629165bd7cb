import { Measure } from '@kotabi/core/model';
import { addDays, mondayOf } from '@kotabi/core/schedule';
import { DateTime } from 'luxon';
import { PAST_WEEKS } from './past-weeks';

/** Weeks in which Thursday's morning break was led: what was measured then belongs to its record. */
const THURSDAY = 3;

/**
 * What was measured on Thursdays: Tomé’s right forearm gets less tense and Sverre’s right wrist bends further, Ilse’s right side
 * stays the tighter one, and Sverre’s left shoulder changes by no more than readings do. Nothing that limits exclude is taken.
 */
export const demoMeasures = (today: Date, recordIds: ReadonlySet<string>): Measure[] => {
  const monday = mondayOf(today.toISOString().slice(0, 10));
  return Array.from({ length: PAST_WEEKS - 1 }, (_, i) => PAST_WEEKS - i).flatMap((weeksAgo) => {
    const record = `demo-${weeksAgo}-${THURSDAY}-morning`;
    const along = PAST_WEEKS - weeksAgo;
    const takenAt = DateTime.fromISO(addDays(monday, THURSDAY - 7 * weeksAgo), { zone: 'Europe/Lisbon' })
      .plus({ hours: 11, minutes: 20 })
      .toUTC()
      .toISO();
    const of = (personId: string, more: Partial<Measure>): Measure =>
      Measure.parse({
        id: `demo-measure-${weeksAgo}-${personId}`,
        groupId: 'timetable-desk',
        personId,
        sessionId: recordIds.has(record) ? record : null,
        takenAt,
        ...more,
      });
    const tome = Math.max(2, 7 - Math.round(along / 2));
    const clock = 3.5 + (along % 2) / 2;
    return [
      of('p-2', {
        tension: [
          { area: 'forearm', side: 'right', before: tome, after: Math.max(0, tome - 1 - (along % 2)) },
          { area: 'forearm', side: 'left', before: 2 + (along % 2), after: 2 },
        ],
      }),
      of('p-1', {
        tension: [
          { area: 'neck', side: 'right', before: 6 - (along % 2), after: 4 },
          { area: 'neck', side: 'left', before: 2 - (along % 2), after: 2 - (along % 2) },
        ],
        tighter: { before: 'right', after: along % 3 === 0 ? 'same' : 'right' },
      }),
      of('p-4', {
        turnsFurther: { before: 'left', after: along % 3 === 0 ? 'same' : 'left' },
        reach: [
          { kind: 'chin to shoulder', side: 'right', before: [4, 3.5 + (along % 2)], after: [3] },
          { kind: 'chin to shoulder', side: 'left', before: [2, 2.5], after: [2] },
        ],
      }),
      of('p-9', {
        reach: [
          { kind: 'wrist angle', side: 'right', before: [40 + 5 * Math.round(along / 2)], after: [] },
          { kind: 'wrist angle', side: 'left', before: [65], after: [] },
          { kind: 'arm on the clock', side: 'left', before: [clock, clock], after: [clock + 0.5] },
        ],
      }),
    ];
  });
};
