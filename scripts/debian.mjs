import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Debian's Chromium without a window: the same browser, with far less to start and to draw. */
const SHELL = '/usr/bin/chromium-headless-shell';
const PLACES = [
  process.env.KOTABI_CHROMIUM,
  SHELL,
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
];

/** Path of a Chromium for the browser tests, or undefined. */
export const findChromium = () => PLACES.find((path) => path && existsSync(path));

/** Debian's Python, for which Debian has a reader of calendars that is not JavaScript. */
const PYTHON = '/usr/bin/python3';

/** Path of a Python that can read calendars, or undefined. */
export const findReader = () =>
  existsSync(PYTHON) && spawnSync(PYTHON, ['-c', 'import icalendar']).status === 0 ? PYTHON : undefined;

const NEEDED = [
  { name: 'chromium-headless-shell', find: () => process.env.KOTABI_CHROMIUM || existsSync(SHELL) },
  // Where there is no such package.
  { name: 'chromium', find: findChromium },
  { name: 'python3-icalendar', find: findReader },
];
const COMMAND = `sudo apt-get update && sudo apt-get install -y ${NEEDED.map((n) => n.name).join(' ')}`;

/** Installs Debian's packages that are missing, where that may be done. */
const installMissing = () => {
  const missing = NEEDED.filter(({ find }) => !find()).map(({ name }) => name);
  const isRoot = process.getuid?.() === 0;
  if (missing.length === 0 || !isRoot || spawnSync('apt-get', ['--version']).status !== 0) return;
  console.log(`Installing ${missing.join(' and ')} for the tests …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  spawnSync('apt-get', ['update', '-qq'], { stdio: 'inherit', env });
  const args = ['install', '-y', '-qq', ...missing];
  spawnSync('apt-get', args, { stdio: ['ignore', 'ignore', 'inherit'], env });
};

/**
 * Finds what the tests need beside the registry, or installs Debian's; where that may not be done, says the one command
 * that would. Without Chromium nothing is tested; without the reader its one test says that it was left out.
 */
export const needDebian = () => {
  installMissing();
  const chromium = findChromium();
  if (chromium) return { chromium, reader: findReader() };
  console.error(
    `The browser tests need Chromium, and none was found. Install it with:\n  ${COMMAND}\nor name one with KOTABI_CHROMIUM.`,
  );
  process.exit(1);
};
