import { createHash } from 'node:crypto';
import { MOST_SOUND_BYTES, VoiceLine } from '@kotabi/core/model';
import { and, eq } from 'drizzle-orm';
import express, { type Express } from 'express';
import { actor } from '../access/actor';
import type { Context } from '../context';
import { voiceLines } from '../db/schema';
import { invalid, notFound, parse, Refusal } from '../errors';
import { route } from './route';

/** So many lines of one instructor: more than all words of the library. */
const MOST_LINES = 5000;
const TYPES = /^audio\/(webm|ogg|mp4|mpeg|wav|x-wav)/;

/** What words are known by: anybody works it out the same. */
export const lineId = (text: string): string =>
  createHash('sha256').update(text).digest('base64url').slice(0, 32);

/** Bodies that are sound, before anything else reads them. */
export const voiceBodies = (app: Express): void => {
  app.use(
    '/api/voice',
    express.raw({ type: (req) => TYPES.test(req.headers['content-type'] ?? ''), limit: MOST_SOUND_BYTES }),
  );
};

/** Lines in the instructor's own voice. */
export const voiceRoutes = (app: Express, ctx: Context): void => {
  const owner = (): string => actor()?.id ?? '';
  const mine = (id: string) => and(eq(voiceLines.owner, owner()), eq(voiceLines.id, id));
  const about = { id: voiceLines.id, text: voiceLines.text, lengthMs: voiceLines.lengthMs };

  route(app, '/api/voice', 'instructor', {
    get: async (_, res) =>
      void res.json(await ctx.db.select(about).from(voiceLines).where(eq(voiceLines.owner, owner()))),
  });
  route(app, '/api/voice/:id', 'instructor', {
    get: async (req, res) => {
      const [line] = await ctx.db
        .select()
        .from(voiceLines)
        .where(mine(String(req.params.id)));
      if (!line) throw notFound('recorded line', String(req.params.id));
      res.set('Cache-Control', 'no-cache').type(line.type).send(line.sound);
    },
    /** `?text=` and `?lengthMs=` say what is spoken and how long it takes; the body is the sound. */
    put: async (req, res) => {
      const id = String(req.params.id);
      const type = String(req.headers['content-type'] ?? '');
      if (!TYPES.test(type) || !Buffer.isBuffer(req.body) || req.body.length === 0)
        throw new Refusal(415, 'unsupported', 'The body must be sound: webm, ogg, mp4, mpeg or wav.');
      const line = parse(VoiceLine, { id, text: req.query.text, lengthMs: Number(req.query.lengthMs) });
      if (lineId(line.text) !== id)
        throw invalid([
          { path: 'id', message: 'is not that of these words', bound: lineId(line.text), value: id },
        ]);
      const all = await ctx.db
        .select({ id: voiceLines.id })
        .from(voiceLines)
        .where(eq(voiceLines.owner, owner()));
      if (all.length >= MOST_LINES && !all.some((l) => l.id === id))
        throw invalid([
          { path: 'id', message: 'is one more than can be kept; delete some first', bound: MOST_LINES },
        ]);
      const row = { ...line, type, sound: req.body, updatedAt: ctx.now().toISOString() };
      await ctx.db
        .insert(voiceLines)
        .values({ ...row, owner: owner() })
        .onConflictDoUpdate({ target: [voiceLines.owner, voiceLines.id], set: row });
      res.json(line);
    },
    delete: async (req, res) => {
      const { rowsAffected } = await ctx.db.delete(voiceLines).where(mine(String(req.params.id)));
      if (rowsAffected === 0) throw notFound('recorded line', String(req.params.id));
      res.status(204).end();
    },
  });
};
