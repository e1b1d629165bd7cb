import { recordsFile, recordsTable } from '@kotabi/core/formats';
import { wrongIn } from '@kotabi/core/measure';
import {
  type Group,
  IsoDateSchema,
  type LogRow,
  type Measure,
  MonthSchema,
  MonthWords,
  Span,
} from '@kotabi/core/model';
import { habitsOf, proposalsOf, troublesOf } from '@kotabi/core/propose';
import { monthReport, monthSpan, monthWords } from '@kotabi/core/report';
import { addDays } from '@kotabi/core/schedule';
import { trendsOf } from '@kotabi/core/trends';
import { and, desc, eq, gte, lt } from 'drizzle-orm';
import type { Express, Request } from 'express';
import { z } from 'zod';
import type { Context } from '../context';
import { measures, people, sessions } from '../db/schema';
import { invalid, notFound, parse, Refusal } from '../errors';
import { SIZES } from '../paper/kinds';
import { monthText } from '../paper/month-text';
import { learn, unlearn } from '../records/learn';
import { LogRows } from '../records/log-rows';
import { writeMonth, writtenFor } from '../records/month';
import { newestWeek, recordsOf } from '../records/records';
import { runsOf } from '../records/runs';
import { deleteKept, getKept, putKept } from './kept';
import { route } from './route';
import { sendFile } from './send-file';

const Days = z.object({ from: IsoDateSchema.optional(), until: IsoDateSchema.optional() });
const LogQuery = Days.extend({
  q: z.string().max(100).default(''),
  groupId: z.string().default(''),
  personId: z.string().default(''),
  ending: z.enum(['', 'to the end', 'skipped through', 'stopped', 'events']).default(''),
  offset: z.coerce.number().int().min(0).max(1_000_000).default(0),
  limit: z.coerce.number().int().min(1).max(500).default(20),
});
const TrendQuery = Days.extend({ personId: z.string().optional() });
const MeasureQuery = z.object({ personId: z.string().optional(), sessionId: z.string().optional() });
const Answered = z.object({ key: z.string().min(1).max(120), take: z.boolean() });
const MonthEdit = z.object({ words: MonthWords.nullable() });
const SizeQuery = z.object({ size: z.enum(SIZES).default('A4') });
const ExportQuery = Days.extend({ as: z.enum(['csv', 'json']).default('csv') });

/** What happened at a move is asked about for so many days: a year. */
const TROUBLE_DAYS = 365;
/** So many days are looked at where none are named: eight weeks. */
const USUAL_DAYS = 56;

const plain = (text: string): string => text.toLowerCase();

// Thousands are looked through for each letter that is typed; the rows stay the same between two of them.
const texts = new WeakMap<LogRow, string>();
const textOf = (row: LogRow): string => {
  const known = texts.get(row);
  if (known !== undefined) return known;
  const { breakName, note, moves, events } = row;
  const text = plain([breakName, note, ...moves, ...events.map((e) => `${e.what} ${e.moveName}`)].join(' '));
  texts.set(row, text);
  return text;
};

/** Whether every word that is looked for stands somewhere in a record. */
const found = (row: LogRow, words: readonly string[], names: ReadonlyMap<string, string>): boolean => {
  if (words.length === 0) return true;
  const text = textOf(row);
  const named = [...row.people, row.groupId ?? ''].map((id) => names.get(id) ?? '');
  return words.every((word) => text.includes(word) || named.some((name) => name.includes(word)));
};

