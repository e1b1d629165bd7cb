import { Break, CalendarSource, Group, KeptApproach, Move, Person, Session, Week } from '@kotabi/core/model';
import { isNull, type SQL } from 'drizzle-orm';
import type { z } from 'zod';
import { breaks, calendars, groups, moves, people, sessions, settings, weeks } from './schema';
import type { ShapedKind } from './shapes';

type Columns = Record<string, unknown>;

/** How one kind of thing is kept: its shape, its table, and what is taken out of it into columns. */
export interface KeptKind<T extends { id: string }> {
  name: ShapedKind;
  schema: z.ZodType<T>;
  /** All tables share the columns of the plainest one. */
  table: typeof groups;
  columns: (value: T) => Columns;
  /** Rows for which this does not hold count as not there (deleted, but to be brought back). */
  there?: SQL;
  /** What the database may change by itself (a deleted group) and is put back into the thing. */
  back: (row: Columns) => Columns;
}

const kind = <T extends { id: string }>(
  name: ShapedKind,
  schema: z.ZodType<T>,
  table: unknown,
  {
    columns = () => ({}),
    back = () => ({}),
    there,
  }: Partial<Pick<KeptKind<T>, 'columns' | 'back' | 'there'>> = {},
): KeptKind<T> => ({ name, schema, table: table as typeof groups, columns, back, there });

const groupOf = (row: Columns): Columns => ({ groupId: (row.groupId as string | null) ?? null });

export const kinds = {
  group: kind<Group>('group', Group, groups),
  person: kind<Person>('person', Person, people, { columns: ({ groupId }) => ({ groupId }) }),
  move: kind<Move>('move', Move, moves),
  approach: kind<KeptApproach>('approach', KeptApproach, settings),
  brk: kind<Break>('break', Break, breaks, {
    columns: ({ groupId }) => ({ groupId }),
    back: groupOf,
    there: isNull(breaks.deletedAt),
  }),
  week: kind<Week>('week', Week, weeks, {
    columns: ({ groupId, personId, startDate }) => ({ groupId, personId, whose: personId ?? '', startDate }),
  }),
  calendar: kind<CalendarSource>('calendar', CalendarSource, calendars, {
    columns: ({ groupId, personId }) => ({ groupId, personId }),
  }),
  session: kind<Session>('session', Session, sessions, {
    columns: ({ groupId, breakId, startedAt }) => ({ groupId, breakId, startedAt }),
    back: groupOf,
  }),
};
