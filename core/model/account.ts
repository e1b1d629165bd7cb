import { z } from 'zod';
import { Id, Line } from './units';

/** What one may do here: design and lead breaks, or look after accounts and backups. */
export const Role = z.enum(['instructor', 'keeper']);
export type Role = z.infer<typeof Role>;

/** The name with which one signs in, 1 to 40 characters; capitals make no difference. */
export const AccountName = Line(40).min(1);

/**
 * A password: 10 to 200 characters of any kind. Long rather than odd, as NIST SP 800-63B 5.1.1.2 advises (from memory;
 * it asks for 8 at least).
 */
export const Password = z.string().min(10).max(200);

const Roles = z.array(Role).min(1).max(2);

/** Somebody who may sign in. What is kept of a password is never given out. */
export const Account = z.object({
  id: Id,
  name: AccountName,
  roles: Roles,
  createdAt: z.iso.datetime(),
  /** Set when the account may not be used any more; what belongs to it stays. */
  closedAt: z.iso.datetime().nullable(),
});
export type Account = z.infer<typeof Account>;

export const NewAccount = z.object({ name: AccountName, password: Password, roles: Roles });
export type NewAccount = z.infer<typeof NewAccount>;

/** What a keeper may change of an account. */
export const AccountChange = z.object({
  roles: Roles.optional(),
  closed: z.boolean().optional(),
  /** A new password, for somebody who has forgotten theirs; ends all their sign-ins. */
  password: Password.optional(),
});
export type AccountChange = z.infer<typeof AccountChange>;

/** The very first account. The code stands on the server's own terminal, so that nobody else comes first. */
export const FirstAccount = z.object({ code: z.string().max(40), name: AccountName, password: Password });

export const SignIn = z.object({ name: z.string().max(200), password: z.string().max(1000) });
export const SignOut = z.object({ everywhere: z.boolean().default(false) });
export const PasswordChange = z.object({ old: z.string().max(1000), password: Password });

/** Who one is here, and whether one has to say so. */
export const Me = z.object({
  /** Nobody signs in; one has to; the first account has yet to be made; one is signed in. */
  state: z.enum(['open', 'signedOut', 'first', 'signedIn']),
  account: Account.pick({ id: true, name: true, roles: true }).nullable(),
});
export type Me = z.infer<typeof Me>;

/** What is shared with a colleague: a whole group with its people and weeks, or one break. */
export const Shared = z.enum(['groups', 'breaks']);
export type Shared = z.infer<typeof Shared>;

/** What a colleague may do with something that is shared. */
export const May = z.enum(['look', 'edit']);
export type May = z.infer<typeof May>;

export const Share = z.object({ accountId: Id, name: AccountName, may: May });
export type Share = z.infer<typeof Share>;
export const ShareRequest = z.object({ may: May });

/** With whom something is shared, whose it is, and with whom it could be shared. */
export const Shares = z.object({
  owner: AccountName.nullable(),
  mine: z.boolean(),
  list: z.array(Share),
  colleagues: z.array(Account.pick({ id: true, name: true })),
});
export type Shares = z.infer<typeof Shares>;

/** Something that a colleague shares with whoever asks. */
export const SharedWithMe = z.object({ kind: Shared, id: Id, owner: AccountName, may: May });
export type SharedWithMe = z.infer<typeof SharedWithMe>;

/** One thing that somebody did. Repeated within a short time it is one entry with a number of times. */
export const Deed = z.object({
  id: z.int(),
  at: z.iso.datetime(),
  lastAt: z.iso.datetime(),
  times: z.int().min(1),
  /** The name of the account; empty where nobody signs in. */
  who: z.string(),
  /** Method and address as they stand in the program; worded by `DEEDS`. */
  did: z.string(),
  /** The id of what it was done to; empty where it was no single thing. */
  thing: z.string(),
  /** What that is called now; empty where it is gone or has no name that may be shown here. */
  name: z.string(),
});
export type Deed = z.infer<typeof Deed>;
