import { blob, index, integer, primaryKey, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';

/** What every kept thing has: its id, a version that rises with each change, when it changed, and itself. */
const kept = {
  id: text('id').primaryKey(),
  version: integer('version').notNull(),
  updatedAt: text('updated_at').notNull(),
  /** The version of its shape; 0 for what was kept before shapes were numbered. See `shapes.ts`. */
  shape: integer('shape').notNull().default(0),
  data: text('data', { mode: 'json' }).notNull(),
};

/** The account to which something belongs; empty for what was made while nobody signed in. */
const owner = () => text('owner').notNull().default('');

/** Those who may sign in. A closed account stays, since things belong to it. */
export const accounts = sqliteTable('accounts', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  /** The name in small letters, by which it is found. */
  called: text('called').notNull().unique(),
  roles: text('roles', { mode: 'json' }).notNull(),
  /** The hash of the password (argon2id), with its salt and parameters in it. */
  password: text('password').notNull(),
  createdAt: text('created_at').notNull(),
  closedAt: text('closed_at'),
});

/** Who is signed in where. The id is a hash: whoever reads the file cannot use it to get in. */
export const signIns = sqliteTable(
  'sign_ins',
  {
    id: text('id').primaryKey(),
    accountId: text('account_id')
      .notNull()
      .references(() => accounts.id, { onDelete: 'cascade' }),
    data: text('data', { mode: 'json' }).notNull(),
    endsAt: text('ends_at').notNull(),
  },
  (t) => [index('sign_ins_account').on(t.accountId)],
);

/** What is shared with whom. */
export const shares = sqliteTable(
  'shares',
  {
    kind: text('kind').notNull(),
    thingId: text('thing_id').notNull(),
    accountId: text('account_id')
      .notNull()
      .references(() => accounts.id, { onDelete: 'cascade' }),
    may: text('may').notNull(),
  },
  (t) => [primaryKey({ columns: [t.kind, t.thingId, t.accountId] })],
);

/** Who did what and when. */
export const deeds = sqliteTable(
  'deeds',
  {
    id: integer('id').primaryKey({ autoIncrement: true }),
    at: text('at').notNull(),
    lastAt: text('last_at').notNull(),
    times: integer('times').notNull().default(1),
    accountId: text('account_id').notNull(),
    did: text('did').notNull(),
    thing: text('thing').notNull(),
  },
  (t) => [index('deeds_at').on(t.lastAt)],
);

export const groups = sqliteTable('groups', { ...kept, owner: owner() });

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
export const moves = sqliteTable('moves', { ...kept, owner: owner() });

export const breaks = sqliteTable(
  'breaks',
  {
    ...kept,
    owner: owner(),
    groupId: text('group_id').references(() => groups.id, { onDelete: 'set null' }),
    /** Set when deleted, so that it can be brought back. */
    deletedAt: text('deleted_at'),
  },
  (t) => [index('breaks_group').on(t.groupId)],
);

/** An instructor's own settings, one row each. */
export const settings = sqliteTable(
  'settings',
  { ...kept, id: text('id').notNull(), owner: owner() },
  (t) => [primaryKey({ columns: [t.owner, t.id] })],
);

/** Every saved state of a break. */
export const breakVersions = sqliteTable(
  'break_versions',
  {
    breakId: text('break_id')
      .notNull()
      .references(() => breaks.id, { onDelete: 'cascade' }),
    version: integer('version').notNull(),
    savedAt: text('saved_at').notNull(),
    shape: integer('shape').notNull().default(0),
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
    /** Null for the week of the whole group. */
    personId: text('person_id').references(() => people.id, { onDelete: 'cascade' }),
    /** The same, empty for the whole group: SQLite takes two nulls for different. */
    whose: text('whose').notNull().default(''),
    startDate: text('start_date').notNull(),
  },
  (t) => [uniqueIndex('weeks_whose_start').on(t.groupId, t.whose, t.startDate)],
);

const ofGroup = () =>
  text('group_id')
    .notNull()
    .references(() => groups.id, { onDelete: 'cascade' });
const ofPerson = () => text('person_id').references(() => people.id, { onDelete: 'cascade' });

/** Calendars that are planned around, each with its last good copy: times only, unless titles are asked for. */
export const calendars = sqliteTable(
  'calendars',
  {
    ...kept,
    groupId: ofGroup(),
    personId: ofPerson(),
    copiedAt: text('copied_at'),
    triedAt: text('tried_at'),
    problem: text('problem'),
    events: integer('events').notNull().default(0),
    times: text('times', { mode: 'json' }),
  },
  (t) => [index('calendars_group').on(t.groupId)],
);

/** Calendar addresses that were given out; a revoked one stays, so that it is never given out again. */
export const feeds = sqliteTable('feeds', {
  token: text('token').primaryKey(),
  groupId: ofGroup(),
  personId: ofPerson(),
  alarmMin: integer('alarm_min'),
  /** Whether its entries take up the time of whoever follows it. */
  busy: integer('busy', { mode: 'boolean' }).notNull().default(false),
  /** How long its entries are; null for as long as the breaks are planned. */
  lengthMin: integer('length_min'),
  createdAt: text('created_at').notNull(),
  revokedAt: text('revoked_at'),
});

/**
 * The state of a week that was given out last, and the one before it. A week without a row is a draft. `data` is null for what
 * was followed before giving out was a step of its own: the week itself counts then.
 */
