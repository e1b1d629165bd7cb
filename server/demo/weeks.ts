import { type BusyTime, type Group, Week, type WeekDay, WeekRule } from '@kotabi/core/model';
import { addDays, dayInput, emptyDays, mondayOf, planDay, withPlan } from '@kotabi/core/schedule';
import { demoGroups } from './people';

const busy = (
  id: string,
  label: string,
  from: string,
  to: string,
  use: BusyTime['use'] = 'meeting',
): BusyTime => {
  const minute = (clock: string): number => {
    const [h = 0, m = 0] = clock.split(':').map(Number);
    return h * 60 + m;
  };
  return { id, label, use, calendarId: null, startMin: minute(from), endMin: minute(to) };
};

const meetings = [
  [busy('m1', 'tide tables', '09:30', '10:30'), busy('m2', 'crew call', '14:00', '15:00')],
  [busy('m1', 'harbour office', '11:00', '12:00')],
  [busy('m1', 'week ahead', '09:00', '09:45'), busy('m2', 'fares', '13:30', '15:30')],
  [busy('m1', 'harbour office', '10:00', '11:00'), busy('m2', 'crew call', '15:00', '16:00')],
  [busy('m1', 'look back', '09:30', '10:00')],
];

const planned = (
  id: string,
  group: Group,
  startDate: string,
  rule: WeekRule,
  times: readonly (readonly BusyTime[])[],
  breakOf: (n: number, kindId: string) => string | null,
  aims: Week['aims'] = [],
): Week => {
  const days = emptyDays(group, startDate).map((empty, i): WeekDay => {
    const day = { ...empty, busy: [...empty.busy, ...(times[i] ?? [])] };
    if (day.off !== undefined) return day;
    const result = planDay(dayInput(group, rule, day));
    const filled = result.ok ? withPlan(day, result.plan.breaks) : day;
    return { ...filled, breaks: filled.breaks.map((b, n) => ({ ...b, breakId: breakOf(n, b.kindId) })) };
  });
  return Week.parse({ id, groupId: group.id, startDate, rule, days, aims });
};

/** This week of the three teams, planned, the last one of the timetable desk, and the next one of the call desk. */
export const demoWeeks = (today: Date): Week[] => {
  const startDate = mondayOf(today.toISOString().slice(0, 10));
  const [timetable, calls, claims] = demoGroups as [Group, Group, Group];
  const rule = WeekRule.parse({ targetMin: 35, limitMin: 60, lambda: 100, minGapMin: 30, maxCount: 8 });
  const twoKinds = [
    { id: 'short', lengthMin: 5, relief: 1 },
    { id: 'tiny', name: 'On a call', lengthMin: 1, relief: 0.5, discreet: true },
  ];
  // Three times a day for neck and shoulders: what the week aims at is reached. For the early afternoon nothing is chosen yet.
  const own = ['neck-and-shoulders', 'between-meetings', 'wrists-and-hands', null];
  const mixed = (n: number): string | null =>
    [...own, 'neck-and-shoulders', 'neck-and-shoulders'][n] ?? own[n % 4] ?? null;
  const callDesk = (id: string, from: string): Week =>
    planned(
      id,
      calls,
      from,
      WeekRule.parse({ kinds: twoKinds, minGapMin: 20, limitMin: 120, frequency: { code: 'both halves' } }),
      Array.from({ length: 6 }, () => [busy('calls', 'on calls', '08:00', '10:00', 'listening')]),
      // Twice a day the neck, half a minute on each side: a minute a day is what the week aims at.
      (_, kindId) => (kindId === 'tiny' ? 'call-half-minute' : 'headset-off'),
      ['neck'],
    );
  return [
    planned('timetable-this-week', timetable, startDate, rule, meetings, mixed, ['neck', 'shoulder']),
    planned('timetable-last-week', timetable, addDays(startDate, -7), rule, meetings, mixed, [
      'neck',
      'shoulder',
    ]),
    callDesk('call-desk-this-week', startDate),
    planned(
      'claims-this-week',
      claims,
      startDate,
      WeekRule.parse({ frequency: { code: 'every minutes', minutes: 50 } }),
      [],
      () => null,
    ),
    callDesk('call-desk-next-week', addDays(startDate, 7)),
  ];
};