/** What is made of records: the log, measures, trends, proposals, and the month's page. */
export const recordRoutes = (app: Express, ctx: Context): void => {
  const logRows = new LogRows(ctx);
  const groupAt = async (req: Request): Promise<Group> =>
    (await getKept(ctx.groups, String(req.params.id))).value;
  const spanOf = ({ from, until }: z.infer<typeof Days>, zone: Group['timeZone']): Span => {
    const today = new Intl.DateTimeFormat('en-CA', { timeZone: zone }).format(ctx.now());
    const last = until ?? (from && from > today ? from : today);
    return parse(Span, { from: from ?? addDays(last, 1 - USUAL_DAYS), until: last });
  };

  route(app, '/api/log', 'instructor', {
    get: async (req, res) => {
      const { q, groupId, personId, ending, from, until, offset, limit } = parse(LogQuery, req.query);
      const where = and(
        groupId === '' ? undefined : eq(sessions.groupId, groupId),
        from === undefined ? undefined : gte(sessions.startedAt, from),
        until === undefined ? undefined : lt(sessions.startedAt, addDays(until, 1)),
      );
      const words = plain(q).split(/\s+/).filter(Boolean);
      // Without a word or a wish that only the records themselves can answer, no more of them are read than are shown.
      if (words.length === 0 && personId === '' && ending === '') {
        res.json(await logRows.page(where, offset, limit));
        return;
      }
      const names = new Map<string, string>();
      if (words.length > 0) {
        for (const { value } of await ctx.people.list()) names.set(value.id, plain(value.name));
        for (const { value } of await ctx.groups.list()) names.set(value.id, plain(value.name));
      }
      const all = (await logRows.list(where)).filter(
        (row) =>
          (personId === '' || row.people.includes(personId)) &&
          (ending === '' || (ending === 'events' ? row.events.length > 0 : row.ending === ending)) &&
          found(row, words, names),
      );
      res.json({ total: all.length, rows: all.slice(offset, offset + limit) });
    },
  });

  route(app, '/api/groups/:id/measures', 'instructor', {
    get: async (req, res) => {
      const group = await groupAt(req);
      const { personId, sessionId } = parse(MeasureQuery, req.query);
      const where = and(
        eq(measures.groupId, group.id),
        personId === undefined ? undefined : eq(measures.personId, personId),
        sessionId === undefined ? undefined : eq(measures.sessionId, sessionId),
      );
      res.json(await ctx.measures.list(where, desc(measures.takenAt)));
    },
  });
  route(app, '/api/measures/:id', 'instructor', {
    get: async (req, res) => void res.json(await getKept(ctx.measures, String(req.params.id))),
    put: (req, res) =>
      putKept(ctx.measures, req, res, async (value: Measure) => {
        await ctx.requireGroup(value.groupId);
        await ctx.requirePerson(value.personId, value.groupId);
        if (value.sessionId !== null) await getKept(ctx.sessions, value.sessionId);
        const wrong = wrongIn(value);
        if (wrong.length > 0) throw invalid(wrong.map((w) => ({ ...w, path: `value.${w.path}` })));
        if (value.personId === null) return;
        const person = await ctx.people.get(value.personId);
        if (!person?.value.consent || !person.value.measuring)
          throw invalid([
            {
              path: 'value.personId',
              message:
                'has not agreed that measures of them are kept: ask first, then note it with the person',
              value: value.personId,
            },
          ]);
      }),
    delete: (req, res) => deleteKept(ctx.measures, String(req.params.id), res),
  });

  route(app, '/api/groups/:id/trends', 'instructor', {
    get: async (req, res) => {
      const group = await groupAt(req);
      const { personId, ...days } = parse(TrendQuery, req.query);
      if (personId !== undefined) await ctx.requirePerson(personId, group.id);
      const span = spanOf(days, group.timeZone);
      res.json(trendsOf(await recordsOf(ctx, logRows, group, personId ?? null, span), span));
    },
  });

  const proposed = async (group: Group) => {
    const span = spanOf({}, group.timeZone);
    const records = await recordsOf(ctx, logRows, group, null, {
      ...span,
      from: addDays(span.until, -TROUBLE_DAYS),
    });
    const breaks = new Map((await ctx.breaks.list()).map((b) => [b.value.id, b.value]));
    const recent = {
      ...records,
      rows: records.rows.filter((r) => r.date >= span.from),
      outcomes: records.outcomes.filter((o) => o.date >= span.from),
      measures: records.measures.filter((m) => m.date >= span.from),
    };
    return {
      records,
      proposals: proposalsOf(recent, {
        group,
        paceOf: (id) => breaks.get(id),
        frequency: newestWeek(records.weeks)?.rule.frequency ?? null,
        today: span.until,
      }),
    };
  };
  route(app, '/api/groups/:id/proposals', 'instructor', {
    /** What to change next, what was answered to earlier, and what happened at moves. */
    get: async (req, res) => {
      const group = await groupAt(req);
      const { records, proposals } = await proposed(group);
      res.json({ proposals, learned: group.learned, habits: habitsOf(group), troubles: troublesOf(records) });
    },
    post: async (req, res) => {
      const group = await groupAt(req);
      await ctx.must(ctx.groups, group.id, 'edit');
      const { key, take } = parse(Answered, req.body);
      const proposal = (await proposed(group)).proposals.find((p) => p.key === key);
      if (!proposal) throw notFound('proposal', key);
      res.status(201).json(await learn(ctx, group, proposal, take));
    },
  });
  route(app, '/api/groups/:id/learned/:key', 'instructor', {
    delete: async (req, res) => {
      const group = await groupAt(req);
      await ctx.must(ctx.groups, group.id, 'edit');
      await unlearn(ctx, group, String(req.params.key));
      res.status(204).end();
    },
  });

  /** What is told of a month: worked out, in words, and in the words that were written for it. */
  const monthOf = async (group: Group, month: string) => {
    const records = await recordsOf(ctx, logRows, group, null, monthSpan(month));
    const there = await ctx.people.list(eq(people.groupId, group.id));
    const runs = runsOf(
      group,
      records.weeks.map((w) => w.value),
      records,
      monthSpan(month),
    );
    const report = monthReport(records, month, there.length, runs);
    return {
      report,
      words: report.ok ? monthWords(report, group.name) : [],
      written: writtenFor(group, month),
    };
  };
  route(app, '/api/groups/:id/months/:month', 'instructor', {
    get: async (req, res) => {
      res.json(await monthOf(await groupAt(req), parse(MonthSchema, req.params.month)));
    },
    /** Keeps the words as the instructor wrote them; null for as they were worked out. */
    put: async (req, res) => {
      const group = await groupAt(req);
      await ctx.must(ctx.groups, group.id, 'edit');
      const { words } = parse(MonthEdit, req.body);
      await writeMonth(ctx, group.id, parse(MonthSchema, req.params.month), words);
      res.status(204).end();
    },
  });
  route(app, '/api/groups/:id/months/:month/paper', 'instructor', {
    /** The month’s page on paper, in the words that were written for it; of too few people there is none. */
    get: async (req, res) => {
      const group = await groupAt(req);
      const month = parse(MonthSchema, req.params.month);
      const { size } = parse(SizeQuery, req.query);
      const { report, words, written } = await monthOf(group, month);
      if (!report.ok)
        throw new Refusal(
          409,
          'tooFewPeople',
          `No page is made for fewer than ${report.fewest} people: of ${report.people} anyone could be told from it.`,
        );
      const pdf = await ctx.pool.run('paper', {
        kind: 'month',
        size,
        title: `Stretch breaks in ${monthText(month)}`,
        about: group.site || group.name,
        words: written === null ? words : written.split(/\n+/),
        weeks: report.weeks,
      });
      res
        .set('Content-Disposition', 'inline')
        .type('application/pdf')
        .send(Buffer.from(pdf ?? []));
    },
  });

  route(app, '/api/groups/:id/records', 'instructor', {
    /** The records of a group as a table, or as an open file by the published shapes. */
    get: async (req, res) => {
      const group = await groupAt(req);
      const { as, ...days } = parse(ExportQuery, req.query);
      const { rows, measures: taken } = await recordsOf(ctx, logRows, group);
      const inSpan = (date: string): boolean =>
        (!days.from || date >= days.from) && (!days.until || date <= days.until);
      const chosen = rows.filter((r) => inSpan(r.date)).map((r) => r.row);
      const names = new Map(
        (await ctx.people.list(eq(people.groupId, group.id))).map((p) => [p.value.id, p.value.name]),
      );
      if (as === 'csv')
        return sendFile(
          res,
          `${group.name} records`,
          '.csv',
          'text/csv',
          recordsTable(chosen, group, (id) => names.get(id)),
        );
      return sendFile(
        res,
        `${group.name} records`,
        '.kotabi-records.json',
        'application/json',
        recordsFile({
          group: group.name,
          records: chosen,
          measures: taken.filter((m) => inSpan(m.date)).map((m) => m.measure),
        }),
      );
    },
  });
};
