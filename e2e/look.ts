import { startApp } from './app';
import { openBrowser } from './browser';

const out = '/tmp/shots';
const app = await startApp({ demo: true });
const empty = await startApp();
const { context, close } = await openBrowser();
const shot = async (
  name: string,
  url: string,
  act?: (p: any) => Promise<void>,
  size = { width: 1280, height: 800 },
) => {
  const page = await context.newPage();
  page.setDefaultTimeout(6000);
  page.on('pageerror', (e) => console.log(name, e.message));
  await page.setViewportSize(size);
  try {
    await page.goto(url);
    await page.waitForTimeout(700);
    await act?.(page);
    await page.waitForTimeout(500);
  } catch (e) {
    console.log(name, String(e).slice(0, 300));
  }
  await page.screenshot({ path: `${out}/${name}.png` });
  await page.close();
};
const only = process.argv.slice(2);
const all: Record<string, () => Promise<void>> = {
  empty: () => shot('empty', empty.url + '/breaks'),
  emptyweek: () => shot('emptyweek', empty.url + '/week'),
  newsheet: () =>
    shot('newsheet', empty.url + '/breaks', async (p) => {
      await p.getByRole('button', { name: 'New break' }).click();
    }),
  findings: () => shot('findings', app.url + '/breaks/afternoon-back'),
  inspect: () =>
    shot('inspect', app.url + '/breaks/late-morning', async (p) => {
      await p.getByRole('option', { name: /Fingers up/ }).click();
      await p
        .locator('aside')
        .last()
        .evaluate((e: HTMLElement) => e.scrollTo(0, 460));
    }),
  pace: () =>
    shot('pace', app.url + '/breaks/late-morning', async (p) => {
      await p.getByRole('button', { name: /breaths\/min/ }).click();
    }),
  sheet1024: () =>
    shot(
      'sheet1024',
      app.url + '/breaks/late-morning',
      async (p) => {
        await p.getByRole('option', { name: /Shoulder rolls/ }).click();
      },
      { width: 1024, height: 768 },
    ),
  leadsay: () =>
    shot('leadsay', app.url + '/lead/late-morning', async (p) => {
      await p.getByRole('button', { name: 'Start' }).click();
      await p.waitForTimeout(3600);
    }),
  leadphone: () =>
    shot(
      'leadphone',
      app.url + '/lead/late-morning',
      async (p) => {
        await p.getByRole('button', { name: 'Start' }).click();
        await p.waitForTimeout(3600);
        for (let i = 0; i < 13; i++) await p.keyboard.press('ArrowRight');
        await p.waitForTimeout(800);
      },
      { width: 390, height: 844 },
    ),
  leadright: () =>
    shot('leadright', app.url + '/lead/late-morning', async (p) => {
      await p.getByRole('button', { name: 'Start' }).click();
      await p.waitForTimeout(3300);
      for (let i = 0; i < 18; i++) {
        await p.keyboard.press('ArrowRight');
        await p.waitForTimeout(30);
      }
      await p.waitForTimeout(2500);
    }),
  after: () =>
    shot('after', app.url + '/lead/between-meetings', async (p) => {
      await p.getByRole('button', { name: 'Start' }).click();
      await p.waitForTimeout(3300);
      for (let i = 0; i < 20; i++) {
        await p.keyboard.press('ArrowRight');
        await p.waitForTimeout(30);
      }
    }),
  day: () =>
    shot('day', app.url + '/week', async (p) => {
      await p.getByRole('button', { name: /^Wed/ }).click();
    }),
  week1024: () => shot('week1024', app.url + '/week', undefined, { width: 1024, height: 768 }),
  person: () =>
    shot('person', app.url + '/people', async (p) => {
      await p.getByRole('button', { name: 'Edit Ilse M.' }).click();
    }),
  choose: () => shot('choose', app.url + '/lead'),
  keys: () =>
    shot('keys', app.url + '/breaks/late-morning', async (p) => {
      await p.keyboard.press('?');
    }),
  move: () => shot('move', app.url + '/moves/side-reach'),
};
for (const [n, f] of Object.entries(all)) if (!only.length || only.includes(n)) await f();
await close();
await app.stop();
await empty.stop();
