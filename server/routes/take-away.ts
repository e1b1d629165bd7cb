import {
  breakToScript,
  breakToSrt,
  breakToVtt,
  calendarText,
  entriesOf,
  nextEntries,
  type PublishedEntry,
  peopleToCsv,
  weekToCsv,
  writeBreakFile,
  writeMoveFile,
} from '@kotabi/core/formats';
import { type Break, type Group, roomLimits, type Week } from '@kotabi/core/model';
import { forOthers, movesOf, ownBreak } from '@kotabi/core/own';
import { addDays } from '@kotabi/core/schedule';
import { compileTimeline, type ResolvedBreak, resolveBreak } from '@kotabi/core/timing';
import { eq } from 'drizzle-orm';
import type { Express } from 'express';
import { z } from 'zod';
import { breakTeller, followAt, publish } from '../calendars/entries';
import type { Context } from '../context';
import { people } from '../db/schema';
import { invalid, notFound, parse } from '../errors';
import { breakPage } from '../one-file';
import { PAPERS, SIZES } from '../paper/kinds';
import { breaksOf, weekOnPaper } from '../paper/week';
import { getKept } from './kept';
import { resolveProblems } from './problems';
import { route } from './route';
import { sendFile } from './send-file';
import { findWeek } from './weeks';

/** Minutes before the start at which a calendar reminds; 0 or more. */
const AlarmQuery = z.object({ alarm: z.coerce.number().int().min(0).max(120).default(5) });

const PaperQuery = z.object({
  as: z.enum(PAPERS).default('page'),
  size: z.enum(SIZES).default('A4'),
  personId: z.string().optional(),
});
const SizeQuery = PaperQuery.pick({ size: true });
const PersonQuery = PaperQuery.pick({ personId: true });
const TrackQuery = z.object({ as: z.enum(['vtt', 'srt', 'script']).default('vtt') });

