import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { mondayOf } from '@kotabi/core/schedule';
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

/** A break in the middle of its first hold on a side, and a few seconds into it. */
const inTheMiddle = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  const stage = page.locator('main').first();
  await page.locator('main[data-part]').waitFor();
  for (let i = 0; i < 60; i++) {
    const at = [await stage.getAttribute('data-side'), await stage.getAttribute('data-part')];
    if (at[0] === 'left' && at[1] === 'work') break;
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(40);
  }
  await page.waitForTimeout(4500);
};

/** The same with a second window for the group: what whoever leads sees. */
const withGroupWindow = async (page: Page): Promise<void> => {
  await inTheMiddle(page);
  await page.getByRole('button', { name: 'Other screens' }).click();
  await page.getByRole('button', { name: 'A window for the group' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByTestId('leader').waitFor();
};

/** A working day in the morning, whenever the pictures are taken. */
const MORNING = new Date(`${monday}T09:40:00Z`);

/** The page of somebody, on a phone: as it is opened, or while a break is followed. */
const onPhone =
  (name: string, followed: boolean) =>
  async (page: Page): Promise<void> => {
    const origin = new URL(page.url()).origin;
    const pages = (await (await fetch(`${origin}/api/groups/timetable-desk/pages`)).json()) as {
      token: string;
      personId: string | null;
    }[];
    const token = pages.find((p) => p.personId !== null)?.token ?? '';
    const phone = await page.context().newPage();
    await phone.setViewportSize({ width: 390, height: 844 });
    await phone.goto(`${origin}/me/${token}`);
    await phone.getByRole('button', { name: 'Begin now' }).waitFor();
    if (followed) {
      await phone
        .getByRole('button', { name: 'Wrists and hands after typing' })
        .or(phone.getByRole('button', { name: /^Begin “/ }))
        .first()
        .click();
      await phone.getByRole('button', { name: 'I have read this' }).click();
      await phone.getByRole('button', { name: 'Pause' }).waitFor();
      const stage = phone.locator('main').first();
      for (let i = 0; i < 60; i++) {
        const at = [await stage.getAttribute('data-side'), await stage.getAttribute('data-part')];
        if (at[0] === 'left' && at[1] === 'work') break;
        await phone.keyboard.press('ArrowRight');
        await phone.waitForTimeout(60);
      }
      await phone.waitForTimeout(4000);
    } else await settle(phone);
    // The picture is of the phone, not of the page it was opened from.
    await phone.screenshot({ path: join(out, `${name}.png`) });
  };

const views: [name: string, path: string, act?: (page: Page) => Promise<void>][] = [
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
      await page.getByRole('button', { name: 'Suggest', exact: true }).waitFor();
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
  ['all-groups', '/weeks'],
  ['needs', '/people/timetable-desk/needs?break=late-morning'],
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
  ['log', '/log'],
  ['session', '/log/demo-session-1'],
  ['trends', '/trends/timetable-desk'],
  ['measure', '/measure/timetable-desk?session=demo-3-3-morning&person=p-4'],
  // Last: leaving a break in the middle keeps its record, which would stand in the picture of the log.
  ['lead', '/lead/late-morning', inTheMiddle],
  ['lead-leader', '/lead/late-morning', withGroupWindow],
  ['desk', '/today', onPhone('desk', false)],
  ['desk-follow', '/today', onPhone('desk-follow', true)],
];

const app = await startProgram({ demo: true });
const context = await openContext({ moving: true });
await context.clock.setSystemTime(MORNING);
try {
  mkdirSync(out, { recursive: true });
  for (const [name, path, act] of views) {
    if (only.length > 0 && !only.includes(name)) continue;
    const page = await context.newPage();
    page.on('pageerror', (error) => console.error(`${name}: ${error.message}`));
    await page.goto(app.url + path);
    await page.waitForLoadState('networkidle');
    await act?.(page);
    if (!path.startsWith('/lead/')) await settle(page);
    if (!name.startsWith('desk')) await page.screenshot({ path: join(out, `${name}.png`) });
    // A second window or a phone goes with it.
    for (const one of context.pages()) await one.close();
  }
} finally {
  await closeBrowser();
  await app.stop();
}
