import { isDeepStrictEqual } from 'node:util';
import type { Group } from '@kotabi/core/model';
import type { Express } from 'express';
import type { Context } from '../context';
import { renewDesks } from '../desk/pages';
import { deleteKept, getKept, putKept } from './kept';
import { route } from './route';

/** What of a group the pages of its people depend on: its chairs, its things, its name and its clock. */
const shownOf = ({ seats, things, room, name, timeZone }: Group) => ({ seats, things, room, name, timeZone });

/** Groups. Deleting a group deletes its people and weeks with it. */
export const groupRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/groups', 'instructor', { get: async (_, res) => void res.json(await ctx.groups.list()) });
  route(app, '/api/groups/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.groups, String(req.params.id))),
    put: async (req, res) => {
      const id = String(req.params.id);
      const before = (await ctx.groups.get(id))?.value;
      await putKept(ctx.groups, req, res);
      const after = (await ctx.groups.get(id))?.value;
      if (before && after && !isDeepStrictEqual(shownOf(before), shownOf(after))) await renewDesks(ctx, id);
    },
    delete: (req, res) => deleteKept(ctx.groups, String(req.params.id), res),
  });
};
