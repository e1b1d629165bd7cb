import { desc } from 'drizzle-orm';
import type { Express } from 'express';
import type { Context } from '../context';
import { sessions } from '../db/schema';
import { deleteKept, getKept, putKept } from './kept';
import { route } from './route';

/** The log: one record for each break that was led. */
export const sessionRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/sessions', 'instructor', {
    get: async (_, res) => void res.json(await ctx.sessions.list(undefined, desc(sessions.startedAt))),
  });
  route(app, '/api/sessions/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.sessions, String(req.params.id))),
    put: (req, res) =>
      putKept(ctx.sessions, req, res, async ({ groupId, breakId }) => {
        await ctx.requireBreak(breakId);
        await ctx.requireGroup(groupId);
      }),
    delete: (req, res) => deleteKept(ctx.sessions, String(req.params.id), res),
  });
};
