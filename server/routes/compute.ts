import { readBreakFile } from '@kotabi/core/formats';
import { DayInput } from '@kotabi/core/model';
import { planDay } from '@kotabi/core/schedule';
import { compileTimeline, imbalance, resolveBreak, workingOf, workingText } from '@kotabi/core/timing';
import express, { type Express } from 'express';
import type { Context } from '../context';
import { invalid, parse } from '../errors';
import { BODY_LIMIT } from './limits';
import { planProblem, resolveProblems } from './problems';
import { route } from './route';

/** The core as a service: text in, numbers out, nothing kept. */
export const computeRoutes = (app: Express, ctx: Context): void => {
  // Read as text, so that what is wrong can be named with its line and column.
  app.use('/api/time', express.text({ type: () => true, limit: BODY_LIMIT }));
  route(app, '/api/time', {
    post: async (req, res) => {
      const lookup = await ctx.lookup();
      const read = readBreakFile(typeof req.body === 'string' ? req.body : '', lookup);
      if (!read.ok) throw invalid(read.problems);
      const { break: brk, moves } = read.file;
      const resolved = resolveBreak(brk, (id) => moves.find((m) => m.id === id) ?? lookup(id));
      if (!resolved.ok) throw invalid(resolveProblems(resolved.failures, brk));
      const { parts, totals } = compileTimeline(resolved.value);
      const working = brk.items.map(({ id }) => {
        const own = parts.filter((p) => (p.chainId ?? p.stepId) === id);
        const sum = workingOf(own);
        return { id, text: workingText(sum), ...sum };
      });
      res.json({
        slotMs: brk.slotSec * 1000,
        totals: { ...totals, imbalance: imbalance(totals) },
        working,
        parts,
      });
    },
  });
};

/** Plans one day. */
export const planRoutes = (app: Express): void => {
  route(app, '/api/plan-day', {
    post: (req, res) => {
      const result = planDay(parse(DayInput, req.body));
      if (!result.ok) throw invalid([planProblem(result.failure)]);
      res.json(result.plan);
    },
  });
};
