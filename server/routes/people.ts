import { Forget, Person } from '@kotabi/core/model';
import { eq } from 'drizzle-orm';
import type { Express } from 'express';
import { z } from 'zod';
import type { Context } from '../context';
import {
  answers,
  calendarEntries,
  calendars,
  devices,
  feeds,
  measures,
  messages,
  people,
  weeks,
} from '../db/schema';
import { renewDesks } from '../desk/pages';
import { invalid, parse } from '../errors';
import { renewBreaks } from '../given/given';
import { forgetInPutAway, forgetInRecords, tellsOf } from '../people/in-records';
import { Names } from '../people/names';
import { getKept, putKept } from './kept';
import { route } from './route';

const Import = z.object({ people: z.array(Person).min(1).max(500) });

/** People: kept one by one or many at once, given out whole, and deleted everywhere. */
export const peopleRoutes = (app: Express, ctx: Context): void => {
  const names = new Names(ctx);

  route(app, '/api/groups/:id/people', 'instructor', {
    get: async (req, res) => {
      const { value } = await getKept(ctx.groups, String(req.params.id));
      res.json(await ctx.people.list(eq(people.groupId, value.id)));
    },
    /** Keeps many new people of one group, all or none. */
    post: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.id));
      await ctx.must(ctx.groups, group.id, 'edit');
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
      const there = await ctx.db.select({ id: people.id }).from(people);
      const taken = new Set(there.map((p) => p.id));
      const again = list.findIndex((p, i) => taken.has(p.id) || list.slice(0, i).some((q) => q.id === p.id));
      if (again >= 0)
        throw invalid([{ path: `people.${again}.id`, message: 'is there already', value: list[again]?.id }]);
      const updatedAt = ctx.now().toISOString();
      // One statement, so that nothing is ever half imported.
      await ctx.db
        .insert(people)
        .values(list.map((p) => ({ ...ctx.people.newRow(p, updatedAt), groupId: p.groupId })));
      res.status(201).json({ kept: list.length });
    },
  });

  route(app, '/api/people/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.people, String(req.params.id))),
    put: async (req, res) => {
      await putKept(ctx.people, req, res, ({ groupId }) => ctx.requireGroup(groupId));
      // What they are given follows their limits at once.
      const person = (await ctx.people.get(String(req.params.id)))?.value;
      if (person) await renewDesks(ctx, person.groupId, person.id);
    },
    /** Deletes a person: the entry with all that hangs on it, and the name in the notes of the log. */
    delete: async (req, res) => {
      const { value: person } = await getKept(ctx.people, String(req.params.id));
      await ctx.must(ctx.people, person.id, 'edit');
      const notes = (await names.find(person.name)).filter((text) => text.kind === 'session');
      await forgetInRecords(ctx, person.id);
      await forgetInPutAway(ctx, person);
      await ctx.db.batch([
        ctx.db.delete(people).where(eq(people.id, person.id)),
        ...(await names.removal(person.name, notes)),
      ]);
      // What was deleted is overwritten in the file itself, not only later.
      await ctx.db.$client.checkpoint();
      res.status(204).end();
    },
  });

  route(app, '/api/people/:id/forget', 'instructor', {
    /** Takes a person's name out of texts that were chosen one by one. */
    post: async (req, res) => {
      const { value: person } = await getKept(ctx.people, String(req.params.id));
      await ctx.must(ctx.people, person.id, 'edit');
      const { places } = parse(Forget, req.body);
      const [first, ...rest] = await names.removal(person.name, places);
      if (first) await ctx.db.batch([first, ...rest]);
      await renewBreaks(ctx);
      for (const group of await ctx.groups.list(ctx.groups.allowed('edit')))
        await renewDesks(ctx, group.value.id);
      await ctx.db.$client.checkpoint();
      res.status(204).end();
    },
  });

  /** Everything that is kept about one person. */
  route(app, '/api/people/:id/kept', 'instructor', {
    get: async (req, res) => {
      const kept = await getKept(ctx.people, String(req.params.id));
      const group = await getKept(ctx.groups, kept.value.groupId);
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
        /** Texts in which the name stands. */
        texts: await names.find(kept.value.name),
        calendars: own.map(({ value }) => ({
          ...value,
          times: copies.find((c) => c.id === value.id)?.times ?? [],
        })),
        weeks: ownWeeks.map((w) => w.value),
        answers: said.map((a) => a.data),
        reminders: sent,
        /** Since when they are reminded on which devices; where those are is between them and their browser. */
        devices: await ctx.db
          .select({ createdAt: devices.createdAt })
          .from(devices)
          .where(eq(devices.personId, id)),
        addresses: await ctx.db
          .select({ createdAt: feeds.createdAt, revokedAt: feeds.revokedAt })
          .from(feeds)
          .where(eq(feeds.personId, id)),
        /** When they took part, and what happened to them. */
        records: (await ctx.sessions.list())
          .filter(({ value }) => tellsOf(value, id))
          .map(({ value }) => ({
            breakName: value.breakName,
            startedAt: value.startedAt,
            tookPart: value.came.people.includes(id),
            events: value.events.filter((e) => e.personId === id),
          })),
        /** What was measured of them. */
        measures: (await ctx.measures.list(eq(measures.personId, id))).map((m) => m.value),
        toldToCalendars: (
          await ctx.db.select().from(calendarEntries).where(eq(calendarEntries.personId, id))
        ).map((e) => e.data),
      });
    },
  });
};
