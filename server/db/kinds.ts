import { Break, CalendarSource, Group, KeptApproach, Move, Person, Session, Week } from '@kotabi/core/model';
import { isNull, type SQL } from 'drizzle-orm';
import type { z } from 'zod';
import { breaks, calendars, groups, moves, people, sessions, settings, weeks } from './schema';

/** How one kind of thing is kept: its shape, its table, and what is taken out of it into columns. */
export interface KeptKind<T extends { id: string }> {
  name: string;
  schema: z.ZodType<T>;
  /** All tables share the columns of the plainest one. */
  table: typeof groups;
  columns: (value: T) => Record<string, unknown>;
  /** Rows for which this does not hold count as not there (deleted, but to be brought back). */
  there?: SQL;
  /** Puts columns that the database may change by itself (a deleted group) back into the thing. */
  restore: (row: Record<string, unknown>, data: T) => T;
}

const kind = <T extends { id: string }>(
  name: string,
  schema: z.ZodType<T>,
  table: unknown,
  columns: KeptKind<T>['columns'] = () => ({}),
  restore: KeptKind<T>['restore'] = (_, data) => data,
  there?: SQL,
): KeptKind<T> => ({ name, schema, table: table as typeof groups, columns, restore, there });

const groupOf = (row: Record<string, unknown>) => (row.groupId as string | null) ?? null;

export const kinds = {
  group: kind<Group>(
    'group',
    Group,
    groups,
    () => ({}),
    (_, data) => Group.parse(data),
  ),
  person: kind<Person>(
    'person',
    Person,
    people,
    ({ groupId }) => ({ groupId }),
    // Kept before limits and consent were asked for: what was written down then stays readable.
    (_, data) => ({ ...data, limits: data.limits ?? [], consent: data.consent ?? data.note !== '' }),
  ),
  move: kind<Move>(
    'move',
    Move,
    moves,
    () => ({}),
    // Kept by an earlier version: what it did not know yet gets its default.
    (_, data) => Move.parse(data),
  ),
  approach: kind<KeptApproach>('approach', KeptApproach, settings),
  brk: kind<Break>(
    'break',
    Break,
    breaks,
    ({ groupId }) => ({ groupId }),
    (row, data) => ({ ...data, groupId: groupOf(row) }),
    isNull(breaks.deletedAt),
  ),
  week: kind<Week>(
    'week',
    Week,
    weeks,
    ({ groupId, personId, startDate }) => ({ groupId, personId, whose: personId ?? '', startDate }),
    // Kept by an earlier version: what it did not know yet gets its default.
    (_, data) => Week.parse(data),
  ),
  calendar: kind<CalendarSource>('calendar', CalendarSource, calendars, ({ groupId, personId }) => ({
    groupId,
    personId,
  })),
  session: kind<Session>(
    'session',
    Session,
    sessions,
    ({ groupId, breakId, startedAt }) => ({ groupId, breakId, startedAt }),
    (row, data) => ({ ...data, groupId: groupOf(row) }),
  ),
};
