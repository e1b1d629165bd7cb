import { index, integer, primaryKey, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';

/** What every kept thing has: its id, a version that rises with each change, when it changed, and itself. */
const kept = {
  id: text('id').primaryKey(),
  version: integer('version').notNull(),
  updatedAt: text('updated_at').notNull(),
  data: text('data', { mode: 'json' }).notNull(),
};

export const groups = sqliteTable('groups', kept);

export const people = sqliteTable(
  'people',
  {
    ...kept,
    groupId: text('group_id')
      .notNull()
      .references(() => groups.id, { onDelete: 'cascade' }),
  },
  (t) => [index('people_group').on(t.groupId)],
);

/** The instructor's own moves; the library's are part of the program. */
export const moves = sqliteTable('moves', kept);

export const breaks = sqliteTable(
  'breaks',
  {
    ...kept,
    groupId: text('group_id').references(() => groups.id, { onDelete: 'set null' }),
    /** Set when deleted, so that it can be brought back. */
    deletedAt: text('deleted_at'),
  },
  (t) => [index('breaks_group').on(t.groupId)],
);

/** The instructor's own settings, one row each. */
export const settings = sqliteTable('settings', kept);

/** Every saved state of a break. */
export const breakVersions = sqliteTable(
  'break_versions',
  {
    breakId: text('break_id')
      .notNull()
      .references(() => breaks.id, { onDelete: 'cascade' }),
    version: integer('version').notNull(),
    savedAt: text('saved_at').notNull(),
    data: text('data', { mode: 'json' }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.breakId, t.version] })],
);

export const weeks = sqliteTable(
  'weeks',
  {
    ...kept,
    groupId: text('group_id')
      .notNull()
      .references(() => groups.id, { onDelete: 'cascade' }),
    startDate: text('start_date').notNull(),
  },
  (t) => [uniqueIndex('weeks_group_start').on(t.groupId, t.startDate)],
);

export const sessions = sqliteTable(
  'sessions',
  {
    ...kept,
    groupId: text('group_id').references(() => groups.id, { onDelete: 'set null' }),
    breakId: text('break_id')
      .notNull()
      .references(() => breaks.id),
    startedAt: text('started_at').notNull(),
  },
  (t) => [index('sessions_started').on(t.startedAt)],
);
