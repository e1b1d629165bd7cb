import { spawnSync } from 'node:child_process';
import { resolve } from 'node:path';

/** The browser tests drive the built interface, so it is built first when it is out of date. */
export default (): void => {
  const root = resolve(import.meta.dirname, '..');
  const { status } = spawnSync(process.execPath, ['scripts/build.mjs'], { cwd: root, stdio: 'inherit' });
  if (status !== 0) throw new Error('The interface could not be built.');
};
