import type { Express } from 'express';
import type { Context } from '../context';
import { deleteKept, getKept, putKept } from './kept';
import { route } from './route';

/** Groups. Deleting a group deletes its people and weeks with it. */
export const groupRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/groups', 'instructor', { get: async (_, res) => void res.json(await ctx.groups.list()) });
  route(app, '/api/groups/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.groups, String(req.params.id))),
    put: (req, res) => putKept(ctx.groups, req, res),
    delete: (req, res) => deleteKept(ctx.groups, String(req.params.id), res),
  });
};
