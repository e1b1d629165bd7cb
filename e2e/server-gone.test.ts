import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext, Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openContext } from './browser';
import { recordsOf, saved, stepNames } from './fixture';
import { type Program, startProgram } from './process';

// A server that really ends and really starts again, on the same port and the same database.
const dir = mkdtempSync(join(tmpdir(), 'kotabi-gone-'));
const db = join(dir, 'demo.db');
let app: Program;
let context: BrowserContext;
beforeAll(async () => {
  app = await startProgram({ demo: true, db });
  context = await openContext();
});
afterAll(async () => {
  await context?.close();
  await app?.stop();
  rmSync(dir, { recursive: true, force: true });
});
const again = async (): Promise<void> => {
  app = await startProgram({ demo: true, db, port: Number(new URL(app.url).port) });
};

/** What is fetched in idle time is there: nothing more has come for a while, however slow the machine. */
const QUIET_MS = 2000;
const allFetched = async (page: Page): Promise<void> => {
  let before = -1;
  let now = 0;
  while (now !== before) {
    before = now;
    await page.waitForTimeout(QUIET_MS);
    now = await page.evaluate(() => performance.getEntriesByType('resource').length);
  }
};

describe('the server stops and comes back', () => {
  it('work goes on, is said not to be saved, and is saved when the server is back', async () => {
    const page = await context.newPage();
    // What computes and the dialogs are fetched when there is time, and not before the sheet was there for a moment.
    const rest = [/solver-.*\.js$/, /FitDialog-.*\.js$/].map((file) => page.waitForResponse(file));
    await page.goto(`${app.url}/breaks/between-meetings`);
    await page.getByRole('option').first().waitFor();
    await Promise.all(rest);
    await page.waitForLoadState('networkidle');
    await allFetched(page);
    await app.stop();
    await page.keyboard.press('a');
    await page.keyboard.type('chin nod');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await page.getByText('Not saved: the server does not answer').waitFor();
    // Everything that needs no server goes on: fitting, the review, undo.
    await page.keyboard.press('Shift+F');
    await page.getByText('Fitted', { exact: true }).waitFor();
    await page.getByRole('button', { name: 'Leave it as it is' }).click();
    const names = await stepNames(page);
    expect(names).toContain('Chin nod to neutral');
    await again();
    await saved(page);
    await page.reload();
    await page.getByRole('option').first().waitFor();
    await expect.poll(() => stepNames(page)).toEqual(names);
    await page.close();
  });

  it('a dialog or a screen that cannot be fetched says so, and comes when it is asked for again', async () => {
    const page = await context.newPage();
    const unfetched = /(FitDialog|PeopleScreen)-.*\.js$/;
    await page.route(unfetched, (route) => route.abort());
    await page.goto(`${app.url}/breaks/between-meetings`);
    await page.getByRole('option').first().waitFor();
    const trouble = page.getByRole('alert').filter({ hasText: 'could not be fetched' });
    await page.keyboard.press('Shift+F');
    await trouble.getByRole('button', { name: 'Leave it' }).click();
    expect(await trouble.count()).toBe(0);
    await page.keyboard.press('Shift+F');
    await trouble.waitFor();
    await page.unroute(unfetched);
    await trouble.getByRole('button', { name: 'Try again' }).click();
    await page.getByText('Fitted', { exact: true }).waitFor();
    await page.getByRole('button', { name: 'Leave it as it is' }).click();
    await page.route(unfetched, (route) => route.abort());
    await page.getByRole('link', { name: 'People' }).click();
    await trouble.waitFor();
    await page.unroute(unfetched);
    await trouble.getByRole('button', { name: 'Try again' }).click();
    await page.getByRole('heading', { name: 'People', exact: true }).waitFor();
    await page.close();
  });

  it('a page closed while it is gone loses nothing', async () => {
    const page = await context.newPage();
    await page.goto(`${app.url}/breaks/late-morning`);
    await page.getByRole('option').first().waitFor();
    await app.stop();
    await page.getByRole('option', { name: /Shoulder rolls/ }).click();
    await page.keyboard.press('Delete');
    await page.getByText('Not saved: the server does not answer').waitFor();
    await page.close();
    await again();
    const next = await context.newPage();
    await next.goto(`${app.url}/breaks/late-morning`);
    await next.getByText('What had not reached the server the last time is back.').waitFor();
    await expect.poll(() => stepNames(next)).not.toContain('Shoulder rolls');
    await saved(next);
    await next.keyboard.press('Control+z');
    await expect.poll(() => stepNames(next)).toContain('Shoulder rolls');
    await saved(next);
    await next.close();
  });

  it('a break that is led goes on, and so does everyone who follows it, to the end; the record comes later', async () => {
    const leader = await context.newPage();
    await leader.clock.install({ time: new Date() });
    await leader.goto(`${app.url}/lead/between-meetings`);
    await leader.getByRole('button', { name: 'Other screens' }).click();
    await leader.getByRole('button', { name: 'A link for everyone’s own screen' }).click();
    const link = await leader.getByLabel('Link for everyone').inputValue();
    await leader.getByRole('button', { name: 'Close' }).click();
    await leader.getByRole('button', { name: 'Start', exact: true }).click();
    await leader.locator('main[data-part=say]').waitFor();
    const screen = await context.newPage();
    await screen.clock.install({ time: new Date() });
    await screen.goto(link);
    await screen.locator('main[data-part]').waitFor();
    await app.stop();
    await screen.getByText('No connection: this goes on by itself.').waitFor();
    for (const page of [leader, screen]) {
      await page.clock.fastForward(150_000);
      await page.clock.runFor(500);
    }
    await screen.getByText('Thank you. That was it.').waitFor();
    await leader.getByText('The record is kept in this browser').waitFor();
    await again();
    await leader.getByRole('button', { name: 'Try again' }).click();
    await leader.getByText('The record is kept.').waitFor();
    const kept = await recordsOf(app.url);
    expect(kept[0]?.value.ended).toBe('finished');
    await screen.close();
    await leader.close();
  });
});
