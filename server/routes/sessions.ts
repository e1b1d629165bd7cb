import { SessionPiece } from '@kotabi/core/model';
import { corrected, withPiece } from '@kotabi/core/record';
import { eq } from 'drizzle-orm';
import type { Express } from 'express';
import type { Context } from '../context';
import { sessions } from '../db/schema';
import { invalid, parse, Refusal } from '../errors';
import { getKept, putKept } from './kept';
import { route } from './route';

/** Records: one for each break that was led. Lists of them are read in brief (`records.ts`). */
export const sessionRoutes = (app: Express, ctx: Context): void => {
  const mark = async (id: string, deletedAt: string | null): Promise<void> => {
    await ctx.must(ctx.sessions, id, 'own');
    await ctx.db.update(sessions).set({ deletedAt }).where(eq(sessions.id, id));
  };
  route(app, '/api/sessions/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.sessions, String(req.params.id))),
    put: (req, res) =>
      putKept(
        ctx.sessions,
        req,
        res,
        async ({ groupId, breakId }) => {
          await ctx.requireBreak(breakId);
          await ctx.requireGroup(groupId);
        },
        // What is set right is written down by the server, whoever sends it.
        async (value) => {
          const before = await ctx.sessions.get(value.id);
          return before
            ? corrected(before.value, value, ctx.now().toISOString())
            : { ...value, corrections: [] };
        },
      ),
    delete: async (req, res) => {
      await mark(String(req.params.id), ctx.now().toISOString());
      res.status(204).end();
    },
  });
  route(app, '/api/sessions/:id/restore', 'instructor', {
    post: async (req, res) => {
      await mark(String(req.params.id), null);
      res.status(204).end();
    },
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
      const corrections = before?.value.corrections ?? [];
      const value = withPiece(before?.value ?? null, { ...piece, corrections });
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
