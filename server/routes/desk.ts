import { Answer, DeskAnswer, type DeskItem, type DeskPage, DeskPageRequest } from '@kotabi/core/model';
import { and, eq, inArray, isNull } from 'drizzle-orm';
import type { Express } from 'express';
import { nanoid } from 'nanoid';
import type { Context } from '../context';
import { answers, deskPages, devices, messages } from '../db/schema';
import { hitCounter } from '../desk/hits';
import { deskAt, makeDesk, TOKEN_LENGTH } from '../desk/pages';
import { invalid, notFound, parse, Refusal, unknownReference } from '../errors';
import type { Rooms } from '../live/rooms';
import { deviceRoutes } from './devices';
import { getKept } from './kept';
import { route } from './route';

/** Pages for the people at the desks: made and withdrawn by the instructor, opened by whoever has the address. */
export const deskRoutes = (app: Express, ctx: Context, rooms: Rooms): void => {
  const count = hitCounter();
  deviceRoutes(app, ctx, count);

  route(app, '/api/groups/:id/pages', 'instructor', {
    get: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.id));
      // Whoever has an address can open the page: it is shown to those who may give it out.
      await ctx.must(ctx.groups, group.id, 'edit');
      const rows = await ctx.db
        .select()
        .from(deskPages)
        .where(and(eq(deskPages.groupId, group.id), isNull(deskPages.revokedAt)));
      res.json(rows.map(({ data: _, ...page }) => page));
    },
    post: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.id));
      await ctx.must(ctx.groups, group.id, 'edit');
      const { personId } = parse(DeskPageRequest, req.body);
      if (personId !== null && (await ctx.people.get(personId))?.value.groupId !== group.id)
        throw unknownReference('personId', 'person', personId);
      const page: DeskPage = {
        token: nanoid(TOKEN_LENGTH),
        groupId: group.id,
        personId,
        createdAt: ctx.now().toISOString(),
        revokedAt: null,
      };
      await makeDesk(ctx, page);
      res.status(201).json(page);
    },
  });
  route(app, '/api/pages/:token', 'instructor', {
    /** Withdraws a page for good; what it showed is gone with it. */
    delete: async (req, res) => {
      const { rowsAffected } = await ctx.db
        .update(deskPages)
        .set({ revokedAt: ctx.now().toISOString(), data: null })
        .where(
          and(
            eq(deskPages.token, String(req.params.token)),
            isNull(deskPages.revokedAt),
            ctx.inMyGroups(deskPages, 'edit'),
          ),
        );
      if (rowsAffected === 0) throw notFound('page', String(req.params.token));
      await ctx.db.delete(devices).where(eq(devices.token, String(req.params.token)));
      res.status(204).end();
    },
  });

  route(app, '/api/desk/:token', 'anyone', {
    get: async (req, res) => {
      await count(req);
      const { page, data } = await deskAt(ctx, String(req.params.token));
      const ids = data.items.map((i) => i.answerId).filter((id) => id !== '');
      const said =
        ids.length === 0 ? [] : await ctx.db.select().from(answers).where(inArray(answers.id, ids));
      res.set('Cache-Control', 'no-store').json({
        ...data,
        answers: said.map((row) => {
          const { id, date, startMin, answer } = row.data as Answer;
          return { id, date, startMin, answer };
        }),
        live: rooms.ofGroup(page.groupId)?.token ?? null,
      });
    },
  });

  route(app, '/api/desk/:token/no-mail', 'anyone', {
    /** Asks once more: programs that look through mails open links by themselves. */
    get: async (req, res) => {
      await count(req);
      await deskAt(ctx, String(req.params.token));
      res
        .type('html')
        .send(
          '<!doctype html><html lang="en"><title>No more mails</title><form method="post"><p>No more reminders by mail?</p><button>No more mails</button></form></html>',
        );
    },
    /** Ends mails to whoever the page is for, by one press in the mail program or on the page above. */
    post: async (req, res) => {
      await count(req);
      const { page } = await deskAt(ctx, String(req.params.token));
      await ctx.asOwnerOf(page.groupId, async () => {
        const kept = page.personId === null ? undefined : await ctx.people.get(page.personId);
        if (!kept?.value.mail) return;
        const { mail: _, ...value } = kept.value;
        await ctx.people.put({ baseVersion: kept.version, value });
      });
      res.type('text/plain').send('No more mails will come. Your page stays as it is.');
    },
  });

  const itemOf = (items: readonly DeskItem[], plannedId: string): DeskItem => {
    const item = items.find((i) => i.plannedId === plannedId);
    if (item) return item;
    throw invalid([{ path: 'plannedId', message: 'is not planned on this page', value: plannedId }]);
  };
  route(app, '/api/desk/:token/answers', 'anyone', {
    /** Whether a break was done, by whoever it was for. Said again, the newer word counts. */
    post: async (req, res) => {
      await count(req);
      const { page, data } = await deskAt(ctx, String(req.params.token));
      if (page.personId === null)
        throw new Refusal(
          403,
          'notForYou',
          'The page of a whole group takes no answers: nobody would know whose they are.',
        );
      const said = parse(DeskAnswer, req.body);
      const planned = said.plannedId === null ? null : itemOf(data.items, said.plannedId);
      const brk = data.breaks.find((b) => b.brk.id === (planned?.breakId ?? said.breakId));
      const now = ctx.now();
      const local = new Intl.DateTimeFormat('en-CA', {
        timeZone: data.timeZone,
        dateStyle: 'short',
        timeStyle: 'short',
        hourCycle: 'h23',
      }).format(now);
      const [date = '', clock = ''] = local.split(', ');
      const [hour = 0, minute = 0] = clock.split(':').map(Number);
      const answer = Answer.parse({
        id: planned?.answerId ?? nanoid(),
        groupId: page.groupId,
        personId: page.personId,
        personName: data.name,
        breakId: brk?.brk.id ?? null,
        breakName: planned?.name ?? brk?.brk.name ?? 'Stretch break',
        date: planned?.date ?? date,
        startMin: planned?.startMin ?? hour * 60 + minute,
        startsAt: planned?.startsAt ?? now.toISOString(),
        answer: said.answer,
        answeredAt: now.toISOString(),
        tensionBefore: said.tensionBefore,
        tensionAfter: said.tensionAfter,
        hurtAt: said.hurtAt,
      });
      const row = { groupId: answer.groupId, startsAt: answer.startsAt, data: answer };
      // The answer and the reminder it answers change together or not at all.
      await ctx.db.batch([
        ctx.db
          .insert(answers)
          .values({ id: answer.id, personId: page.personId, ...row })
          .onConflictDoUpdate({ target: answers.id, set: row }),
        ctx.db.update(messages).set({ state: 'answered' }).where(eq(messages.id, answer.id)),
      ]);
      res.status(201).json({ answer: answer.answer });
    },
  });
};
