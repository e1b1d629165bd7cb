import { SessionPiece } from '@kotabi/core/model';
import { withPiece } from '@kotabi/core/record';
import { desc } from 'drizzle-orm';
import type { Express } from 'express';
import type { Context } from '../context';
import { sessions } from '../db/schema';
import { invalid, parse, Refusal } from '../errors';
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
  route(app, '/api/sessions/:id/pieces', 'instructor', {
    /** Keeps a piece of a record while it is led. The same piece twice changes nothing, so that it can be sent again. */
    post: async (req, res) => {
      const id = String(req.params.id);
      const piece = parse(SessionPiece, req.body);
      if (piece.id !== id)
        throw invalid([{ path: 'id', message: 'must be the id in the address', bound: id, value: piece.id }]);
      const before = (await ctx.sessions.get(id)) ?? null;
      if (before) await ctx.must(ctx.sessions, id, 'edit');
      await ctx.requireBreak(piece.breakId);
      await ctx.requireGroup(piece.groupId);
      const value = withPiece(before?.value ?? null, piece);
      if (!value)
        throw new Refusal(409, 'conflict', 'Parts before this piece are missing. Send them first.', [
          {
            path: 'from',
            message: 'is beyond what is there',
            bound: before?.value.parts.length ?? 0,
            value: piece.from,
          },
        ]);
      const result = await ctx.sessions.put({ baseVersion: before?.version ?? 0, value });
      if (!result.ok)
        throw new Refusal(
          409,
          'conflict',
          'This record was changed at the same moment. Send the piece again.',
        );
      res.status(result.created ? 201 : 200).json({
        version: result.kept.version,
        parts: result.kept.value.parts.length,
      });
    },
  });
};
