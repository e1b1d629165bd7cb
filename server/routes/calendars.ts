import { MOST_BYTES } from '@kotabi/core/calendars';
import { IsoDateSchema } from '@kotabi/core/model';
import { addDays } from '@kotabi/core/schedule';
import { eq } from 'drizzle-orm';
import express, { type Express } from 'express';
import { z } from 'zod';
import { busyFrom } from '../calendars/busy';
import { calendarRows, refresh, stateOf, takeText } from '../calendars/copies';
import type { Context } from '../context';
import { calendars } from '../db/schema';
import { invalid, parse, Refusal, unknownReference } from '../errors';
import { deleteKept, getKept, putKept } from './kept';
import { route } from './route';

const BusyQuery = z.object({
  from: IsoDateSchema,
  days: z.coerce.number().int().min(1).max(62).default(7),
  personId: z.string().optional(),
  instructor: z.literal('yes').optional(),
});

/** Reads a calendar as text before anything else looks at the body: it may be larger than other bodies. */
export const calendarBodies = (app: Express): void => {
  app.use('/api/calendars/:id/file', express.text({ type: () => true, limit: MOST_BYTES }));
};

/** Calendars that are planned around, and the busy times they give. */
export const calendarRoutes = (app: Express, ctx: Context): void => {
  const rowOf = async (id: string) => {
    await getKept(ctx.calendars, id);
    const [row] = await ctx.db.select().from(calendars).where(eq(calendars.id, id));
    return row as typeof calendars.$inferSelect;
  };

  route(app, '/api/groups/:id/calendars', 'instructor', {
    get: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.id));
      const states = new Map((await calendarRows(ctx, group.id)).map((r) => [r.id, stateOf(r)]));
      const kept = await ctx.calendars.list(eq(calendars.groupId, group.id));
      res.json(kept.map((k) => ({ ...k, state: states.get(k.value.id) })));
    },
  });
  route(app, '/api/calendars/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.calendars, String(req.params.id))),
    put: (req, res) =>
      putKept(ctx.calendars, req, res, async ({ groupId, personId }) => {
        await ctx.requireGroup(groupId);
        await ctx.requirePerson(personId, groupId);
      }),
    delete: (req, res) => deleteKept(ctx.calendars, String(req.params.id), res),
  });
  route(app, '/api/calendars/:id/file', 'instructor', {
    /** Takes a file over as the calendar's copy, or changes nothing and says why. */
    post: async (req, res) => {
      const { value } = await getKept(ctx.calendars, String(req.params.id));
      await ctx.must(ctx.calendars, value.id, 'edit');
      const taken = await takeText(ctx, value, typeof req.body === 'string' ? req.body : '');
      if (!taken.ok)
        throw new Refusal(422, 'invalid', `${taken.problem} Nothing was changed.`, [
          { path: '', message: taken.problem },
        ]);
      res.json(stateOf(await rowOf(value.id)));
    },
  });
  route(app, '/api/calendars/:id/refresh', 'instructor', {
    /** Asks a subscribed calendar now. The answer says how it stands, also when it could not be reached. */
    post: async (req, res) => {
      const { value } = await getKept(ctx.calendars, String(req.params.id));
      await ctx.must(ctx.calendars, value.id, 'edit');
      if (value.address === null)
        throw invalid([
          { path: 'address', message: 'is missing: this calendar was read from a file', value: null },
        ]);
      await refresh(ctx, value);
      res.json(stateOf(await rowOf(value.id)));
    },
  });
  route(app, '/api/groups/:id/busy', 'instructor', {
    get: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.id));
      const { from, days, personId, instructor } = parse(BusyQuery, req.query);
      const person = personId === undefined ? null : (await ctx.people.get(personId))?.value;
      if (person === undefined || (person && person.groupId !== group.id))
        throw unknownReference('personId', 'person', String(personId));
      const dates = Array.from({ length: days }, (_, n) => addDays(from, n));
      const whose = { group, person, instructor: instructor === 'yes' };
      // The instructor leads outside a group's own hours as well.
      const hours = whose.instructor ? { startMin: 0, endMin: 1440 } : undefined;
      const busy = await busyFrom(ctx, whose, dates, hours);
      res.json([...busy].map(([date, times]) => ({ date, busy: times })));
    },
  });
};
