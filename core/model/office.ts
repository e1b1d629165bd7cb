import { z } from 'zod';

/** Something that is kept and that this program cannot read: damaged, or kept by a newer one. */
export const Unread = z.object({
  kind: z.string(),
  id: z.string(),
  /** Its name, where that much can be read; else empty. */
  name: z.string(),
  updatedAt: z.string(),
});
export type Unread = z.infer<typeof Unread>;

/** A backup in the folder for them. */
export const Backup = z.object({
  /** The name of its file. */
  name: z.string(),
  /** When it was made, UTC. */
  madeAt: z.iso.datetime(),
  bytes: z.int().min(0),
});
export type Backup = z.infer<typeof Backup>;

/** What is in a backup, looked at before anything is replaced by it. */
export const BackupContent = Backup.extend({
  /** How many of each are in it, and how many are kept now. */
  counts: z.array(z.object({ what: z.string(), inBackup: z.int(), now: z.int() })),
  /** The newest change in it, UTC; null for an empty one. */
  newestAt: z.string().nullable(),
});
export type BackupContent = z.infer<typeof BackupContent>;

/** Where the data is and how it is backed up. */
export const Backups = z.object({
  /** The database file, or the address of the database server. */
  database: z.string(),
  folder: z.string(),
  list: z.array(Backup),
});
export type Backups = z.infer<typeof Backups>;

/** What became of an archive that was brought in: how many things of each. */
export const ArchiveOpened = z.object({
  brought: z.int(),
  /** Here already, word for word. */
  known: z.int(),
  /** Of those brought: beside another one that reads differently here. */
  beside: z.int(),
  /** Weeks in whose place another one is planned here. */
  left: z.int(),
});
export type ArchiveOpened = z.infer<typeof ArchiveOpened>;

/** A text in which a name stands, with where it is. */
export const NamedText = z.object({
  /** The kind of thing it stands in, as on the screen. */
  kind: z.enum(['group', 'break', 'move', 'week', 'calendar', 'session', 'measure']),
  id: z.string(),
  /** What that thing is called; empty where it has no name. */
  called: z.string(),
  /** The field, with dots between its parts. */
  path: z.string(),
  text: z.string(),
});
export type NamedText = z.infer<typeof NamedText>;

/** The texts out of which a name is to be taken. */
export const Forget = z.object({
  places: z
    .array(NamedText.pick({ kind: true, id: true, path: true }))
    .min(1)
    .max(5000),
});
export type Forget = z.infer<typeof Forget>;
