import { worthKeeping } from '@kotabi/core/thin';
import { and, eq, inArray, lt } from 'drizzle-orm';
import type { Database } from './open';
import { breakVersions, deeds, sessions } from './schema';

/** What was done is known for so long; told on the screen and in docs/running.md. */
const DEEDS_DAYS = 400;

/** Takes away what was done too long ago to be worth knowing. */
export const thinDeeds = async (db: Database, now: Date): Promise<void> => {
  const before = new Date(now.getTime() - DEEDS_DAYS * 86_400_000).toISOString();
  await db.delete(deeds).where(lt(deeds.lastAt, before));
};

/** A record that was deleted can be brought back for so long; told in docs/running.md. */
export const DELETED_DAYS = 90;

/** Takes away for good the records that were deleted too long ago to be brought back. */
export const purgeDeleted = async (db: Database, now: Date): Promise<void> => {
  const before = new Date(now.getTime() - DELETED_DAYS * 86_400_000).toISOString();
  await db.delete(sessions).where(lt(sessions.deletedAt, before));
};

/** Takes away the saved states of breaks that are not worth keeping any more. Gives how many there were. */
export const thinVersions = async (db: Database, now: Date): Promise<number> => {
  const all = await db
    .select({
      breakId: breakVersions.breakId,
      version: breakVersions.version,
      savedAt: breakVersions.savedAt,
    })
    .from(breakVersions);
  const byBreak = new Map<string, typeof all>();
  for (const one of all) byBreak.set(one.breakId, [...(byBreak.get(one.breakId) ?? []), one]);
  let gone = 0;
  for (const [breakId, versions] of byBreak) {
    const keep = worthKeeping(
      versions.map((v) => v.savedAt),
      now.toISOString(),
    );
    const old = versions.filter((v) => !keep.has(v.savedAt)).map((v) => v.version);
    if (old.length === 0) continue;
    await db
      .delete(breakVersions)
      .where(and(eq(breakVersions.breakId, breakId), inArray(breakVersions.version, old)));
    gone += old.length;
  }
  return gone;
};
