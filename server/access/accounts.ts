import type { Account, AccountChange, Role } from '@kotabi/core/model';
import { hash, verify } from '@node-rs/argon2';
import { and, eq, isNull, ne, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Database } from '../db/open';
import {
  accounts,
  breaks,
  groups,
  ledFeeds,
  moves,
  sessions,
  settings,
  signIns,
  voiceLines,
} from '../db/schema';
import { Refusal } from '../errors';

/** Cost of a guess: argon2id with 19 MiB and two passes (OWASP Password Storage Cheat Sheet, from memory). */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** The name as it is compared: case and blanks around it make no difference. */
const called = (name: string): string => name.trim().normalize('NFKC').toLowerCase();

/** How long it is believed that nobody has to sign in, ms: an account may be made from the terminal meanwhile. */
const BELIEVED_MS = 1000;

const publicly = (row: typeof accounts.$inferSelect): Account => ({
  id: row.id,
  name: row.name,
  roles: row.roles as Role[],
  createdAt: row.createdAt,
  closedAt: row.closedAt,
});

/** Those who may sign in, and their passwords. As long as there is none, nobody has to. */
export class Accounts {
  private some = false;
  private askedAt = 0;
  /** Compared with where there is no such name, so that a guess takes as long with it as without. */
  private decoy: Promise<string> | null = null;

  constructor(
    private readonly db: Database,
    private readonly now: () => Date,
  ) {}

  /** Whether there is any account. */
  async any(): Promise<boolean> {
    if (this.some || Date.now() - this.askedAt < BELIEVED_MS) return this.some;
    const [one] = await this.db.select({ id: accounts.id }).from(accounts).limit(1);
    this.some = one !== undefined;
    this.askedAt = Date.now();
    return this.some;
  }

  async list(): Promise<Account[]> {
    return (await this.db.select().from(accounts).orderBy(accounts.called)).map(publicly);
  }

  async find(id: string): Promise<Account | undefined> {
    const [row] = await this.db.select().from(accounts).where(eq(accounts.id, id));
    return row && publicly(row);
  }

  async named(name: string): Promise<Account | undefined> {
    const [row] = await this.db
      .select()
      .from(accounts)
      .where(eq(accounts.called, called(name)));
    return row && publicly(row);
  }

  /** The open account of this name and password; undefined for any other, in the same time. */
  async check(name: string, password: string): Promise<Account | undefined> {
    this.decoy ??= hash(nanoid(), COST);
    const [row] = await this.db
      .select()
      .from(accounts)
      .where(and(eq(accounts.called, called(name)), isNull(accounts.closedAt)));
    const right = await verify(row?.password ?? (await this.decoy), password);
    return row && right ? publicly(row) : undefined;
  }

  /**
   * Makes an account. The first one looks after accounts as well, and everything that was made before is theirs.
   * Throws a refusal where the name is taken.
   */
  async add(name: string, password: string, roles: readonly Role[]): Promise<Account> {
    const first = !(await this.any());
    const account: Account = {
      id: nanoid(),
      name: name.trim(),
      roles: first ? ['instructor', 'keeper'] : [...new Set(roles)],
      createdAt: this.now().toISOString(),
      closedAt: null,
    };
    const row = { ...account, called: called(name), password: await hash(password, COST) };
    const made = this.db.insert(accounts).values(row).onConflictDoNothing();
    const owned = [groups, breaks, moves, sessions, settings, ledFeeds, voiceLines] as const;
    const [result] = await this.db.batch([
      made,
      ...(first
        ? owned.map((table) => this.db.update(table).set({ owner: account.id }).where(eq(table.owner, '')))
        : []),
    ]);
    if ((result as { rowsAffected: number }).rowsAffected === 0)
      throw new Refusal(409, 'conflict', `There is an account called ${account.name} already.`, [
        { path: 'name', message: 'is taken', value: account.name },
      ]);
    this.some = true;
    return account;
  }

  /**
   * Changes roles, closes or opens an account again, or sets a new password. Whatever takes something away ends the
   * sign-ins of the account. Throws a refusal where nobody would be left to look after accounts.
   */
  async change(id: string, { roles, closed, password }: AccountChange): Promise<void> {
    const losesKeeper = closed === true || (roles !== undefined && !roles.includes('keeper'));
    if (losesKeeper && !(await this.keeperBeside(id)))
      throw new Refusal(409, 'lastKeeper', 'Somebody has to look after accounts: make another keeper first.');
    const set = {
      ...(roles && { roles: [...new Set(roles)] }),
      ...(closed !== undefined && { closedAt: closed ? this.now().toISOString() : null }),
      ...(password !== undefined && { password: await hash(password, COST) }),
    };
    await this.db.batch([
      this.db.update(accounts).set(set).where(eq(accounts.id, id)),
      this.db.delete(signIns).where(eq(signIns.accountId, id)),
    ]);
  }

  private async keeperBeside(id: string): Promise<boolean> {
    const [other] = await this.db
      .select({ id: accounts.id })
      .from(accounts)
      .where(
        and(
          ne(accounts.id, id),
          isNull(accounts.closedAt),
          sql`EXISTS (SELECT 1 FROM json_each(${accounts.roles}) WHERE value = 'keeper')`,
        ),
      )
      .limit(1);
    return other !== undefined;
  }
}
