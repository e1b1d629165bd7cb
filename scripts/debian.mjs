import { spawn, spawnSync } from 'node:child_process';
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
  // With letters for what the program's own have no sign for; nothing else that Debian recommends for a browser.
  {
    name: 'chromium-headless-shell fonts-liberation',
    find: () => process.env.KOTABI_CHROMIUM || existsSync(SHELL),
  },
  { name: 'python3-icalendar', find: findReader },
];
const COMMAND = `sudo apt-get update && sudo apt-get install -y ${NEEDED.map((n) => n.name).join(' ')}`;

/** Runs apt to its end, quietly but for what goes wrong; true where it went well. */
const apt = (...args) =>
  new Promise((done) => {
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    const child = spawn('apt-get', ['-qq', ...args], { stdio: ['ignore', 'ignore', 'inherit'], env });
    child.once('error', () => done(false));
    child.once('close', (status) => done(status === 0));
  });

/**
 * Installs Debian's packages that are missing, where that may be done. It takes as long as installing those of the registry
 * and needs none of them, so it is begun first and waited for last.
 */
export const installDebian = async () => {
  const missing = NEEDED.filter(({ find }) => !find()).flatMap(({ name }) => name.split(' '));
  if (missing.length === 0 || process.getuid?.() !== 0) return;
  console.log(`Installing ${missing.join(' and ')} for the tests …`);
  await apt('update');
  if (await apt('install', '-y', '--no-install-recommends', ...missing)) return;
  // Where there is no package of the browser without a window, the whole one does.
  if (!findChromium()) await apt('install', '-y', '--no-install-recommends', 'chromium');
  if (!findReader()) await apt('install', '-y', '--no-install-recommends', 'python3-icalendar');
};

/**
 * Finds what the tests need beside the registry; where it could not be installed, says the one command that would. Without
 * Chromium nothing is tested; without the reader its one test says that it was left out.
 */
export const needDebian = () => {
  const chromium = findChromium();
  if (chromium) return { chromium, reader: findReader() };
  console.error(
    `The browser tests need Chromium, and none was found. Install it with:\n  ${COMMAND}\nor name one with KOTABI_CHROMIUM.`,
  );
  process.exit(1);
};
