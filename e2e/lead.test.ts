import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { recordsOf, useApp } from './fixture';

const fixture = useApp({ demo: true });
const START = new Date('2026-11-25T09:00:00Z');

/** The page before the start, with its clock under control. */
const ready = async (id = 'between-meetings'): Promise<Page> => {
  const page = await fixture.context.newPage();
  await page.clock.install({ time: START });
  await page.goto(`${fixture.app.url}/lead/${id}`);
  await page.getByRole('button', { name: 'Start' }).waitFor();
  await page.clock.pauseAt(new Date(START.getTime() + 60_000));
  return page;
};
const tick = async (page: Page, ms: number): Promise<void> => {
  await page.clock.fastForward(ms);
  await page.clock.runFor(40);
};
/** The records that were not there before something was done. */
const newRecords = async (before: Awaited<ReturnType<typeof records>>) => {
  const known = new Set(before.map((r) => r.value.id));
  return (await records()).filter((r) => !known.has(r.value.id));
};
const heading = (page: Page) => page.getByRole('heading', { level: 1 }).textContent();
const records = () => recordsOf(fixture.app.url);

// Two minutes between meetings: sit tall 9 + 10 + 2, lift and drop 6.5 + 40 + 2, over the shoulder 6.5 + 16 + 2,
// arms up 6 + 10 + 2: 112 s.
describe('leading', () => {
  it('by keyboard: space, arrows, and stopping with a record of what was really done', async () => {
    const before = await records();
    const page = await ready();
    await page.getByText('Stop, sit, get help').waitFor();
    await page.keyboard.press('Space');
    await tick(page, 3000);
    await expect.poll(() => heading(page)).toContain('Sit tall');
    await tick(page, 9000 + 2000);
    await expect.poll(() => page.getByTestId('count').textContent()).toBe('8');
    await page.keyboard.press('ArrowRight');
    await page.clock.runFor(40);
    await page.keyboard.press('ArrowRight');
    await page.clock.runFor(40);
    await expect.poll(() => heading(page)).toContain('Lift and drop');
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowLeft');
    await page.clock.runFor(40);
    await expect.poll(() => heading(page)).toContain('Sit tall');
    await page.keyboard.press('Escape');
    // Leading rests while the question is asked; the dialog needs a clock that runs.
    await page.clock.resume();
    await page.getByText('Stop here?').last().waitFor();
    await page.getByRole('button', { name: 'Stop and keep the record' }).click();
    await page.getByRole('heading', { name: 'Stopped' }).waitFor();
    await page.getByText('The record is kept.').waitFor();
    const [newest, ...others] = await newRecords(before);
    expect([newest?.value.ended, others.length]).toEqual(['stopped', 0]);
    const work = newest?.value.parts.find((p) => p.kind === 'work');
    expect(work?.plannedMs).toBe(10_000);
    // About two seconds were held before the rest was skipped; the clock was moved by hand.
    expect(work?.doneMs).toBeGreaterThan(1900);
    expect(work?.doneMs).toBeLessThan(2600);
  });

  it('keeps true time while the tab shows nothing', async () => {
    const before = await records();
    const page = await ready();
    await page.getByRole('button', { name: 'Start' }).click();
    // One jump over the whole of it, as after a hidden tab: nothing in between was drawn.
    await tick(page, 3000 + 112_000 + 25_000);
    await page.getByRole('heading', { name: 'Well led' }).waitFor();
    await page.clock.runFor(100);
    await page.getByText('1:52 of 1:52 min · 4 of 4 steps').waitFor();
    await page.getByText('The record is kept.').waitFor();
    const [newest] = await newRecords(before);
    expect(newest?.value.ended).toBe('finished');
    expect(newest?.value.parts.map((p) => p.doneMs)).toEqual(newest?.value.parts.map((p) => p.plannedMs));
  });

  it('lights the half that is used, and the other one for whoever faces the group', async () => {
    const page = await ready();
    await page.getByLabel(/I face the group/).click();
    await page.getByRole('button', { name: 'Start' }).click();
    await tick(page, 3000 + 21_000 + 48_500 + 7000);
    await expect.poll(() => heading(page)).toContain('Look over the shoulder');
    const stage = page.locator('main');
    await expect.poll(() => stage.getAttribute('data-side')).toBe('left');
    await expect.poll(() => stage.getAttribute('data-lit')).toBe('right');
    await page.getByText('you show right').waitFor();
    await page.getByRole('button', { name: 'Mirrored' }).click();
    await page.clock.runFor(40);
    await expect.poll(() => stage.getAttribute('data-lit')).toBe('left');
    // Ended in order, so that its record does not arrive in the middle of another test.
    await page.clock.resume();
    await page.getByRole('button', { name: 'Stop', exact: true }).click();
    await page.getByRole('button', { name: 'Stop and keep the record' }).click();
    await page.getByText('The record is kept.').waitFor();
  });

  it('keeps the record of a break that is left in the middle', async () => {
    const before = await records();
    const page = await ready();
    await page.getByRole('button', { name: 'Start' }).click();
    await tick(page, 3000 + 9000 + 4000);
    await page.clock.resume();
    await page.goto(`${fixture.app.url}/log`);
    await expect.poll(async () => (await newRecords(before)).length, { timeout: 30_000 }).toBe(1);
    const left = await newRecords(before);
    expect(left[0]?.value.parts.find((p) => p.kind === 'work')?.doneMs).toBeGreaterThan(3900);
  });

  it('keeps the record in this browser while the server is gone, and sends it later', async () => {
    const before = await records();
    const page = await ready();
    await page.route('**/api/sessions/**', (route) => route.abort('connectionrefused'));
    await page.getByRole('button', { name: 'Start' }).click();
    await tick(page, 3000 + 112_000 + 1000);
    await page.getByText('The record is kept in this browser').waitFor();
    expect(await newRecords(before)).toEqual([]);
    await page.unroute('**/api/sessions/**');
    await page.clock.resume();
    await page.goto(`${fixture.app.url}/log`);
    await page.waitForFunction(() => localStorage.getItem('kotabi.sessions-to-send') === '[]');
    expect(await newRecords(before)).toHaveLength(1);
  });
});
