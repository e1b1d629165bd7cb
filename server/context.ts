import { moveLookup } from '@kotabi/core/library/all';
import {
  type Approach,
  defaultApproach,
  type Move,
  type MoveLookup,
  roomLimits,
  type Week,
} from '@kotabi/core/model';
import type { Audience } from '@kotabi/core/review';
import { and, eq, sql } from 'drizzle-orm';
import type { AnySQLiteColumn } from 'drizzle-orm/sqlite-core';
import { type Actor, actor, asActor, house, nobody } from './access/actor';
import { inGroupsOf, type Wish } from './access/may';
import { kinds } from './db/kinds';
import type { Database } from './db/open';
import { accounts, breaks, groups, people as peopleTable } from './db/schema';
import { Store } from './db/store';
import { notFound, Refusal, unknownReference } from './errors';
import type { Logger } from './log';
import type { Mailer } from './mail/mailer';
import type { Pool } from './pool/pool';
import type { Seal } from './seal/seal';

/** What the server is made of. The clock is passed in, so that tests can set it. */
export interface Parts {
  db: Database;
  now: () => Date;
  /** Where heavy work is done. */
  pool: Pool;
  log: Logger;
  /** Seals what is about people's health before it is kept. */
  seal: Seal;
  /** The address by which others reach the server; none where nobody said. It is asked for anew: a port may be taken. */
  outside?: (() => string | undefined) | undefined;
  /** Sends mails; undefined where no mail server is set. */
  mailer?: Mailer | undefined;
  /** Where the push service that ships with the demo is reached; every other one is outside. */
  pushService?: string | undefined;
}

/** What one may not do with something that one may see. */
export const notYours = (what: string): Refusal =>
  new Refusal(
    403,
    'notYours',
    `This ${what} belongs to a colleague, who shared it to be looked at. Nothing was changed.`,
  );

/** What every route works with. */
export const createContext = ({ db, now, pool, log, seal, outside, mailer, pushService }: Parts) => {
  const store = <T extends { id: string }>(kind: ConstructorParameters<typeof Store<T>>[1]): Store<T> =>
    new Store(db, kind, now, seal);
  const stores = {
    groups: store(kinds.group),
    people: store(kinds.person),
    moves: store(kinds.move),
    breaks: store(kinds.brk),
    weeks: store(kinds.week),
    calendars: store(kinds.calendar),
    sessions: store(kinds.session),
    measures: store(kinds.measure),
    settings: store(kinds.approach),
  };
  return {
    db,
    now,
    pool,
    log,
    seal,
    outside,
    mailer,
    pushService,
    ...stores,
    /** All kinds of kept things. */
    stores: Object.values(stores),
    /** The instructor's own moves, those that were put away as well. */
    ownMoves: async (): Promise<Move[]> => (await stores.moves.list()).map((m) => m.value),
    /** Finds moves among the instructor's own and the library's. */
    lookup: async (): Promise<MoveLookup> => moveLookup((await stores.moves.list()).map((m) => m.value)),
    /** The instructor's approach, or the usual one when none is kept. */
    approach: async (): Promise<Approach> =>
      (await stores.settings.get('approach'))?.value.approach ?? defaultApproach,
    /** The people and the room of a group, for judging a break; null for no group. */
    audience: async (groupId: string | null): Promise<Audience | null> => {
      const group = groupId === null ? undefined : (await stores.groups.get(groupId))?.value;
      if (!group) return null;
      const people = await stores.people.list(eq(peopleTable.groupId, group.id));
      return {
        people: people.map((p) => p.value),
        room: { limits: roomLimits(group), things: group.things },
      };
    },
    /** Refuses a thing that names a group which is not there. */
    requireGroup: async (groupId: string | null): Promise<void> => {
      if (groupId !== null && !(await stores.groups.get(groupId)))
        throw unknownReference('value.groupId', 'group', groupId);
    },
    /** Refuses a thing of a person who is not in its group. */
    requirePerson: async (personId: string | null, groupId: string): Promise<void> => {
      if (personId === null) return;
      const person = await stores.people.get(personId);
      if (person?.value.groupId !== groupId) throw unknownReference('value.personId', 'person', personId);
    },
    /** Refuses a record of a break that never was; one that has been deleted since may still be recorded. */
    requireBreak: async (breakId: string | null): Promise<void> => {
      if (breakId !== null && !(await stores.breaks.may(breakId, 'look')))
        throw unknownReference('value.breakId', 'break', breakId);
    },
    /** Refuses a week that plans a break which is not there. */
    requireBreaksOf: async (week: Week): Promise<void> => {
      // A week may go on naming a break that has been deleted since: it can come back.
      const seen = await db.select({ id: breaks.id }).from(breaks).where(stores.breaks.allowed('look'));
      const known = new Set(seen.map((b) => b.id));
      for (const [d, day] of week.days.entries())
        for (const [i, planned] of day.breaks.entries())
          if (planned.breakId !== null && !known.has(planned.breakId))
            throw unknownReference(`value.days.${d}.breaks.${i}.breakId`, 'break', planned.breakId);
    },
    /** Refuses a wish that is not granted: as not there for what one may not even see. */
    must: async <T extends { id: string }>(of: Store<T>, id: string, wish: Wish): Promise<void> => {
      if (await of.may(id, wish)) return;
      throw (await of.may(id, 'look')) ? notYours(of.kind.name) : notFound(of.kind.name, id);
    },
    /** The rows of a table that belong to groups for which a wish is granted; all of them for the server's own work. */
    inMyGroups: (table: { groupId: AnySQLiteColumn }, wish: Wish = 'look') => {
      const who = actor();
      return who ? sql`${table.groupId} IN ${inGroupsOf(who.id, wish)}` : undefined;
    },
    /** Does something on behalf of the owner of a group: what is given out of it is what they would see. */
    asOwnerOf: async <T>(groupId: string, work: () => Promise<T>): Promise<T> => {
      const [row] = await db
        .select({ owner: groups.owner, id: accounts.id, name: accounts.name })
        .from(groups)
        .leftJoin(accounts, eq(accounts.id, groups.owner))
        .where(and(eq(groups.id, groupId)));
      const owner: Actor = row?.id ? { id: row.id, name: row.name ?? '', roles: ['instructor'] } : house;
      return asActor(row ? owner : nobody, work);
    },
  };
};

export type Context = ReturnType<typeof createContext>;
