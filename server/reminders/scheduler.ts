import type { Message, MessageState } from '@kotabi/core/model';
import { and, eq, inArray } from 'drizzle-orm';
import type { Context } from '../context';
import { messages } from '../db/schema';
import { meetingEnds, type Reminder, remindersNow } from './due';
import { reach } from './reach';

type Row = typeof messages.$inferSelect;

export const messageOf = (row: Row): Message => ({ ...row, state: row.state as MessageState });

/** A message that has been in the outbox for so long without being wanted any more is left alone. */
const set = async (
  ctx: Context,
  id: string,
  from: readonly MessageState[],
  to: Partial<Row>,
): Promise<boolean> => {
  const { rowsAffected } = await ctx.db
    .update(messages)
    .set(to)
    // The state it is in is asked again while writing: of two schedulers only one sends.
    .where(and(eq(messages.id, id), inArray(messages.state, [...from])));
  return rowsAffected > 0;
};

const enter = async (ctx: Context, r: Reminder, state: MessageState): Promise<void> => {
  const { lastAt: _, ...row } = r;
  await ctx.db
    .insert(messages)
    .values({ ...row, state })
    .onConflictDoNothing();
};

/**
 * Looks once at what is due. Every reminder is entered into the outbox as waiting before it is sent, under an id
 * made of what it reminds of, so a server that is stopped in between neither forgets it nor sends it twice. During
 * a meeting of the person it waits; once the break is over it is marked as too late; when the break is not planned
 * any more it is withdrawn.
 */
export const tick = async (ctx: Context): Promise<{ sent: number }> => {
  const now = ctx.now().toISOString();
  const at = Date.parse(now);
  const reminders = new Map((await remindersNow(ctx)).map((r) => [r.id, r]));
  for (const r of reminders.values())
    if (Date.parse(r.dueAt) <= at) await enter(ctx, r, Date.parse(r.lastAt) < at ? 'too late' : 'waiting');

  let sent = 0;
  const mailed = new Set<string>();
  const waiting = await ctx.db.select().from(messages).where(eq(messages.state, 'waiting'));
  for (const row of waiting) {
    const reminder = reminders.get(row.id);
    if (!reminder) {
      await set(ctx, row.id, ['waiting'], { state: 'withdrawn' });
      continue;
    }
    if (Date.parse(row.dueAt) > at) continue;
    // One that was put off by its reader may come after the break; all others not long after its start.
    if (row.times === 0 && Date.parse(reminder.lastAt) < at) {
      await set(ctx, row.id, ['waiting'], { state: 'too late' });
      continue;
    }
    const group = await ctx.groups.get(row.groupId);
    const person = await ctx.people.get(row.personId);
    if (!group || !person) continue;
    const until = await meetingEnds(ctx, group.value, person.value);
    if (until !== null) {
      await set(ctx, row.id, ['waiting'], { dueAt: until });
      continue;
    }
    if (!(await set(ctx, row.id, ['waiting'], { state: 'sent', sentAt: now, times: row.times + 1 })))
      continue;
    sent++;
    // Never two at once: whoever has two due is written to once.
    if (mailed.has(row.personId)) continue;
    mailed.add(row.personId);
    await ctx
      .asOwnerOf(row.groupId, () => reach(ctx, group.value, person.value, row))
      .catch((error: unknown) => ctx.log.error({ err: error }, 'a reminder could not be sent'));
  }
  return { sent };
};

/** Puts a message off: it is sent again so much later. False when it cannot be put off any more. */
export const snooze = (ctx: Context, id: string, minutes: number): Promise<boolean> =>
  set(ctx, id, ['sent'], {
    state: 'waiting',
    dueAt: new Date(ctx.now().getTime() + minutes * 60_000).toISOString(),
  });
