import { DEEDS, type Deed, type Group } from '@kotabi/core/model';
import { desc, eq, inArray, or, type SQL, sql } from 'drizzle-orm';
import type { Request, Response } from 'express';
import type { Database } from '../db/open';
import { accounts, breaks, deeds, groups } from '../db/schema';
import type { Logger } from '../log';
import { type Actor, actor } from './actor';
import { identityOf } from './identify';
import { type Rule, rules } from './may';

/** The same thing done again by the same person within so long is one entry: what is written saves itself every second. */
const TOGETHER_MS = 10 * 60_000;
/** So many are shown. */
const SHOWN = 300;

/** An entry that is written once in a while, not at every keystroke that saves itself. */
const WRITE_EVERY_MS = 60_000;

interface Last {
  id: number;
  at: number;
  writtenAt: number;
  /** How often since it was written. */
  more: number;
}

/** Writes down who did what and when. Never what is in it, and no name of a person. */
export class Deeds {
  private readonly last = new Map<string, Last>();

  constructor(
    private readonly db: Database,
    private readonly now: () => Date,
    private readonly log: Logger,
  ) {}

  /** Writes down a deed that has been done; what is no deed is let alone. */
  async witness(did: string, req: Request, res: Response): Promise<void> {
    if (!(did in DEEDS)) return;
    // One that has just signed in was not known yet when the request came.
    const who: Actor | null = (res.locals.signedInAs as Actor | undefined) ?? identityOf(res).actor;
    const { id = '', groupId = '', accountId = '' } = req.params as Record<string, string>;
    // Signing in and out is about whoever does it; tokens are never written down.
    const made = (res.locals.made as string | undefined) ?? '';
    await this.write(who?.id ?? '', did, id || groupId || accountId || made).catch((error: unknown) =>
      this.log.error({ err: error }, 'a deed could not be written down'),
    );
  }

  private async write(accountId: string, did: string, thing: string): Promise<void> {
    const at = this.now();
    const now = at.getTime();
    const key = `${accountId}|${did}|${thing}`;
    const last = this.last.get(key);
    if (last && now - last.at < TOGETHER_MS) {
      last.more++;
      last.at = now;
      if (now - last.writtenAt < WRITE_EVERY_MS) return;
      await this.db
        .update(deeds)
        .set({ lastAt: at.toISOString(), times: sql`${deeds.times} + ${last.more}` })
        .where(eq(deeds.id, last.id));
      this.last.set(key, { id: last.id, at: now, writtenAt: now, more: 0 });
      return;
    }
    const moment = at.toISOString();
    const [row] = await this.db
      .insert(deeds)
      .values({ at: moment, lastAt: moment, accountId, did, thing })
      .returning({ id: deeds.id });
    if (this.last.size > 1000) this.last.clear();
    if (row) this.last.set(key, { id: row.id, at: now, writtenAt: now, more: 0 });
  }

  /** Names of accounts, and of those groups and breaks that whoever asks may see. */
  private async names(): Promise<Map<string, string>> {
    const { db } = this;
    const may = (rule: Rule): SQL | undefined => {
      const who = actor();
      return who ? rule(who.id, 'look') : undefined;
    };
    const things = [
      ...(await db.select({ id: groups.id, data: groups.data }).from(groups).where(may(rules.group))),
      ...(await db.select({ id: breaks.id, data: breaks.data }).from(breaks).where(may(rules.brk))),
    ];
    return new Map([
      ...(await db.select({ id: accounts.id, name: accounts.name }).from(accounts)).map(
        ({ id, name }) => [id, name] as const,
      ),
      ...things.map(({ id, data }) => [id, (data as Group).name] as const),
    ]);
  }

  /** Newest first: all of them for a keeper, else one's own and those on what is one's own. */
  async list(): Promise<Deed[]> {
    const who = actor();
    const mine = who
      ? [groups, breaks].map((t) =>
          inArray(deeds.thing, this.db.select({ id: t.id }).from(t).where(eq(t.owner, who.id))),
        )
      : [];
    const rows = await this.db
      .select({ deed: deeds, who: accounts.name })
      .from(deeds)
      .leftJoin(accounts, eq(accounts.id, deeds.accountId))
      .where(who && !who.roles.includes('keeper') ? or(eq(deeds.accountId, who.id), ...mine) : undefined)
      .orderBy(desc(deeds.lastAt), desc(deeds.id))
      .limit(SHOWN);
    const named = await this.names();
    return rows.map(({ deed: { accountId: _, ...deed }, who: name }) => ({
      ...deed,
      who: name ?? '',
      name: named.get(deed.thing) ?? '',
    }));
  }
}
