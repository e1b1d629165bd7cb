import { library } from '@kotabi/core/moves';
import type { Express } from 'express';
import type { Context } from '../context';
import { getKept, putKept } from './kept';
import { route } from './route';

/** The library's moves and the instructor's own. */
export const moveRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/moves', {
    get: async (_, res) => {
      const own = await ctx.moves.list();
      const taken = new Set(own.map((m) => m.value.id));
      res.json({ library: library.filter((m) => !taken.has(m.id)), own });
    },
  });
  route(app, '/api/moves/:id', {
    get: async (req, res) => void res.json(await getKept(ctx.moves, String(req.params.id))),
    put: (req, res) => putKept(ctx.moves, req, res),
  });
};
