import { readBreakFile } from '@kotabi/core/formats';
import { library, shelf } from '@kotabi/core/library/all';
import {
  type Approach,
  type Break,
  DayInput,
  Id,
  type Move,
  type MoveLookup,
  PlacedBreak,
} from '@kotabi/core/model';
import { habitsOf } from '@kotabi/core/propose';
import { findingKey, reviewed } from '@kotabi/core/review';
import { meanOf, quantile, SimSettings, simDay } from '@kotabi/core/simulate';
import { SuggestRequest } from '@kotabi/core/suggest';
import {
  imbalance,
  mostOf,
  type ResolvedBreak,
  type Timeline,
  timed,
  workingOf,
  workingText,
} from '@kotabi/core/timing';
import express, { type Express, type Request } from 'express';
import { z } from 'zod';
import type { Context } from '../context';
import { invalid, parse, unknownReference } from '../errors';
import { BODY_LIMIT } from './limits';
import { fitProblem, planProblem, resolveProblems } from './problems';
import { route } from './route';

interface Sent {
  brk: Break;
  /** The moves that came with it and the instructor's own. */
  moves: readonly Move[];
  lookup: MoveLookup;
  approach: Approach;
}

const timeOf = ({ brk }: ResolvedBreak, { parts, totals }: Timeline) => ({
  slotMs: brk.slotSec * 1000,
  totals: { ...totals, mostMs: mostOf(parts), imbalance: imbalance(totals) },
  working: brk.items.map(({ id }) => {
    const sum = workingOf(parts.filter((p) => (p.chainId ?? p.stepId) === id));
    return { id, text: workingText(sum), ...sum };
  }),
});

/** The core as a service: text in, numbers out, nothing kept. */
export const computeRoutes = (app: Express, ctx: Context): void => {
  /** Reads the break file that was sent, with the moves and the approach it is read by. */
  const sent = async (req: Request): Promise<Sent> => {
    const own = await ctx.ownMoves();
    const known = shelf(own).lookup;
    const read = readBreakFile(typeof req.body === 'string' ? req.body : '', known);
    if (!read.ok) throw invalid(read.problems);
    // What came with the file is meant, whatever is called so here.
    const moves = [...own, ...read.file.moves];
    return { brk: read.file.break, moves, lookup: shelf(moves).lookup, approach: await ctx.approach() };
  };

  // Read as text, so that what is wrong can be named with its line and column.
  for (const path of ['/api/time', '/api/review', '/api/fit'])
    app.use(path, express.text({ type: () => true, limit: BODY_LIMIT }));

  route(app, '/api/time', 'instructor', {
    post: async (req, res) => {
      const { brk, lookup, approach } = await sent(req);
      const result = timed(brk, lookup, approach);
      if (!result.ok) throw invalid(resolveProblems(result.failures, brk));
      res.json({ ...timeOf(result.resolved, result.timeline), parts: result.timeline.parts });
    },
  });
  route(app, '/api/review', 'instructor', {
    post: async (req, res) => {
      const { brk, lookup, approach } = await sent(req);
      const result = reviewed(brk, { library, lookup }, approach, await ctx.audience(brk.groupId));
      if (!result.ok) throw invalid(resolveProblems(result.failures, brk));
      res.json({
        findings: result.findings.map((f) => ({ key: findingKey(f), ...f })),
        aside: result.aside.map(({ finding, reason }) => ({ key: findingKey(finding), reason, ...finding })),
      });
    },
  });
  route(app, '/api/fit', 'instructor', {
    post: async (req, res) => {
      const { brk, moves, approach } = await sent(req);
      const result = await ctx.pool.run('fit', { brk, moves, approach });
      if (!result.ok && result.code === 'unresolved') throw invalid(resolveProblems(result.failures, brk));
      if (!result.ok) throw invalid([fitProblem(result)]);
      const { brk: fitted, ...what } = result;
      res.json({ break: fitted, slotMs: brk.slotSec * 1000, ...what });
    },
  });
};

const SuggestBody = SuggestRequest.extend({
  /** The group whose people and room are minded. */
  groupId: Id.nullable().default(null),
});

