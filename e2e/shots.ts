import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { addDays, mondayOf } from '@kotabi/core/schedule';
import type { Page } from 'playwright-core';
import { closeBrowser, openContext } from './browser';
import { startProgram } from './process';

// Takes one picture of each main view from the demo data, for the README. `npm run shots [-- folder [name ...]]`.
const [folder = 'docs/screenshots', ...only] = process.argv.slice(2);
const out = resolve(import.meta.dirname, '..', folder);

const monday = mondayOf(new Date().toISOString().slice(0, 10));

const settle = async (page: Page): Promise<void> => {
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(350);
};

/** An office with several instructors, and a group shared between two of them. */
const severalInstructors = async (page: Page): Promise<void> => {
  const password = 'a ferry at half past nine';
  await page.getByRole('button', { name: 'Make the first account' }).click();
  await page.getByLabel('Name').fill('Ines');
  await page.getByLabel('Password', { exact: true }).fill(password);
  await page.getByRole('button', { name: 'Make it' }).click();
  const dialog = page.getByRole('dialog', { name: 'Sign in to Kotabi' });
  await dialog.getByLabel('Name').fill('Ines');
  await dialog.getByLabel('Password', { exact: true }).fill(password);
  await page.keyboard.press('Enter');
  await page.getByRole('table', { name: 'Accounts' }).waitFor();
  await page.getByRole('button', { name: 'New account' }).click();
  await page.getByLabel('Name').fill('Tomas');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('row', { name: /Tomas/ }).waitFor();
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Share' }).click();
  await page.getByLabel('Colleague').click();
  await page.getByTitle('Tomas').click();
  await page.getByRole('button', { name: 'Share to look at' }).click();
  await page.getByLabel('What Tomas may do').waitFor();
  await page.mouse.move(5, 5);
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
    'real-week',
    '/week',
    async (page) => {
      await page.getByText('Real week', { exact: true }).click();
      await page.getByText(/A person does/).waitFor();
    },
  ],
  [
    'rules',
    `/week/timetable-desk/${monday}/compare`,
    async (page) => void (await page.getByText('Longest as planned').waitFor({ timeout: 60_000 })),
  ],
  [
    'led',
    `/week/timetable-desk/${addDays(monday, 7)}/led`,
    async (page) => {
      await page.getByLabel('Groups').click();
      await page.getByText('Claims team', { exact: true }).last().click();
      await page.keyboard.press('Escape');
      await page.getByRole('button', { name: 'Find the best times' }).click();
      await page
        .getByText(/can come$/)
        .first()
        .waitFor({ timeout: 30_000 });
    },
  ],
  ['people', '/people'],
  ['needs', '/people/timetable-desk/needs?break=late-morning'],
  [
    'approach',
    '/approach',
    async (page) => void (await page.getByRole('radio', { name: /^inhale rounds/ }).check()),
  ],
  ['today', '/today'],
  [
    'give-out',
    `/week/claims/${monday}`,
    async (page) => {
      await page.getByRole('slider').first().waitFor();
      await page.getByRole('button', { name: 'Give out' }).click();
      await page.getByRole('dialog').getByText('A draft.').waitFor();
    },
  ],
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
  // The last one: with it everybody has to sign in.
  ['accounts', '/accounts', severalInstructors],
];

const app = await startProgram({ demo: true });
const context = await openContext({ moving: true });
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
  await closeBrowser();
  await app.stop();
}
