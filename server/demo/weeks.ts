import { Rule, Week, type WeekDay } from '@kotabi/core/model';
import { dayInput, emptyDays, mondayOf, planDay, withPlan } from '@kotabi/core/schedule';
import { demoGroups } from './people';

const busy = (id: string, label: string, from: string, to: string) => {
  const minute = (clock: string): number => {
    const [h = 0, m = 0] = clock.split(':').map(Number);
    return h * 60 + m;
  };
  return { id, label, offDesk: false, startMin: minute(from), endMin: minute(to) };
};

const meetings = [
  [busy('m1', 'tide tables', '09:30', '10:30'), busy('m2', 'crew call', '14:00', '15:00')],
  [busy('m1', 'harbour office', '11:00', '12:00')],
  [busy('m1', 'week ahead', '09:00', '09:45'), busy('m2', 'fares', '13:30', '15:30')],
  [busy('m1', 'harbour office', '10:00', '11:00'), busy('m2', 'crew call', '15:00', '16:00')],
  [busy('m1', 'look back', '09:30', '10:00')],
];

/** This week of the timetable desk, planned. */
export const demoWeeks = (today: Date): Week[] => {
  const [group] = demoGroups;
  if (!group) return [];
  const startDate = mondayOf(today.toISOString().slice(0, 10));
  const rule = Rule.parse({ targetMin: 35, limitMin: 60, lambda: 100, minGapMin: 30, maxCount: 8 });
  const days = emptyDays(group, startDate).map((empty, i): WeekDay => {
    const day = { ...empty, busy: meetings[i] ?? [] };
    const result = planDay(dayInput(group, rule, day));
    const planned = result.ok ? withPlan(day, result.plan.breaks) : day;
    const breaks = planned.breaks.map((b, n) => ({ ...b, breakId: n % 4 === 3 ? null : 'between-meetings' }));
    return { ...planned, breaks };
  });
  return [Week.parse({ id: 'timetable-this-week', groupId: group.id, startDate, rule, days })];
};
