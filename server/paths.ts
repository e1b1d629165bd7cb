import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** The folder of the program, whether it runs from its sources or as it was built. */
export const root = (() => {
  let folder = import.meta.dirname;
  while (!existsSync(join(folder, 'server', 'db', 'migrations'))) {
    const above = dirname(folder);
    if (above === folder) throw new Error(`The program's folder was not found above ${import.meta.dirname}.`);
    folder = above;
  }
  return folder;
})();
export const webDir = join(root, 'web', 'dist');
export const migrationsDir = join(root, 'server', 'db', 'migrations');