/** Suggests breaks; ended when nobody waits for the answer any more. */
export const suggestRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/suggest', 'instructor', {
    post: async (req, res) => {
      const { groupId, ...request } = parse(SuggestBody, req.body) as z.infer<typeof SuggestBody>;
      const group = groupId === null ? null : (await ctx.groups.get(groupId))?.value;
      if (group === undefined) throw unknownReference('groupId', 'group', groupId ?? '');
      // What was learned from the records of the group holds on this path as well.
      const learned = group ? habitsOf(group).moves.map((m) => m.moveId) : [];
      const own = await ctx.ownMoves();
      const gone = new AbortController();
      res.on('close', () => gone.abort());
      const result = await ctx.pool.run(
        'suggest',
        {
          request: { ...request, avoidMoves: [...request.avoidMoves, ...learned] },
          moves: [...library, ...own.filter((m) => !m.archived)],
          approach: await ctx.approach(),
          audience: await ctx.audience(groupId),
        },
        gone.signal,
      );
      if (!result.ok)
        throw invalid([
          {
            path: 'slotSec',
            message: 'is too short for anything that passes, or nothing is left that may be done',
            value: request.slotSec,
          },
        ]);
      res.json({ suggestions: result.suggestions });
    },
  });
};

const dayNumber = (path: string, n: number): string => `days.${n}.${path}`;

const PlanWeekBody = z.object({
  days: z.array(DayInput).min(1).max(7),
  /** Gives only so many days one break each: those on which it helps most. */
  bestDays: z.int().min(0).max(7).optional(),
});

const SimulateBody = z.object({
  /** Days with their breaks, as planning gives them. */
  days: z
    .array(z.intersection(DayInput, z.object({ breaks: z.array(PlacedBreak).max(100) })))
    .min(1)
    .max(7),
  settings: SimSettings.prefault({}),
});
/** Days of people that one request may ask for. */
const MOST_DAYS = 2_000_000;

/** Plans days and weeks, and plays real weeks. */
export const planRoutes = (app: Express, ctx: Context): void => {
  route(app, '/api/plan-day', 'instructor', {
    post: async (req, res) => {
      const result = await ctx.pool.run('planDay', parse(DayInput, req.body));
      if (!result.ok) throw invalid([planProblem(result.failure)]);
      res.json(result.plan);
    },
  });
  route(app, '/api/plan-week', 'instructor', {
    post: async (req, res) => {
      const { days, bestDays } = parse(PlanWeekBody, req.body);
      const results = await ctx.pool.run('planWeek', { days, bestDays });
      const problems = results.flatMap((r, n) => {
        if (r.ok) return [];
        const problem = planProblem(r.failure);
        return [{ ...problem, path: dayNumber(problem.path, n) }];
      });
      if (problems.length > 0) throw invalid(problems);
      res.json({ days: results.map((r) => r.ok && r.plan) });
    },
  });
  route(app, '/api/simulate', 'instructor', {
    post: async (req, res) => {
      const { days, settings } = parse(SimulateBody, req.body);
      const asked = days.length * settings.weeks * settings.people;
      if (asked > MOST_DAYS)
        throw invalid([
          {
            path: 'settings.weeks',
            message: `makes ${asked} days of people; at most ${MOST_DAYS} are simulated at once`,
            bound: Math.floor(MOST_DAYS / days.length / settings.people),
            value: settings.weeks,
          },
        ]);
      for (const [n, day] of days.entries())
        for (const [i, b] of day.breaks.entries())
          if (!day.kinds.some((k) => k.id === b.kindId))
            throw unknownReference(dayNumber(`breaks.${i}.kindId`, n), 'kind', b.kindId);
      const result = await ctx.pool.run('simulate', {
        week: days.map((day) => ({ day: simDay(day, day.breaks), seconds: [], limitMin: day.limitMin })),
        settings,
      });
      const { days: simulated, underLimit, missed, planned, longest, done } = result;
      res.json({
        days: simulated,
        underLimit,
        missed,
        planned,
        donePerPersonAndWeek: meanOf(done),
        longestRunMin: {
          middle: quantile(longest, 0.5),
          oneInTen: quantile(longest, 0.9),
          days: longest,
        },
      });
    },
  });
};
