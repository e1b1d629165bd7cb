import { createContext } from '../context';
import type { Database } from '../db/open';
import { demoBreaks } from './breaks';
import { demoGroups, demoPeople } from './people';
import { demoSessions } from './sessions';
import { demoWeeks } from './weeks';

/** Fills an empty database with the demo scenario, its dates laid around today. */
export const loadDemo = async (db: Database, today: Date): Promise<void> => {
  const ctx = createContext(db, () => today);
  const put = async <T extends { id: string }>(
    store: { put: (change: { baseVersion: number; value: T }) => Promise<{ ok: boolean }> },
    values: readonly T[],
  ): Promise<void> => {
    for (const value of values) {
      const { ok } = await store.put({ baseVersion: 0, value });
      if (!ok) throw new Error(`The demo entry "${value.id}" was there already.`);
    }
  };
  await put(ctx.groups, demoGroups);
  await put(ctx.people, demoPeople);
  await put(ctx.breaks, demoBreaks);
  await put(ctx.weeks, demoWeeks(today));
  await put(ctx.sessions, demoSessions(today));
};
