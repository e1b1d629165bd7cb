import { type Answer, Reply } from '@kotabi/core/model';
import { desc, eq } from 'drizzle-orm';
import type { Express } from 'express';
import type { Context } from '../context';
import { answers, messages } from '../db/schema';
import { notFound, parse, Refusal } from '../errors';
import { messageOf, snooze } from '../reminders/scheduler';
import { route } from './route';

/** So many messages the outbox shows. */
const SHOWN = 200;

/** The outbox of the message channel, the replies to it, and the log of what people answered. */
export const messageRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/messages', 'instructor', {
    get: async (_, res) => {
      const rows = await ctx.db
        .select()
        .from(messages)
        .where(ctx.inMyGroups(messages))
        .orderBy(desc(messages.startsAt))
        .limit(SHOWN);
      const names = new Map((await ctx.people.list()).map((p) => [p.value.id, p.value.name]));
      res.json(rows.map((r) => ({ ...messageOf(r), personName: names.get(r.personId) ?? '' })));
    },
  });
  route(app, '/api/messages/:id/reply', 'instructor', {
    post: async (req, res) => {
      const id = String(req.params.id);
      const reply = parse(Reply, req.body);
      const [row] = await ctx.db.select().from(messages).where(eq(messages.id, id));
      const person = row && (await ctx.people.get(row.personId));
      if (!row || !person) throw notFound('message', id);
      await ctx.must(ctx.groups, row.groupId, 'edit');
      if (row.state !== 'sent')
        throw new Refusal(409, 'conflict', `This reminder is ${row.state}; it cannot be answered now.`, [
          { path: 'state', message: 'must be sent', bound: 'sent', value: row.state },
        ]);
      if (reply.answer === 'snooze') {
        await snooze(ctx, id, reply.minutes);
        res.status(204).end();
        return;
      }
      const answer: Answer = {
        id: row.id,
        groupId: row.groupId,
        personId: row.personId,
        personName: person.value.name,
        breakId: row.breakId,
        breakName: row.breakName,
        date: row.date,
        startMin: row.startMin,
        startsAt: row.startsAt,
        answer: reply.answer,
        answeredAt: ctx.now().toISOString(),
        tensionBefore: null,
        tensionAfter: null,
        hurtAt: null,
      };
      // The answer and the state of its message are kept together or not at all.
      await ctx.db.batch([
        ctx.db
          .insert(answers)
          .values({
            id: answer.id,
            groupId: answer.groupId,
            personId: answer.personId,
            startsAt: answer.startsAt,
            data: answer,
          })
          .onConflictDoNothing(),
        ctx.db.update(messages).set({ state: 'answered' }).where(eq(messages.id, id)),
      ]);
      res.status(201).json(answer);
    },
  });
  route(app, '/api/answers', 'instructor', {
    get: async (_, res) => {
      const rows = await ctx.db
        .select()
        .from(answers)
        .where(ctx.inMyGroups(answers))
        .orderBy(desc(answers.startsAt));
      res.json(rows.map((r) => r.data));
    },
  });
};