/** Files to take away: a break as a file and as a cue track, a week as a calendar. */
export const takeAwayRoutes = (app: Express, ctx: Context): void => {
  const resolved = async (id: string): Promise<ResolvedBreak> => {
    const { value } = await getKept(ctx.breaks, id);
    const result = resolveBreak(value, await ctx.lookup(), await ctx.approach());
    if (!result.ok) throw invalid(resolveProblems(result.failures, value));
    return result.value;
  };

  /** How somebody does a break: in their own version, or as it is where nobody is meant. */
  const versionOf = async (
    personId: string | null,
  ): Promise<{ groupId: string | null; own: (brk: Break) => Break }> => {
    if (personId === null) return { groupId: null, own: (brk) => brk };
    const { value: person } = await getKept(ctx.people, personId);
    const { value: group } = await getKept(ctx.groups, person.groupId);
    const room = { limits: roomLimits(group), things: group.things };
    const about = { person, room, lookup: await ctx.lookup(), approach: await ctx.approach() };
    return { groupId: group.id, own: (brk) => ownBreak(brk, about)?.brk ?? brk };
  };

  const asItStands = async (week: Week, group: Group): Promise<PublishedEntry[]> => {
    const tell = await breakTeller(ctx, group, null);
    const breaks = (await ctx.breaks.list()).map((b) => b.value);
    return nextEntries([], entriesOf(week, group, tell({ week, breaks })), ctx.now().toISOString());
  };

  route(app, '/api/breaks/:id/file', 'instructor', {
    get: async (req, res) => {
      const { value } = await getKept(ctx.breaks, String(req.params.id));
      sendFile(
        res,
        value.name,
        '.kotabi.json',
        'application/json',
        writeBreakFile(value, await ctx.lookup()),
      );
    },
  });
  route(app, '/api/breaks/:id/track', 'instructor', {
    get: async (req, res) => {
      const brk = await resolved(String(req.params.id));
      const { name } = brk.brk;
      const timeline = compileTimeline(brk);
      const { as } = parse(TrackQuery, req.query);
      if (as === 'srt') sendFile(res, name, '.srt', 'application/x-subrip', breakToSrt(timeline));
      else if (as === 'script') sendFile(res, name, '.txt', 'text/plain', breakToScript(name, timeline));
      else sendFile(res, name, '.vtt', 'text/vtt', breakToVtt(name, timeline));
    },
  });
  route(app, '/api/breaks/:id/page', 'instructor', {
    /** A break as a web page in one file, for whoever has no connection; of a person in their own version. */
    get: async (req, res) => {
      const { personId } = parse(PersonQuery, req.query);
      const { value } = await getKept(ctx.breaks, String(req.params.id));
      const { own } = await versionOf(personId ?? null);
      const brk = own(value);
      const text = breakPage({
        brk: { brk: forOthers(brk), own: personId !== undefined },
        moves: movesOf(brk, await ctx.lookup()),
        approach: await ctx.approach(),
      });
      sendFile(res, value.name, '.html', 'text/html', text);
    },
  });
  route(app, '/api/breaks/:id/paper', 'instructor', {
    /** A break on paper; of a person in their own version, with nothing that says why. */
    get: async (req, res) => {
      const { value } = await getKept(ctx.breaks, String(req.params.id));
      const { as, size, personId } = parse(PaperQuery, req.query);
      const approach = await ctx.approach();
      const lookup = await ctx.lookup();
      const { own, groupId: ofPerson } = await versionOf(personId ?? null);
      const brk = own(value);
      const groupId = ofPerson ?? value.groupId;
      const follow = groupId === null ? null : await followAt(ctx, groupId, personId ?? null);
      const pdf = await ctx.pool.run('paper', {
        kind: as,
        size,
        brk,
        moves: await ctx.ownMoves(),
        approach,
        follow,
      });
      if (!pdf) {
        const found = resolveBreak(brk, lookup, approach);
        throw invalid(found.ok ? [] : resolveProblems(found.failures, brk));
      }
      res.set('Content-Disposition', 'inline').type('application/pdf').send(Buffer.from(pdf));
    },
  });
  route(app, '/api/moves/:id/file', 'instructor', {
    get: async (req, res) => {
      const id = String(req.params.id);
      const move = (await ctx.lookup())(id);
      if (!move) throw notFound('move', id);
      sendFile(res, move.name, '.kotabi-moves.json', 'application/json', writeMoveFile([move]));
    },
  });
  route(app, '/api/groups/:id/people/table', 'instructor', {
    get: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.id));
      const list = await ctx.people.list(eq(people.groupId, group.id));
      sendFile(res, group.name, '.csv', 'text/csv', peopleToCsv(list.map((p) => p.value)));
    },
  });
  route(app, '/api/groups/:groupId/weeks/:startDate/calendar', 'instructor', {
    get: async (req, res) => {
      const week = await findWeek(ctx, req);
      if (!week) throw notFound('week', String(req.params.startDate));
      const { value: group } = await getKept(ctx.groups, week.value.groupId);
      const { personId, startDate } = week.value;
      const last = addDays(startDate, 7);
      const told = (await publish(ctx, group, personId)).filter((e) => e.date >= startDate && e.date < last);
      // A draft, or a week long past, that calendars are not told of: as it stands.
      const entries = told.length > 0 ? told : await asItStands(week.value, group);
      const text = calendarText({
        name: `Stretch breaks · ${group.name}`,
        entries,
        alarmMin: parse(AlarmQuery, req.query).alarm,
      });
      sendFile(res, `${group.name} ${startDate}`, '.ics', 'text/calendar', text);
    },
  });
  route(app, '/api/groups/:groupId/weeks/:startDate/table', 'instructor', {
    get: async (req, res) => {
      const week = await findWeek(ctx, req);
      if (!week) throw notFound('week', String(req.params.startDate));
      const { value: group } = await getKept(ctx.groups, week.value.groupId);
      const names = new Map((await ctx.breaks.list()).map((b) => [b.value.id, b.value.name]));
      const text = weekToCsv(week.value, group, (id) => names.get(id));
      sendFile(res, `${group.name} ${week.value.startDate}`, '.csv', 'text/csv', text);
    },
  });
  route(app, '/api/groups/:groupId/weeks/:startDate/booklet', 'instructor', {
    /** A week on paper: its times, and each of its breaks once; of a person in their own version. */
    get: async (req, res) => {
      const { size } = parse(SizeQuery, req.query);
      const kept = await findWeek(ctx, req);
      if (!kept) throw notFound('week', String(req.params.startDate));
      const week = kept.value;
      const { value: group } = await getKept(ctx.groups, week.groupId);
      const person = week.personId === null ? null : (await getKept(ctx.people, week.personId)).value;
      const { own } = await versionOf(week.personId);
      const all = new Map((await ctx.breaks.list()).map(({ value }) => [value.id, value]));
      const pdf = await ctx.pool.run('paper', {
        kind: 'booklet',
        size,
        moves: await ctx.ownMoves(),
        approach: await ctx.approach(),
        follow: await followAt(ctx, group.id, week.personId),
        week: weekOnPaper(week, person?.name ?? group.name, (id) => all.get(id)?.name),
        breaks: breaksOf(week)
          .flatMap((id) => all.get(id) ?? [])
          .map(own),
      });
      res
        .set('Content-Disposition', 'inline')
        .type('application/pdf')
        .send(Buffer.from(pdf ?? []));
    },
  });
};
