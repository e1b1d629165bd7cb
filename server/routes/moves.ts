import { adoptMoves, readMoveFile } from '@kotabi/core/formats';
import type { Express } from 'express';
import { nanoid } from 'nanoid';
import { z } from 'zod';
import type { Context } from '../context';
import { moves } from '../db/schema';
import { invalid, parse } from '../errors';
import { getKept, putKept } from './kept';
import { route } from './route';

const OpenRequest = z.object({ text: z.string().max(1_000_000) });

/** The instructor's own moves. The library's are part of the program and never overwrite them. */
export const moveRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/moves', 'instructor', { get: async (_, res) => void res.json(await ctx.moves.list()) });
  route(app, '/api/moves/open', 'instructor', {
    /** Opens a file of moves: those that are not here yet become own moves, all or none. */
    post: async (req, res) => {
      const { text } = parse(OpenRequest, req.body);
      const read = readMoveFile(text);
      if (!read.ok) throw invalid(read.problems);
      const { newMoves, known } = adoptMoves(read.file.moves, await ctx.lookup(), nanoid);
      const updatedAt = ctx.now().toISOString();
      if (newMoves.length > 0)
        await ctx.db.insert(moves).values(newMoves.map((m) => ctx.moves.newRow(m, updatedAt)));
      res.status(201).json({ kept: newMoves.length, known });
    },
  });
  route(app, '/api/moves/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.moves, String(req.params.id))),
    put: (req, res) => putKept(ctx.moves, req, res),
  });
};
