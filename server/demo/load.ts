import type { Group, Week } from '@kotabi/core/model';
import { dayInput, planDay, withCalendars, withPlan } from '@kotabi/core/schedule';
import { eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { busyFrom } from '../calendars/busy';
import { refresh } from '../calendars/copies';
import type { Context } from '../context';
import { answers, weeks } from '../db/schema';
import { makeDesk } from '../desk/pages';
import { giveOut } from '../given/given';
import { demoAnswers } from './answers';
import { demoBreaks } from './breaks';
import { demoCalendars } from './calendars';
import { demoMeasures } from './measures';
import { demoPastWeeks } from './past-weeks';
import { demoGroups, demoPeople } from './people';
import { demoSessions } from './sessions';
import { demoWeeks } from './weeks';

const DAY_MS = 86_400_000;

/** Fills an empty database with the demo scenario, its dates laid around today. */
export const loadDemo = async (ctx: Context): Promise<void> => {
  const today = ctx.now();
  const put = async <T extends { id: string }>(
    store: { put: (change: { baseVersion: number; value: T }) => Promise<{ ok: boolean }> },
    values: readonly T[],
  ): Promise<void> => {
    for (const value of values) {
      const { ok } = await store.put({ baseVersion: 0, value });
      if (!ok) throw new Error(`The demo entry "${value.id}" was there already.`);
    }
  };
  await put(ctx.groups, demoGroups);
  await put(ctx.people, demoPeople);
  await put(ctx.breaks, demoBreaks);
  await put(ctx.weeks, demoWeeks(today));
  const before = ({ startDate }: Week): Date => new Date(Date.parse(startDate) - DAY_MS);
  // What the timetable and the call desk have is given out; the claims team's week is still a draft. Done before it began.
  for (const kept of await ctx.weeks.list()) {
    const group = demoGroups.find((g) => g.id === kept.value.groupId);
    if (group && group.id !== 'claims') await giveOut(ctx, kept, group, before(kept.value));
  }
  for (const personId of [null, 'p-2'])
    await makeDesk(ctx, {
      token: nanoid(32),
      groupId: 'timetable-desk',
      personId,
      createdAt: today.toISOString(),
      revokedAt: null,
    });
  await put(ctx.weeks, demoPastWeeks(today));
  const led = demoSessions(today);
  await put(ctx.sessions, led);
  await put(ctx.measures, demoMeasures(today, new Set(led.map((s) => s.id))));
  await ctx.db.insert(answers).values(
    demoAnswers(today).map((a) => ({
      id: a.id,
      groupId: a.groupId,
      personId: a.personId,
      startsAt: a.startsAt,
      data: a,
    })),
  );
};

/**
 * Subscribes a new demo to the stand-in calendars. A demo that is there already keeps those it has; the stand-in
 * may have another port than the last time, and then their addresses follow it.
 */
export const subscribeDemo = async (ctx: Context, standIn: string, isNew: boolean): Promise<void> => {
  for (const calendar of demoCalendars(standIn)) {
    const kept = await ctx.calendars.get(calendar.id);
    if (!kept && !isNew) continue;
    const value = { ...(kept?.value ?? calendar), address: calendar.address, inside: true };
    await ctx.calendars.put({ baseVersion: kept?.version ?? 0, value });
    await refresh(ctx, value);
  }
  if (isNew)
    await planAroundCalendars(
      ctx,
      demoGroups.find((g) => g.id === 'claims'),
    );
};

/** The week of a group as it would be if it had been planned with its calendars there. */
const planAroundCalendars = async (ctx: Context, group: Group | undefined): Promise<void> => {
  if (!group) return;
  for (const { value, version } of await ctx.weeks.list(eq(weeks.groupId, group.id))) {
    const dates = value.days.map((d) => d.date);
    const week = withCalendars(value, await busyFrom(ctx, { group, person: null }, dates));
    const days = week.days.map((day) => {
      const result = planDay(dayInput(group, week.rule, day));
      return result.ok ? withPlan(day, result.plan.breaks) : day;
    });
    await ctx.weeks.put({ baseVersion: version, value: { ...week, days } });
  }
};
