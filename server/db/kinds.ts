import {
  Break,
  CalendarSource,
  Group,
  KeptApproach,
  Measure,
  Move,
  Person,
  Session,
  Week,
} from '@kotabi/core/model';
import { logRowOf } from '@kotabi/core/record';
import { isNull, type SQL } from 'drizzle-orm';
import type { z } from 'zod';
import { type Rule, rules } from '../access/may';
import { breaks, calendars, groups, measures, moves, people, sessions, settings, weeks } from './schema';
import type { ShapedKind } from './shapes';

type Columns = Record<string, unknown>;

/** How one kind of thing is kept: its shape, its table, and what is taken out of it into columns. */
export interface KeptKind<T extends { id: string }> {
  name: ShapedKind;
  schema: z.ZodType<T>;
  /** All tables share the columns of the plainest one. */
  table: typeof groups;
  columns: (value: T) => Columns;
  /** Who may see, change and do away with which rows. */
  may: Rule;
  /** It belongs to an account by itself, and not with its group. */
  owned: boolean;
  /** It tells of people's health, and is kept sealed. */
  sealed: boolean;
  /** Rows for which this does not hold count as not there (deleted, but to be brought back). */
  there?: SQL;
  /** What the database may change by itself (a deleted group) and is put back into the thing. */
  back: (row: Columns) => Columns;
  /** What lists and sums read of it, kept beside it (and sealed where it is sealed), so that they need not open the whole. */
  brief?: (value: T) => unknown;
}

const kind = <T extends { id: string }>(
  name: ShapedKind,
  schema: z.ZodType<T>,
  table: unknown,
  may: Rule,
  {
    columns = () => ({}),
    back = () => ({}),
    there,
    brief,
    owned = true,
    sealed = false,
  }: Partial<Pick<KeptKind<T>, 'columns' | 'back' | 'there' | 'brief' | 'owned' | 'sealed'>> = {},
): KeptKind<T> => ({
  name,
  schema,
  table: table as typeof groups,
  may,
  columns,
  back,
  there,
  brief,
  owned,
  sealed,
});

const groupOf = (row: Columns): Columns => ({ groupId: (row.groupId as string | null) ?? null });

export const kinds = {
  group: kind<Group>('group', Group, groups, rules.group),
  person: kind<Person>('person', Person, people, rules.withGroup(people), {
    columns: ({ groupId }) => ({ groupId }),
    owned: false,
    sealed: true,
  }),
  move: kind<Move>('move', Move, moves, rules.move),
  approach: kind<KeptApproach>('approach', KeptApproach, settings, rules.approach),
  brk: kind<Break>('break', Break, breaks, rules.brk, {
    columns: ({ groupId }) => ({ groupId }),
    back: groupOf,
    there: isNull(breaks.deletedAt),
  }),
  week: kind<Week>('week', Week, weeks, rules.withGroup(weeks), {
    columns: ({ groupId, personId, startDate }) => ({ groupId, personId, whose: personId ?? '', startDate }),
    owned: false,
  }),
  calendar: kind<CalendarSource>('calendar', CalendarSource, calendars, rules.withGroup(calendars), {
    columns: ({ groupId, personId }) => ({ groupId, personId }),
    owned: false,
  }),
  session: kind<Session>('session', Session, sessions, rules.session, {
    columns: ({ groupId, breakId, startedAt }) => ({ groupId, breakId, startedAt }),
    back: groupOf,
    there: isNull(sessions.deletedAt),
    brief: logRowOf,
    sealed: true,
  }),
  measure: kind<Measure>('measure', Measure, measures, rules.withGroup(measures), {
    columns: ({ groupId, personId, sessionId, takenAt }) => ({ groupId, personId, sessionId, takenAt }),
    back: ({ sessionId }) => ({ sessionId: sessionId ?? null }),
    owned: false,
    sealed: true,
  }),
};