/** Calendar addresses of what an instructor leads, in all of their groups. */
export const ledFeeds = sqliteTable('led_feeds', {
  token: text('token').primaryKey(),
  owner: owner(),
  alarmMin: integer('alarm_min'),
  createdAt: text('created_at').notNull(),
  revokedAt: text('revoked_at'),
});

/** Lines spoken by an instructor, known by their words: whichever break or move says these words has them. */
export const voiceLines = sqliteTable(
  'voice_lines',
  {
    owner: owner(),
    /** What the words are known by. */
    id: text('id').notNull(),
    text: text('text').notNull(),
    lengthMs: integer('length_ms').notNull(),
    type: text('type').notNull(),
    sound: blob('sound', { mode: 'buffer' }).notNull(),
    updatedAt: text('updated_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.owner, t.id] })],
);

export const givenWeeks = sqliteTable(
  'given_weeks',
  {
    weekId: text('week_id')
      .primaryKey()
      .references(() => weeks.id, { onDelete: 'cascade' }),
    groupId: ofGroup(),
    personId: ofPerson(),
    startDate: text('start_date').notNull(),
    givenAt: text('given_at').notNull(),
    /** Rises with each change, so that whoever holds something made of it can tell. */
    version: integer('version').notNull().default(0),
    data: text('data', { mode: 'json' }),
    before: text('before', { mode: 'json' }),
  },
  (t) => [index('given_weeks_group').on(t.groupId)],
);

/** Pages for the people at the desks, with what they show as it was worked out when it was given out, sealed. */
export const deskPages = sqliteTable(
  'desk_pages',
  {
    token: text('token').primaryKey(),
    groupId: ofGroup(),
    personId: ofPerson(),
    data: text('data', { mode: 'json' }),
    createdAt: text('created_at').notNull(),
    revokedAt: text('revoked_at'),
  },
  (t) => [index('desk_pages_group').on(t.groupId)],
);

/** By which push services know this server; the private part is sealed. */
export const pushKeys = sqliteTable('push_keys', {
  id: text('id').primaryKey(),
  publicKey: text('public_key').notNull(),
  data: text('data', { mode: 'json' }).notNull(),
});

/** The devices on which people want to be reminded: where a push service finds them, sealed. */
export const devices = sqliteTable(
  'devices',
  {
    id: text('id').primaryKey(),
    token: text('token')
      .notNull()
      .references(() => deskPages.token, { onDelete: 'cascade' }),
    groupId: ofGroup(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    data: text('data', { mode: 'json' }).notNull(),
    createdAt: text('created_at').notNull(),
  },
  (t) => [index('devices_person').on(t.personId)],
);

/** What calendars were told last of each planned break, so that changes rise in sequence and nothing is lost. */
export const calendarEntries = sqliteTable(
  'calendar_entries',
  {
    uid: text('uid').primaryKey(),
    groupId: ofGroup(),
    personId: ofPerson(),
    date: text('date').notNull(),
    data: text('data', { mode: 'json' }).notNull(),
  },
  (t) => [index('calendar_entries_whose').on(t.groupId, t.personId)],
);

/** The outbox of the message channel: reminders waiting, sent and answered. */
export const messages = sqliteTable(
  'messages',
  {
    /** Made of what it reminds of, so that none is sent twice. */
    id: text('id').primaryKey(),
    groupId: ofGroup(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    weekId: text('week_id').notNull(),
    plannedId: text('planned_id').notNull(),
    breakId: text('break_id'),
    breakName: text('break_name').notNull(),
    date: text('date').notNull(),
    startMin: integer('start_min').notNull(),
    startsAt: text('starts_at').notNull(),
    dueAt: text('due_at').notNull(),
    sentAt: text('sent_at'),
    times: integer('times').notNull().default(0),
    state: text('state').notNull(),
  },
  (t) => [index('messages_state').on(t.state, t.dueAt)],
);

/** Answers to reminders: the log of breaks that people did by themselves. */
export const answers = sqliteTable('answers', {
  id: text('id').primaryKey(),
  groupId: ofGroup(),
  personId: text('person_id')
    .notNull()
    .references(() => people.id, { onDelete: 'cascade' }),
  startsAt: text('starts_at').notNull(),
  data: text('data', { mode: 'json' }).notNull(),
});

export const sessions = sqliteTable(
  'sessions',
  {
    ...kept,
    owner: owner(),
    groupId: text('group_id').references(() => groups.id, { onDelete: 'set null' }),
    /** Null where no break was written: only minutes and areas are known. */
    breakId: text('break_id').references(() => breaks.id),
    startedAt: text('started_at').notNull(),
    /** What lists and sums read of it, sealed as well; null for what was kept before there was such a thing. */
    brief: text('brief', { mode: 'json' }),
    /** Set when deleted, so that it can be brought back. */
    deletedAt: text('deleted_at'),
  },
  (t) => [index('sessions_started').on(t.startedAt)],
);

/** What was measured of groups and people, before and after breaks. */
export const measures = sqliteTable(
  'measures',
  {
    ...kept,
    groupId: ofGroup(),
    personId: ofPerson(),
    sessionId: text('session_id').references(() => sessions.id, { onDelete: 'set null' }),
    takenAt: text('taken_at').notNull(),
  },
  (t) => [index('measures_group').on(t.groupId, t.takenAt)],
);
