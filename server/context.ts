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
import { eq } from 'drizzle-orm';
import { kinds } from './db/kinds';
import type { Database } from './db/open';
import { breaks, people as peopleTable } from './db/schema';
import { Store } from './db/store';
import { unknownReference } from './errors';
import type { Logger } from './log';
import type { Pool } from './pool/pool';

/** What every route works with. The clock is passed in, so that tests can set it. */
export const createContext = (db: Database, now: () => Date, pool: Pool, log: Logger) => {
  const store = <T extends { id: string }>(kind: Parameters<typeof makeStore<T>>[1]) =>
    makeStore(db, kind, now);
  const stores = {
    groups: store(kinds.group),
    people: store(kinds.person),
    moves: store(kinds.move),
    breaks: store(kinds.brk),
    weeks: store(kinds.week),
    calendars: store(kinds.calendar),
    sessions: store(kinds.session),
    settings: store(kinds.approach),
  };
  return {
    db,
    now,
    /** Where heavy work is done. */
    pool,
    log,
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
    requireBreak: async (breakId: string): Promise<void> => {
      const [known] = await db.select({ id: breaks.id }).from(breaks).where(eq(breaks.id, breakId));
      if (!known) throw unknownReference('value.breakId', 'break', breakId);
    },
    /** Refuses a week that plans a break which is not there. */
    requireBreaksOf: async (week: Week): Promise<void> => {
      // A week may go on naming a break that has been deleted since: it can come back.
      const known = new Set((await db.select({ id: breaks.id }).from(breaks)).map((b) => b.id));
      for (const [d, day] of week.days.entries())
        for (const [i, planned] of day.breaks.entries())
          if (planned.breakId !== null && !known.has(planned.breakId))
            throw unknownReference(`value.days.${d}.breaks.${i}.breakId`, 'break', planned.breakId);
    },
  };
};

const makeStore = <T extends { id: string }>(
  db: Database,
  kind: ConstructorParameters<typeof Store<T>>[1],
  now: () => Date,
): Store<T> => new Store(db, kind, now);

export type Context = ReturnType<typeof createContext>;
