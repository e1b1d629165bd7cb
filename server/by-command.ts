import { resolve } from 'node:path';
import { Accounts } from './access/accounts';
import type { Config } from './config';
import { BackupFolder } from './db/backup';
import type { Database, OpenDatabase } from './db/open';
import { newCode } from './routes/accounts';
import { bringKey, keyOfWords } from './seal/key';
import { changeKey, openSeal } from './seal/keyring';
import { Seal } from './seal/seal';

/** What may stand behind the command that starts the server, and what it does instead of starting. */
export const commands = {
  /** Writes a backup: into its folder, or `to` a file. */
  backup: { type: 'boolean', default: false },
  to: { type: 'string' },
  /** Looks into a backup; with `yes` it is put in place of what is there now. */
  restore: { type: 'string' },
  /** The recovery words of the key with which that backup was sealed, where it is another one. */
  words: { type: 'string' },
  yes: { type: 'boolean', default: false },
  /** Makes the database file anew from its continuous copy. */
  'from-copy': { type: 'boolean', default: false },
  /** Makes an account of this name, or a new password for it. */
  account: { type: 'string' },
  /** Writes the key file anew from its recovery words. */
  'key-from-words': { type: 'string' },
  /** Seals everything with a new key. */
  'new-key': { type: 'boolean', default: false },
} as const;

export interface Wish {
  backup: boolean;
  to?: string | undefined;
  restore?: string | undefined;
  words?: string | undefined;
  yes: boolean;
  account?: string | undefined;
  'key-from-words'?: string | undefined;
  'new-key': boolean;
}

/** The recovery words, with what to do with them. */
export const tellWords = (words: string, file: string): void => {
  const lines = words.split(' ');
  console.log(
    `\nWhat is kept about people is sealed with the key in ${file}.\nWrite these 24 words down and keep them somewhere ` +
      'else: without the key or its words nobody can read it again. They are shown this once.\n',
  );
  for (let n = 0; n < lines.length; n += 6) console.log(`  ${lines.slice(n, n + 6).join(' ')}`);
  console.log('');
};

/** Tells of a key that has just been made; its words only on a terminal, and not into the journal of a service. */
export const tellNewKey = (words: string, file: string): void => {
  if (process.stdout.isTTY) tellWords(words, file);
  else
    console.log(
      `What is kept about people is sealed with a new key in ${file}. To have recovery words for it, make a new one on a ` +
        'terminal while nobody works: npm start -- --new-key',
    );
};

const backUp = async (backups: BackupFolder, to: string | undefined): Promise<void> => {
  if (to !== undefined) {
    await backups.writeTo(resolve(to));
    console.log(`Backup: ${resolve(to)}`);
    return;
  }
  const { name, bytes } = await backups.make();
  console.log(`Backup: ${resolve(backups.folder, name)} (${Math.ceil(bytes / 1000)} kB)`);
};

const restore = async (backups: BackupFolder, file: string, yes: boolean): Promise<void> => {
  const { counts, newestAt } = await backups.look(file);
  console.log(`${file}\nNewest change in it: ${newestAt ?? 'none'}`);
  for (const { what, inBackup, now } of counts) console.log(`  ${what}: ${inBackup} in it, ${now} now`);
  if (!yes) {
    console.log('Nothing was replaced. To put it in place of what is there now, say --yes as well.');
    return;
  }
  const { before } = await backups.restore(file);
  console.log(`Restored. What was there before is in ${resolve(backups.folder, before.name)}.`);
};

/** Makes an account or a new password, for whoever sits at the server's own terminal: the way back in. */
const account = async (db: Database, name: string): Promise<void> => {
  const accounts = new Accounts(db, () => new Date());
  const password = newCode();
  const known = await accounts.named(name);
  if (known) {
    await accounts.change(known.id, { password, closed: false });
    console.log(`${known.name} has a new password, and is signed out everywhere: ${password}`);
    return;
  }
  const { roles } = await accounts.add(name, password, ['instructor']);
  console.log(`${name} may sign in now (${roles.join(' and ')}), with the password: ${password}`);
};

/**
 * Does what was asked for on the terminal; also while a server runs on the same file. False where nothing was: then the
 * server is to start.
 */
export const byCommand = async (
  { db, guard }: OpenDatabase,
  config: Config,
  wish: Wish,
): Promise<boolean> => {
  const words = wish['key-from-words'];
  if (words !== undefined) {
    bringKey(config.keyFile, keyOfWords(words));
    await openSeal(db, config.keyFile);
    console.log(`The key is in ${config.keyFile} again, and opens what is kept.`);
    return true;
  }
  const { account: name, backup, restore: file } = wish;
  if (!backup && file === undefined && name === undefined && !wish['new-key']) return false;
  const { seal, words: fresh } = await openSeal(db, config.keyFile);
  if (fresh) tellNewKey(fresh, config.keyFile);
  const other = wish.words === undefined ? undefined : new Seal(keyOfWords(wish.words));
  const backups = new BackupFolder(guard, config.backups, () => new Date(), seal, other);
  if (backup) await backUp(backups, wish.to);
  if (file !== undefined) await restore(backups, resolve(file), wish.yes);
  if (name !== undefined) await account(db, name);
  if (wish['new-key']) {
    tellWords(await changeKey(db, config.keyFile, seal), config.keyFile);
    console.log('A server that runs has to be started anew. Backups of before need the old words.');
  }
  return true;
};
