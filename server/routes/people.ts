import { Person, type Session } from '@kotabi/core/model';
import { eq } from 'drizzle-orm';
import type { Express } from 'express';
import { z } from 'zod';
import type { Context } from '../context';
import { answers, calendars, messages, people, sessions, weeks } from '../db/schema';
import { shapeOf } from '../db/shapes';
import { invalid, parse } from '../errors';
import { getKept, putKept } from './kept';
import { route } from './route';

const Import = z.object({ people: z.array(Person).min(1).max(500) });

/** What stands in a note in place of a name that is no longer kept. */
const SOMEONE = '(someone)';

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
/** Finds a name as a whole word, in any case. */
const naming = (name: string): RegExp =>
  new RegExp(`(?<![\\p{L}\\p{N}])${escaped(name)}(?![\\p{L}\\p{N}])`, 'giu');

/** People: kept one by one or many at once, given out whole, and deleted everywhere. */
export const peopleRoutes = (app: Express, ctx: Context): void => {
  const notesNaming = async (name: string): Promise<Session[]> => {
    const pattern = naming(name);
    return (await ctx.sessions.list()).map((s) => s.value).filter((s) => s.note.match(pattern) !== null);
  };

  route(app, '/api/groups/:id/people', {
    get: async (req, res) => {
      const { value } = await getKept(ctx.groups, String(req.params.id));
      res.json(await ctx.people.list(eq(people.groupId, value.id)));
    },
    /** Keeps many new people of one group, all or none. */
    post: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.id));
      const { people: list } = parse(Import, req.body);
      const wrong = list.findIndex((p) => p.groupId !== group.id);
      if (wrong >= 0)
        throw invalid([
          {
            path: `people.${wrong}.groupId`,
            message: 'must be the group in the address',
            bound: group.id,
            value: list[wrong]?.groupId,
          },
        ]);
      const taken = new Set((await ctx.people.list()).map((p) => p.value.id));
      const again = list.findIndex((p, i) => taken.has(p.id) || list.slice(0, i).some((q) => q.id === p.id));
      if (again >= 0)
        throw invalid([{ path: `people.${again}.id`, message: 'is there already', value: list[again]?.id }]);
      const updatedAt = ctx.now().toISOString();
      // One statement, so that nothing is ever half imported.
      await ctx.db
        .insert(people)
        .values(list.map((p) => ({ ...ctx.people.rowOf(p, 1, updatedAt), groupId: p.groupId })));
      res.status(201).json({ kept: list.length });
    },
  });

  route(app, '/api/people/:id', {
    get: async (req, res) => void res.json(await getKept(ctx.people, String(req.params.id))),
    put: (req, res) => putKept(ctx.people, req, res, ({ groupId }) => ctx.requireGroup(groupId)),
    /** Deletes a person everywhere: the entry, and the name in the notes of the log. */
    delete: async (req, res) => {
      const { value: person } = await getKept(ctx.people, String(req.params.id));
      const named = await notesNaming(person.name);
      const updatedAt = ctx.now().toISOString();
      await ctx.db.batch([
        ctx.db.delete(people).where(eq(people.id, person.id)),
        ...named.map((session) =>
          ctx.db
            .update(sessions)
            .set({
              updatedAt,
              shape: shapeOf('session'),
              data: { ...session, note: session.note.replace(naming(person.name), SOMEONE) },
            })
            .where(eq(sessions.id, session.id)),
        ),
      ]);
      res.status(204).end();
    },
  });

  /** Everything that is kept about one person. */
  route(app, '/api/people/:id/kept', {
    get: async (req, res) => {
      const kept = await getKept(ctx.people, String(req.params.id));
      const group = await getKept(ctx.groups, kept.value.groupId);
      const named = await notesNaming(kept.value.name);
      const { id } = kept.value;
      const own = await ctx.calendars.list(eq(calendars.personId, id));
      const ownWeeks = await ctx.weeks.list(eq(weeks.personId, id));
      const said = await ctx.db.select().from(answers).where(eq(answers.personId, id));
      const sent = await ctx.db.select().from(messages).where(eq(messages.personId, id));
      const copies = await ctx.db.select().from(calendars).where(eq(calendars.personId, id));
      res.json({
        person: kept.value,
        group: group.value.name,
        updatedAt: kept.updatedAt,
        notes: named.map(({ startedAt, breakName, note }) => ({ startedAt, breakName, note })),
        calendars: own.map(({ value }) => ({
          ...value,
          times: copies.find((c) => c.id === value.id)?.times ?? [],
        })),
        weeks: ownWeeks.map((w) => w.value),
        answers: said.map((a) => a.data),
        reminders: sent,
      });
    },
  });
};
