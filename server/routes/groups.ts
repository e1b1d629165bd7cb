import type { Express } from 'express';
import type { Context } from '../context';
import { renewDesks } from '../desk/pages';
import { deleteKept, getKept, putKept } from './kept';
import { route } from './route';

/** Groups. Deleting a group deletes its people and weeks with it. */
export const groupRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/groups', 'instructor', { get: async (_, res) => void res.json(await ctx.groups.list()) });
  route(app, '/api/groups/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.groups, String(req.params.id))),
    put: async (req, res) => {
      await putKept(ctx.groups, req, res);
      // Chairs and things may have changed.
      await renewDesks(ctx, String(req.params.id));
    },
    delete: (req, res) => deleteKept(ctx.groups, String(req.params.id), res),
  });
};
