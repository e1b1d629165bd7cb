import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import type { Page } from 'playwright-core';
import { startApp } from './app';
import { openBrowser } from './browser';

// Takes one picture of each main view from the demo data, for the README. `npm run shots [-- folder [name ...]]`.
const [folder = 'docs/screenshots', ...only] = process.argv.slice(2);
const out = resolve(import.meta.dirname, '..', folder);

const settle = async (page: Page): Promise<void> => {
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(350);
};

const views: [name: string, path: string, act?: (page: Page) => Promise<void>][] = [
  ['breaks', '/breaks'],
  [
    'sheet',
    '/breaks/late-morning',
    async (page) => {
      await page.getByRole('option', { name: /Ear toward the shoulder/ }).click();
    },
  ],
  ['people', '/people'],
  ['moves', '/moves'],
  ['move', '/moves/ear-to-shoulder'],
  [
    'week',
    '/week',
    async (page) => {
      await page.getByRole('slider').nth(1).focus();
    },
  ],
  ['lead-before', '/lead/late-morning'],
  ['log', '/log'],
  ['session', '/log/demo-session-1'],
  // Last: leaving a break in the middle keeps its record, which would stand in the picture of the log.
  [
    'lead',
    '/lead/late-morning',
    async (page) => {
      await page.getByRole('button', { name: 'Start' }).click();
      await page.clock.runFor(3000);
      await page.clock.fastForward(159_000);
      await page.clock.runFor(200);
      // Transitions run on the browser's own time.
      await page.waitForTimeout(500);
    },
  ],
];

const app = await startApp({ demo: true });
const { context, close } = await openBrowser();
try {
  mkdirSync(out, { recursive: true });
  for (const [name, path, act] of views) {
    if (only.length > 0 && !only.includes(name)) continue;
    const page = await context.newPage();
    page.on('pageerror', (error) => console.error(`${name}: ${error.message}`));
    if (name === 'lead') await page.clock.install();
    await page.goto(app.url + path);
    await page.waitForLoadState('networkidle');
    await act?.(page);
    if (name !== 'lead') await settle(page);
    await page.screenshot({ path: join(out, `${name}.png`) });
    await page.close();
  }
} finally {
  await close();
  await app.stop();
}
