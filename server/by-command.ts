import { resolve } from 'node:path';
import type { BackupFolder } from './db/backup';

/** What stands behind the command that starts the server. */
interface Wish {
  backup: boolean;
  /** A file for the backup, instead of the usual folder. */
  to?: string | undefined;
  restore?: string | undefined;
  yes: boolean;
}

/** Makes a backup, looks into one, or puts one back, from the terminal; also while a server runs on the same file. */
export const byCommand = async (backups: BackupFolder, { backup, to, restore, yes }: Wish): Promise<void> => {
  if (backup && to !== undefined) {
    await backups.writeTo(resolve(to));
    console.log(`Backup: ${resolve(to)}`);
    return;
  }
  if (backup) {
    const { name, bytes } = await backups.make();
    console.log(`Backup: ${resolve(backups.folder, name)} (${Math.ceil(bytes / 1000)} kB)`);
    return;
  }
  const file = resolve(restore ?? '');
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
