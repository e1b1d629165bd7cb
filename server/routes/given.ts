import type { Express } from 'express';
import { z } from 'zod';
import type { Context } from '../context';
import { renewDesks } from '../desk/pages';
import { parse, Refusal } from '../errors';
import { givenStateOf, giveOut, takeBack } from '../given/given';
import { getKept } from './kept';
import { route } from './route';

/** The state that whoever gives it out has seen: nothing is given out unseen. */
const Wish = z.object({ version: z.int().min(1) });

/** Giving a week out, and taking it back. Until then it is a draft that nobody else sees. */
export const givenRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/weeks/:id/given', 'instructor', {
    get: async (req, res) => {
      const { value: week } = await getKept(ctx.weeks, String(req.params.id));
      res.json(await givenStateOf(ctx, week.id));
    },
    post: async (req, res) => {
      const kept = await getKept(ctx.weeks, String(req.params.id));
      await ctx.must(ctx.groups, kept.value.groupId, 'edit');
      const { version } = parse(Wish, req.body);
      if (version !== kept.version)
        throw new Refusal(
          409,
          'conflict',
          'This week was changed elsewhere since you looked at it. Nothing was given out.',
          [{ path: 'version', message: 'is not the newest version', bound: kept.version, value: version }],
        );
      const { value: group } = await getKept(ctx.groups, kept.value.groupId);
      await ctx.asOwnerOf(group.id, () => giveOut(ctx, kept, group));
      await renewDesks(ctx, group.id);
      res.status(201).json(await givenStateOf(ctx, kept.value.id));
    },
    delete: async (req, res) => {
      const { value: week } = await getKept(ctx.weeks, String(req.params.id));
      await ctx.must(ctx.groups, week.groupId, 'edit');
      await takeBack(ctx, week.id);
      await renewDesks(ctx, week.groupId);
      res.json(await givenStateOf(ctx, week.id));
    },
  });
};
