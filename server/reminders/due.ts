import { createHash } from 'node:crypto';
import { momentOf } from '@kotabi/core/formats';
import type { Given, Group, IsoDate, Message, Person, PlannedBreak, Week } from '@kotabi/core/model';
import { addDays, heldBreaks, mondayOf } from '@kotabi/core/schedule';
import { eq } from 'drizzle-orm';
import { DateTime } from 'luxon';
import { busyFrom } from '../calendars/busy';
import type { Context } from '../context';
import { people, weeks } from '../db/schema';
import { givenOf } from '../given/given';

/** After its start a break is still reminded of for so long; later it is too late. Common practice, no source. */
export const GRACE_MIN = 15;

/** A reminder that may be due, with what decides about it. */
export interface Reminder extends Omit<Message, 'sentAt' | 'times' | 'state'> {
  /** Until when it makes sense, ISO. */
  lastAt: string;
}

const iso = (time: DateTime): string => time.toUTC().toISO({ suppressMilliseconds: true }) as string;

/** The same reminder has the same id, however often and by whichever server it is worked out. */
export const reminderId = (week: Week, personId: string, date: IsoDate, b: PlannedBreak): string =>
  createHash('sha256')
    .update([week.groupId, personId, week.id, b.id, date, b.startMin].join('|'))
    .digest('hex')
    .slice(0, 24);

/** Every reminder of the days around now, for each person of each group that wants reminders. */
export const remindersNow = async (ctx: Context): Promise<Reminder[]> => {
  const found: Reminder[] = [];
  for (const { value: group } of await ctx.groups.list()) {
    if (!group.reminders) continue;
    const today = DateTime.fromJSDate(ctx.now(), { zone: group.timeZone }).toISODate() as IsoDate;
    const dates = [-1, 0, 1].map((n) => addDays(today, n));
    const given = (await givenOf(ctx, group.id)).filter(({ week }) =>
      dates.some((d) => mondayOf(d) === week.startDate),
    );
    for (const { value: person } of await ctx.people.list(eq(people.groupId, group.id)))
      found.push(...remindersFor(group, person, given, dates, group.reminders.leadMin));
  }
  return found;
};

const remindersFor = (
  group: Group,
  person: Person,
  list: readonly Given[],
  dates: readonly IsoDate[],
  leadMin: number,
): Reminder[] =>
  dates.flatMap((date) => {
    const ofDate = list.filter(({ week }) => week.startDate === mondayOf(date));
    // Whoever has a week of their own is reminded of that one.
    const given =
      ofDate.find(({ week }) => week.personId === person.id) ??
      ofDate.find(({ week }) => week.personId === null);
    const week = given?.week;
    const day = week?.days.find((d) => d.date === date);
    if (!week || !day || day.off !== undefined) return [];
    return heldBreaks(day).map((b): Reminder => {
      const start = momentOf(date, b.startMin, group.timeZone);
      return {
        id: reminderId(week, person.id, date, b),
        groupId: group.id,
        personId: person.id,
        weekId: week.id,
        plannedId: b.id,
        breakId: b.breakId,
        breakName: given.breaks.find((k) => k.id === b.breakId)?.name ?? 'Stretch break',
        date,
        startMin: b.startMin,
        startsAt: iso(start),
        dueAt: iso(start.minus({ minutes: leadMin })),
        lastAt: iso(start.plus({ minutes: GRACE_MIN })),
      };
    });
  });

/** When a person's meeting that runs now is over, ISO; null when there is none. */
export const meetingEnds = async (ctx: Context, group: Group, person: Person): Promise<string | null> => {
  const now = DateTime.fromJSDate(ctx.now(), { zone: group.timeZone });
  const date = now.toISODate() as IsoDate;
  const whole = { startMin: 0, endMin: 1440 };
  const fromCalendars = (await busyFrom(ctx, { group, person }, [date], whole)).get(date) ?? [];
  const entered = (await ctx.weeks.list(eq(weeks.groupId, group.id)))
    .map((k) => k.value)
    .filter((w) => w.personId === null || w.personId === person.id)
    .flatMap((w) => w.days.find((d) => d.date === date)?.busy ?? [])
    .filter((b) => b.calendarId === null);
  const minute = now.hour * 60 + now.minute;
  const running = [...fromCalendars, ...entered].filter(
    (b) => b.use === 'meeting' && b.startMin <= minute && minute < b.endMin,
  );
  if (running.length === 0) return null;
  return iso(momentOf(date, Math.max(...running.map((b) => b.endMin)), group.timeZone));
};
