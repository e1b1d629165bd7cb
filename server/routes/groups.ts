import { eq } from 'drizzle-orm';
import type { Express } from 'express';
import type { Context } from '../context';
import { people } from '../db/schema';
import { deleteKept, getKept, putKept } from './kept';
import { route } from './route';

/** Groups and the people in them. Deleting a group deletes its people and weeks with it. */
export const groupRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/groups', { get: async (_, res) => void res.json(await ctx.groups.list()) });
  route(app, '/api/groups/:id', {
    get: async (req, res) => void res.json(await getKept(ctx.groups, String(req.params.id))),
    put: (req, res) => putKept(ctx.groups, req, res),
    delete: (req, res) => deleteKept(ctx.groups, String(req.params.id), res),
  });
  route(app, '/api/groups/:id/people', {
    get: async (req, res) => {
      const { value } = await getKept(ctx.groups, String(req.params.id));
      res.json(await ctx.people.list(eq(people.groupId, value.id)));
    },
  });
  route(app, '/api/people/:id', {
    put: (req, res) => putKept(ctx.people, req, res, ({ groupId }) => ctx.requireGroup(groupId)),
    delete: (req, res) => deleteKept(ctx.people, String(req.params.id), res),
  });
};
