import { May, Shared, type SharedWithMe, ShareRequest, type Shares } from '@kotabi/core/model';
import { and, eq } from 'drizzle-orm';
import type { Express, Request } from 'express';
import type { Accounts } from '../access/accounts';
import { actor } from '../access/actor';
import type { Context } from '../context';
import { accounts as accountsTable, breaks, groups, shares } from '../db/schema';
import { invalid, notFound, parse } from '../errors';
import { route } from './route';

/** Sharing a group or a break with colleagues, to be looked at or edited. */
export const shareRoutes = (app: Express, ctx: Context, accounts: Accounts): void => {
  const thing = async (req: Request, wish: 'look' | 'own'): Promise<{ kind: Shared; id: string }> => {
    const kind = Shared.safeParse(req.params.kind);
    const id = String(req.params.id);
    if (!kind.success) throw notFound('kind of shared thing', String(req.params.kind));
    if (kind.data === 'groups') await ctx.must(ctx.groups, id, wish);
    else await ctx.must(ctx.breaks, id, wish);
    return { kind: kind.data, id };
  };
  const ofThing = (kind: Shared, id: string) => and(eq(shares.kind, kind), eq(shares.thingId, id));

  route(app, '/api/shared', 'instructor', {
    /** What colleagues share with whoever asks. */
    get: async (_, res) => {
      const me = actor()?.id ?? '';
      const list: SharedWithMe[] = [];
      for (const [kind, table] of [
        ['groups', groups],
        ['breaks', breaks],
      ] as const) {
        const rows = await ctx.db
          .select({ id: shares.thingId, may: shares.may, owner: accountsTable.name })
          .from(shares)
          .innerJoin(table, eq(table.id, shares.thingId))
          .innerJoin(accountsTable, eq(accountsTable.id, table.owner))
          .where(and(eq(shares.kind, kind), eq(shares.accountId, me)));
        list.push(...rows.map((row) => ({ kind, ...row, may: May.parse(row.may) })));
      }
      res.json(list);
    },
  });
  route(app, '/api/shares/:kind/:id', 'instructor', {
    get: async (req, res) => {
      const { kind, id } = await thing(req, 'look');
      const store = kind === 'groups' ? ctx.groups : ctx.breaks;
      const { table } = store.kind;
      const [row] = await ctx.db.select({ owner: table.owner }).from(table).where(eq(table.id, id));
      const all = await accounts.list();
      const mine = await store.may(id, 'own');
      const list = await ctx.db
        .select({ accountId: shares.accountId, name: accountsTable.name, may: shares.may })
        .from(shares)
        .innerJoin(accountsTable, eq(accountsTable.id, shares.accountId))
        .where(ofThing(kind, id))
        .orderBy(accountsTable.called);
      const has = new Set(list.map((one) => one.accountId));
      res.json({
        owner: all.find((a) => a.id === row?.owner)?.name ?? null,
        mine,
        // With whom else something is shared is for its owner to know.
        list: (mine ? list : []) as Shares['list'],
        colleagues: mine
          ? all
              .filter((a) => a.id !== row?.owner && a.closedAt === null && a.roles.includes('instructor'))
              .filter((a) => !has.has(a.id))
              .map(({ id: accountId, name }) => ({ id: accountId, name }))
          : [],
      } satisfies Shares);
    },
  });
  route(app, '/api/shares/:kind/:id/:accountId', 'instructor', {
    put: async (req, res) => {
      const { kind, id } = await thing(req, 'own');
      const { may } = parse(ShareRequest, req.body);
      const account = await accounts.find(String(req.params.accountId));
      if (!account || account.closedAt !== null || !account.roles.includes('instructor'))
        throw notFound('colleague', String(req.params.accountId));
      if (account.id === actor()?.id)
        throw invalid([
          { path: 'accountId', message: 'is yourself: it is yours already', value: account.name },
        ]);
      await ctx.db
        .insert(shares)
        .values({ kind, thingId: id, accountId: account.id, may })
        .onConflictDoUpdate({ target: [shares.kind, shares.thingId, shares.accountId], set: { may } });
      res.status(204).end();
    },
    delete: async (req, res) => {
      const { kind, id } = await thing(req, 'own');
      const { rowsAffected } = await ctx.db
        .delete(shares)
        .where(and(ofThing(kind, id), eq(shares.accountId, String(req.params.accountId))));
      if (rowsAffected === 0) throw notFound('share', String(req.params.accountId));
      res.status(204).end();
    },
  });
};
