import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const PLACES = [
  process.env.KOTABI_CHROMIUM,
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
];

/** Path of a Chromium for the browser tests, or undefined. */
export const findChromium = () => PLACES.find((path) => path && existsSync(path));

const COMMAND = 'sudo apt-get update && sudo apt-get install -y chromium';

/** Finds Chromium or installs Debian's; where that may not be done, says the one command that would. */
export const needChromium = () => {
  const found = findChromium();
  if (found) return found;
  const isRoot = process.getuid?.() === 0;
  const canInstall = isRoot && spawnSync('apt-get', ['--version']).status === 0;
  if (canInstall) {
    console.log('Installing Chromium for the browser tests …');
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    spawnSync('apt-get', ['update', '-qq'], { stdio: 'inherit', env });
    spawnSync('apt-get', ['install', '-y', '-qq', 'chromium'], {
      stdio: ['ignore', 'ignore', 'inherit'],
      env,
    });
    const installed = findChromium();
    if (installed) return installed;
  }
  console.error(
    `The browser tests need Chromium, and none was found. Install it with:\n  ${COMMAND}\nor name one with KOTABI_CHROMIUM.`,
  );
  process.exit(1);
};
