import type { Session } from '@kotabi/core/model';
import type { Context } from '../context';

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
