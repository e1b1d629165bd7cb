import { adoptBreakFile, readBreakFile } from '@kotabi/core/formats';
import { Break, type Kept } from '@kotabi/core/model';
import { desc, eq } from 'drizzle-orm';
import type { Express } from 'express';
import { nanoid } from 'nanoid';
import { z } from 'zod';
import type { Context } from '../context';
import { breaks, breakVersions, moves } from '../db/schema';
import { invalid, parse } from '../errors';
import { getKept, putKept } from './kept';
import { route } from './route';

const OpenRequest = z.object({ text: z.string().max(1_000_000) });

/** Breaks: kept in versions, deleted so that they can be brought back, opened from a file. */
export const breakRoutes = (app: Express, ctx: Context): void => {
  const mark = async (id: string, deletedAt: string | null): Promise<void> => {
    await ctx.must(ctx.breaks, id, 'own');
    await ctx.db.update(breaks).set({ deletedAt }).where(eq(breaks.id, id));
  };

  route(app, '/api/breaks', 'instructor', { get: async (_, res) => void res.json(await ctx.breaks.list()) });
  route(app, '/api/breaks/open', 'instructor', {
    /** Opens a break file: keeps the break under a new id, with any moves that are not known here. */
    post: async (req, res) => {
      const { text } = parse(OpenRequest, req.body);
      const lookup = await ctx.lookup();
      const read = readBreakFile(text, lookup);
      if (!read.ok) throw invalid(read.problems);
      const { brk, newMoves } = adoptBreakFile(read.file, lookup, nanoid);
      const value = Break.parse({
        ...brk,
        groupId: (await ctx.groups.get(brk.groupId ?? '')) ? brk.groupId : null,
      });
      const updatedAt = ctx.now().toISOString();
      const row = ctx.breaks.newRow(value, updatedAt);
      const { id, version, shape, data } = row;
      // The break, its first version and the moves that came with it: all of them or none.
      await ctx.db.batch([
        ctx.db.insert(breaks).values(row),
        ctx.db.insert(breakVersions).values({ breakId: id, version, savedAt: updatedAt, shape, data }),
        ...newMoves.map((move) => ctx.db.insert(moves).values(ctx.moves.newRow(move, updatedAt))),
      ]);
      res.status(201).json({ version: 1, updatedAt, value } satisfies Kept<Break>);
    },
  });
  route(app, '/api/breaks/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.breaks, String(req.params.id))),
    put: (req, res) => putKept(ctx.breaks, req, res, ({ groupId }) => ctx.requireGroup(groupId)),
    delete: async (req, res) => {
      await mark(String(req.params.id), ctx.now().toISOString());
      res.status(204).end();
    },
  });
  route(app, '/api/breaks/:id/restore', 'instructor', {
    post: async (req, res) => {
      await mark(String(req.params.id), null);
      res.status(204).end();
    },
  });
  route(app, '/api/breaks/:id/versions', 'instructor', {
    get: async (req, res) => {
      const id = String(req.params.id);
      await ctx.must(ctx.breaks, id, 'look');
      const versions = await ctx.db
        .select()
        .from(breakVersions)
        .where(eq(breakVersions.breakId, id))
        .orderBy(desc(breakVersions.version));
      res.json(
        versions.map(({ version, savedAt, shape, data }) => {
          const groupId = (data as Break).groupId ?? null;
          const { value } = ctx.breaks.read({ id, version, updatedAt: savedAt, shape, data, groupId });
          return { version, savedAt, value };
        }),
      );
    },
  });
};
