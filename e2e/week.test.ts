import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { saved, typeMoment, useApp } from './fixture';

const fixture = useApp({ demo: true, onMonday: true, story: true });

const week = async (): Promise<Page> => {
  const page = await fixture.goTo('/week');
  await page.getByRole('slider').first().waitFor();
  return page;
};
const starts = (page: Page): Promise<number[]> =>
  page.getByRole('slider').evaluateAll((grips) => grips.map((g) => Number(g.getAttribute('aria-valuenow'))));

describe('the week', () => {
  it('a break is dragged, and the run follows while it is', async () => {
    const page = await week();
    const before = await starts(page);
    const grip = page.getByRole('slider').nth(3);
    const box = await grip.boundingBox();
    if (!box) throw new Error('the grip is not on the page');
    const x = box.x + box.width / 2;
    const y = box.y + box.height / 2;
    const longest = page.getByText(/^longest \d+ min$/).first();
    const longestBefore = await longest.textContent();
    await page.mouse.move(x, y);
    await page.mouse.down();
    // On into the middle of the meeting from 14:00 to 15:00, in which no break can be.
    await page.mouse.move(x + 22, y, { steps: 4 });
    await page.mouse.move(x + 60, y, { steps: 4 });
    const during = (await starts(page)).filter((at) => !before.includes(at));
    expect(during).toHaveLength(1);
    await expect.poll(() => longest.textContent()).not.toBe(longestBefore);
    await page.mouse.up();
    const [after = 0] = during;
    await expect.poll(() => starts(page)).toContain(after);
    await expect.poll(() => starts(page)).not.toContain(before[3]);
    expect(after % 5).toBe(0);
    expect(after + 5 <= 14 * 60 || after >= 15 * 60).toBe(true);
    await saved(page);
    await page.reload();
    await page.getByRole('slider').first().waitFor();
    await expect.poll(() => starts(page)).toContain(after);
  });

  it('a break is chosen by its name under the band, and stays where it is', async () => {
    const page = await week();
    const before = await starts(page);
    const name = page.locator('svg text').filter({ hasText: /\d\d:\d\d Wrists and hands/ });
    await name.first().click();
    await page.getByTitle('Wrists and hands after typing').waitFor();
    await page.getByRole('heading', { name: 'Break on Monday' }).waitFor();
    expect(await starts(page)).toEqual(before);
  });

  it('a break is moved, removed and brought back by keyboard', async () => {
    const page = await week();
    const before = await starts(page);
    await page.getByRole('slider').nth(1).focus();
    await page.getByRole('heading', { name: 'Break on Monday' }).waitFor();
    await page.keyboard.press('ArrowRight');
    expect((await starts(page))[1]).toBe((before[1] ?? 0) + 5);
    await page.keyboard.press('Delete');
    await expect.poll(() => starts(page)).toHaveLength(before.length - 1);
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect.poll(() => starts(page)).toEqual(before);
  });

  it('a break set by hand stays when the week is planned again', async () => {
    const page = await week();
    await page.getByRole('button', { name: 'Add a break on Friday' }).click();
    const friday = await page
      .getByRole('slider', { name: /Friday/ })
      .evaluateAll((grips) =>
        grips
          .filter((g) => g.getAttribute('aria-valuetext')?.includes('set by hand'))
          .map((g) => Number(g.getAttribute('aria-valuenow'))),
      );
    expect(friday).toHaveLength(1);
    await page.getByRole('button', { name: 'Plan the week' }).click();
    await page.getByRole('button', { name: 'Plan the week' }).waitFor();
    const planned = await page
      .getByRole('slider', { name: /Friday/ })
      .evaluateAll((grips) => grips.map((g) => Number(g.getAttribute('aria-valuenow'))));
    expect(planned).toContain(friday[0]);
  });

  it('plans as far as the rule can be kept, and says in words where it cannot', async () => {
    const page = await week();
    const before = await starts(page);
    await page.getByLabel('A day, at most').fill('');
    await page.getByLabel('A day, at least').fill('40');
    await page.getByRole('button', { name: 'Plan the week' }).click();
    await page
      .getByText(/Planned as far as it goes. Monday: the rule asks for 40 breaks, only \d+ fit/)
      .waitFor();
    await expect.poll(async () => (await starts(page)).length).toBeGreaterThan(before.length);
  });

  it('refuses a busy time that ends before it starts', async () => {
    const page = await week();
    await page.getByRole('button', { name: /^Fri/ }).click();
    await typeMoment(page.getByLabel('Busy from'), '15:00');
    await typeMoment(page.getByLabel('Busy to'), '14:00');
    await page.getByText('The end, 14:00, must be later than the start, 15:00.').waitFor();
    await expect.poll(() => page.getByRole('button', { name: 'Add', exact: true }).isDisabled()).toBe(true);
  });

  it('two tabs: the second is told, and can open the other version', async () => {
    const first = await week();
    const second = await fixture.open('/week');
    await second.getByRole('slider').first().waitFor();
    await first.getByLabel('Aim for runs under').fill('25');
    await saved(first);
    await second.getByLabel('Aim for runs under').fill('50');
    await second.getByText('This week was changed elsewhere').waitFor();
    await second.getByRole('button', { name: 'Take the other one' }).click();
    await second.waitForFunction(() =>
      Array.from(document.querySelectorAll('input')).some((i) => i.value === '25'),
    );
    await saved(second);
    await second.close();
  });
});
