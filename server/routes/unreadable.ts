import type { Unread } from '@kotabi/core/model';
import type { Express } from 'express';
import type { Context } from '../context';
import type { Unreadable } from '../db/store';
import { notFound } from '../errors';
import { route } from './route';
import { sendFile } from './send-file';

/** The name in a row that could not be read as a whole; empty where there is none. */
const nameIn = ({ row }: Unreadable): string => {
  const name = (row.data as { name?: unknown } | null)?.name;
  return typeof name === 'string' ? name.slice(0, 80) : '';
};

/** What is kept but cannot be read: named, so that nobody misses it unknowingly, and to be taken away as it is. */
export const unreadableRoutes = (app: Express, ctx: Context): void => {
  const all = async (): Promise<Unreadable[]> =>
    (await Promise.all(ctx.stores.map((store) => store.unreadable()))).flat();

  route(app, '/api/unreadable', 'instructor', {
    get: async (_, res) => {
      const list = (await all()).map(
        (one): Unread => ({
          kind: one.kind,
          id: one.row.id,
          name: nameIn(one),
          updatedAt: one.row.updatedAt,
        }),
      );
      res.json(list);
    },
  });
  route(app, '/api/unreadable/:kind/:id', 'instructor', {
    get: async (req, res) => {
      const { kind, id } = req.params;
      const found = (await all()).find((one) => one.kind === kind && one.row.id === id);
      if (!found) throw notFound('unreadable thing', String(id));
      sendFile(
        res,
        nameIn(found) || found.kind,
        '.json',
        'application/json',
        JSON.stringify(found.row, null, 2),
      );
    },
  });
};
