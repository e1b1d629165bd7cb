import type { Answer, Group, IsoDate, Kept, MinuteOfDay, Outcome, Span, Week } from '@kotabi/core/model';
import { addDays, kindOf, localNow, plannedBreaks } from '@kotabi/core/schedule';
import type { Records } from '@kotabi/core/trends';
import { and, eq, gte, lt } from 'drizzle-orm';
import type { Context } from '../context';
import { answers, measures, people, sessions, weeks } from '../db/schema';
import type { LogRows } from './log-rows';

/** Of less than this share of its work a planned break was not done. */
const HALF = 0.5;

/** The day and minute that the clock of a zone shows at a moment. */
const clockOf =
  (zone: string) =>
  (iso: string): { date: IsoDate; startMin: MinuteOfDay } => {
    const { date, minute } = localNow(new Date(iso), zone);
    return { date, startMin: minute };
  };

/** What is known of the planned breaks of a group that have passed: those that were to be led, and those people answered. */
const outcomesOf = (
  planned: readonly Kept<Week>[],
  rows: Records['rows'],
  said: readonly Answer[],
  now: { date: string; startMin: number },
): Outcome[] => {
  const led = new Map(rows.flatMap(({ row }) => (row.plannedId ? [[row.plannedId, row] as const] : [])));
  const lengths = new Map<string, number>();
  const outcomes: Outcome[] = [];
  for (const { value: week } of planned)
    for (const b of plannedBreaks(week)) {
      const { lengthMin } = kindOf(week.rule, b);
      lengths.set(`${b.date} ${b.startMin}`, lengthMin);
      const past = b.date < now.date || (b.date === now.date && b.startMin + lengthMin <= now.startMin);
      const row = led.get(b.id);
      if (week.personId !== null || !past || b.skipped || !(b.led || row)) continue;
      outcomes.push({
        date: b.date,
        startMin: b.startMin,
        lengthMin,
        done: row !== undefined && row.workDoneMs >= row.workPlannedMs * HALF,
        personId: null,
      });
    }
  for (const a of said)
    outcomes.push({
      date: a.date,
      startMin: a.startMin,
      lengthMin: lengths.get(`${a.date} ${a.startMin}`) ?? null,
      done: a.answer !== 'not today',
      personId: a.personId,
    });
  return outcomes;
};

/** The newest week of the group as a whole. */
export const newestWeek = (planned: readonly Kept<Week>[]): Week | null =>
  planned
    .map((w) => w.value)
    .filter((w) => w.personId === null)
    .sort((a, b) => b.startDate.localeCompare(a.startDate))[0] ?? null;

/** Everything that trends and proposals of a group are worked out from. */
export const recordsOf = async (
  ctx: Context,
  logRows: LogRows,
  group: Group,
  personId: string | null = null,
  /** The days that are looked at; all of them where none are named. */
  span: Span | null = null,
): Promise<Records & { weeks: Kept<Week>[] }> => {
  const local = clockOf(group.timeZone);
  // A day more on each side: records are kept by another clock than the group's.
  const where = and(
    eq(sessions.groupId, group.id),
    span ? gte(sessions.startedAt, addDays(span.from, -1)) : undefined,
    span ? lt(sessions.startedAt, addDays(span.until, 2)) : undefined,
  );
  const rows = (await logRows.list(where)).map((row) => ({ ...local(row.startedAt), row }));
  const taken = await ctx.measures.list(eq(measures.groupId, group.id));
  const planned = await ctx.weeks.list(eq(weeks.groupId, group.id));
  const said = (await ctx.db.select().from(answers).where(eq(answers.groupId, group.id))).map(
    (row) => row.data as Answer,
  );
  const aims = newestWeek(planned)?.aims ?? [];
  const tight = (await ctx.people.list(eq(people.groupId, group.id))).flatMap((p) =>
    p.value.tight.map((t) => t.area),
  );
  return {
    personId,
    rows,
    measures: taken.map(({ value }) => ({ date: local(value.takenAt).date, measure: value })),
    outcomes: outcomesOf(planned, rows, said, local(ctx.now().toISOString())),
    said: said.map((a) => ({
      date: a.date,
      personId: a.personId,
      before: a.tensionBefore ?? null,
      after: a.tensionAfter ?? null,
      hurtAt: a.hurtAt ?? null,
    })),
    // What the weeks are for, or where people are tight.
    aims: aims.length > 0 ? aims : [...new Set(tight)],
    weeks: planned,
  };
};
