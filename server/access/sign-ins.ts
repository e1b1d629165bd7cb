import { createHash } from 'node:crypto';
import { eq, lt } from 'drizzle-orm';
import { type SessionData, Store } from 'express-session';
import type { Database } from '../db/open';
import { signIns } from '../db/schema';

declare module 'express-session' {
  interface SessionData {
    /** The account that is signed in. */
    accountId: string;
  }
}

/** A sign-in that is not used for so long ends. */
export const IDLE_MS = 14 * 86_400_000;
/** It is written down again that it was used, at most so often. */
const TOUCH_MS = 3_600_000;

/** What is kept of the secret in the cookie: nothing that would let anybody in. */
const idOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

type Done = (error?: unknown) => void;
/** Answers the callback that the session library asks for. */
const told = <T>(work: Promise<T>, done: ((error: unknown, value?: T) => void) | undefined): void =>
  void work.then(
    (value) => done?.(null, value),
    (error: unknown) => done?.(error),
  );

/** Keeps who is signed in where, in the database: it outlives the server, and ends everywhere at once. */
export class SignIns extends Store {
  constructor(
    private readonly db: Database,
    private readonly now: () => Date,
  ) {
    super();
  }

  private endsAt(): string {
    return new Date(this.now().getTime() + IDLE_MS).toISOString();
  }

  private async read(secret: string): Promise<SessionData | null> {
    const [row] = await this.db
      .select()
      .from(signIns)
      .where(eq(signIns.id, idOf(secret)));
    return row && row.endsAt > this.now().toISOString() ? (row.data as SessionData) : null;
  }

  private async write(secret: string, data: SessionData): Promise<void> {
    const row = { accountId: data.accountId, data, endsAt: this.endsAt() };
    await this.db.batch([
      this.db
        .insert(signIns)
        .values({ id: idOf(secret), ...row })
        .onConflictDoUpdate({ target: signIns.id, set: row }),
      this.db.delete(signIns).where(lt(signIns.endsAt, this.now().toISOString())),
    ]);
  }

  private async used(secret: string): Promise<void> {
    const id = idOf(secret);
    const [row] = await this.db.select({ endsAt: signIns.endsAt }).from(signIns).where(eq(signIns.id, id));
    const left = row ? Date.parse(row.endsAt) - this.now().getTime() : IDLE_MS;
    if (left < IDLE_MS - TOUCH_MS)
      await this.db.update(signIns).set({ endsAt: this.endsAt() }).where(eq(signIns.id, id));
  }

  override get(secret: string, done: (error: unknown, session?: SessionData | null) => void): void {
    told(this.read(secret), done);
  }

  override set(secret: string, data: SessionData, done?: Done): void {
    told(this.write(secret, data), done);
  }

  override touch(secret: string, _data: SessionData, done?: Done): void {
    told(this.used(secret), done);
  }

  override destroy(secret: string, done?: Done): void {
    told(this.db.delete(signIns).where(eq(signIns.id, idOf(secret))), done);
  }

  /** Ends all sign-ins of an account. */
  async endAll(accountId: string): Promise<void> {
    await this.db.delete(signIns).where(eq(signIns.accountId, accountId));
  }
}
