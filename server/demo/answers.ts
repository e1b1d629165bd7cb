import { Answer } from '@kotabi/core/model';
import { addDays, mondayOf } from '@kotabi/core/schedule';
import { DateTime } from 'luxon';
import { demoPeople } from './people';

const TIMES = [10 * 60, 11 * 60 + 30, 14 * 60, 16 * 60];

/** What the people of the timetable desk answered last week: now and then one says no. */
export const demoAnswers = (today: Date): Answer[] => {
  const monday = addDays(mondayOf(today.toISOString().slice(0, 10)), -7);
  const people = demoPeople.filter((p) => p.groupId === 'timetable-desk').slice(0, 3);
  return people.flatMap((person, p) =>
    [0, 1, 2, 3, 4].flatMap((d) =>
      TIMES.map((startMin, t) => {
        const date = addDays(monday, d);
        const start = DateTime.fromISO(date, { zone: 'Europe/Lisbon' }).plus({ minutes: startMin });
        const startsAt = start.toUTC().toISO({ suppressMilliseconds: true });
        return Answer.parse({
          id: `demo-answer-${p}-${d}-${t}`,
          groupId: person.groupId,
          personId: person.id,
          personName: person.name,
          breakId: 'between-meetings',
          breakName: 'Two minutes between meetings',
          date,
          startMin,
          startsAt,
          answer: (p + 2 * d + 3 * t) % 5 < 2 ? 'not today' : 'did it',
          answeredAt: start.plus({ minutes: 4 }).toUTC().toISO({ suppressMilliseconds: true }),
        });
      }),
    ),
  );
};
