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
  ['review', '/breaks/afternoon-back', async (page) => void (await page.getByText(/^Review/).click())],
  [
    'fit',
    '/breaks/full-pass',
    async (page) => {
      await page.getByRole('button', { name: 'Fit', exact: true }).click();
      await page.getByRole('button', { name: 'Take the fitted one' }).waitFor();
      await page.getByText('Fitted', { exact: true }).waitFor();
    },
  ],
  [
    'suggest',
    '/breaks/between-meetings',
    async (page) => {
      await page.getByRole('option').first().waitFor();
      await page.keyboard.press('g');
      await page.getByLabel('Slot', { exact: true }).fill('5');
      await page.getByRole('button', { name: 'Suggest', exact: true }).click();
      await page.getByRole('button', { name: 'Take this one' }).nth(2).waitFor({ timeout: 60_000 });
    },
  ],
  [
    'compare',
    '/breaks/full-pass',
    async (page) => {
      await page.getByRole('option', { name: /Ear toward the shoulder/ }).click();
      for (const key of ['+', 'Alt+ArrowUp', 'l']) await page.keyboard.press(key);
      await page.getByRole('option', { name: /Wrist circles/ }).click();
      await page.keyboard.press('Delete');
      await page.waitForTimeout(1500);
      await page.keyboard.press('v');
      await page.getByRole('button', { name: 'Bring this one back' }).waitFor();
      await page.getByRole('button', { name: /^Version 1/ }).click();
    },
  ],
  ['people', '/people'],
  ['needs', '/people/timetable-desk/needs?break=late-morning'],
  [
    'approach',
    '/approach',
    async (page) => void (await page.getByRole('radio', { name: /^inhale rounds/ }).check()),
  ],
  ['head-load', '/head-load'],
  ['numbers', '/numbers'],
  [
    'pose',
    '/moves/new?from=side-reach',
    async (page) => {
      await page.getByRole('region', { name: 'Figure' }).evaluate((figure) => figure.scrollIntoView());
      await page.getByText('left arm', { exact: true }).click();
    },
  ],
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
const { context, close } = await openBrowser(undefined, true);
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
