import { spawnSync } from 'node:child_process';
import { resolve } from 'node:path';

/** What runs as a program or in threads is the built server, so it is built first when it is out of date. */
export default (): void => {
  const root = resolve(import.meta.dirname, '../..');
  const { status } = spawnSync(process.execPath, ['scripts/build.mjs'], { cwd: root, stdio: 'inherit' });
  if (status !== 0) throw new Error('The application could not be built.');
};
