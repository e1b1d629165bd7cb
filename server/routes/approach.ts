import { type Kept, type KeptApproach, usualApproach } from '@kotabi/core/model';
import type { Express } from 'express';
import type { Context } from '../context';
import { putKept } from './kept';
import { route } from './route';

/** The instructor's approach: one for the instructor, the usual one until another is kept. */
export const approachRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/approach/:id', 'instructor', {
    get: async (_, res) => {
      const usual: Kept<KeptApproach> = {
        version: 0,
        updatedAt: ctx.now().toISOString(),
        value: usualApproach,
      };
      res.json((await ctx.settings.get('approach')) ?? usual);
    },
    put: (req, res) => putKept(ctx.settings, req, res),
  });
};
