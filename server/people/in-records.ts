import type { Session } from '@kotabi/core/model';
import { eq, isNotNull } from 'drizzle-orm';
import type { Context } from '../context';
import { sessions } from '../db/schema';
import type { Row } from '../db/store';
import { naming } from './names';

/** Whether a record says something of a person. */
export const tellsOf = ({ came, events }: Session, personId: string): boolean =>
  came.people.includes(personId) || events.some((e) => e.personId === personId);

/** Takes a person out of all records: how many came stays, and what happened stays as having happened to someone. */
export const forgetInRecords = async (ctx: Context, personId: string): Promise<void> => {
  for (const { value, version } of await ctx.sessions.list(ctx.sessions.allowed('edit'))) {
    if (!tellsOf(value, personId)) continue;
    const people = value.came.people.filter((id) => id !== personId);
    await ctx.sessions.put({
      baseVersion: version,
      value: {
        ...value,
        came: { ...value.came, people },
        events: value.events.map((e) => (e.personId === personId ? { ...e, personId: null } : e)),
      },
    });
  }
};

/** Does away for good with put-away records that say something of a person: nobody can look at them to take the name out. */
export const forgetInPutAway = async (
  ctx: Context,
  { id, name }: { id: string; name: string },
): Promise<void> => {
  const rows = await ctx.db.select().from(sessions).where(isNotNull(sessions.deletedAt));
  for (const row of rows) {
    const { value } = ctx.sessions.read(row as unknown as Row);
    if (tellsOf(value, id) || naming(name).test(value.note))
      await ctx.db.delete(sessions).where(eq(sessions.id, row.id));
  }
};
