import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { expectGoodDialog } from './axe';
import { saved, stepNames, useApp } from './fixture';

const fixture = useApp({ demo: true, story: true });

const sheet = async (id = 'late-morning'): Promise<Page> => {
  const page = await fixture.goTo(`/breaks/${id}`);
  await page.getByRole('option').first().waitFor();
  return page;
};
const gauge = (page: Page) => page.getByRole('img', { name: / of \d+:\d\d, / });
const row = (page: Page, name: string) => page.getByRole('option', { name });

describe('the sheet by keyboard alone', () => {
  it('chooses, doses, moves, duplicates, removes, and takes all of it back', async () => {
    const page = await sheet();
    const before = await stepNames(page);
    const total = await gauge(page).getAttribute('aria-label');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await expect.poll(() => row(page, 'Shoulder rolls').getAttribute('aria-selected')).toBe('true');
    await page.keyboard.press('+');
    await expect.poll(() => page.getByLabel('Dose', { exact: true }).inputValue()).toBe('9');
    await page.keyboard.press('-');
    await page.keyboard.press('-');
    await expect.poll(() => page.getByLabel('Dose', { exact: true }).inputValue()).toBe('7');
    await page.keyboard.press('Alt+ArrowUp');
    expect((await stepNames(page)).slice(0, 3)).toEqual([before[0], before[2], before[1]]);
    await page.keyboard.press('d');
    await expect.poll(() => stepNames(page)).toHaveLength(before.length + 1);
    await page.keyboard.press('Delete');
    await page.keyboard.press('Delete');
    await expect.poll(() => stepNames(page)).toHaveLength(before.length - 1);
    for (let i = 0; i < 7; i++) await page.keyboard.press('Control+z');
    await expect.poll(() => stepNames(page)).toEqual(before);
    await expect.poll(() => gauge(page).getAttribute('aria-label')).toBe(total);
    await page.keyboard.press('Control+Shift+z');
    await page.keyboard.press('Control+z');
    await expect.poll(() => stepNames(page)).toEqual(before);

    const said = (name: string) => expect.poll(() => row(page, name).textContent());
    await row(page, 'Shoulder rolls').click();
    for (const key of ['e', 'h', 'h', 'b']) await page.keyboard.press(key);
    await said('Shoulder rolls').toContain('8 to 9 times, each held 2 s, each direction, at 5.5 a minute');
    for (const key of ['Shift+E', 'Shift+H', 'Shift+H', 'Shift+B']) await page.keyboard.press(key);
    await said('Shoulder rolls').toContain('8 times,');
    await row(page, 'Shake the hands out').click();
    await page.keyboard.press('p');
    await said('Shake the hands out').toContain('until you go on');
  });

  it('adds a move by typing, and makes and breaks a series', async () => {
    const page = await sheet('between-meetings');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('a');
    await page.keyboard.type('nose armpit');
    await page.keyboard.press('Enter');
    await page.keyboard.type('ear shoulder scalenes');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    // With the holds of the neck, before the close; not behind whatever happens to be chosen.
    expect((await stepNames(page)).slice(-3)).toEqual([
      'Nose toward the armpit',
      'Ear toward the shoulder',
      'Arms up with the breath',
    ]);
    await page.keyboard.press('Shift+ArrowUp');
    await page.keyboard.press('c');
    await page.getByText('Series of 2').waitFor();
    await expect
      .poll(() => page.getByRole('img', { name: /of 2:00/ }).getAttribute('aria-label'))
      .toContain('over');
    await page.keyboard.press('f');
    await row(page, 'Ear toward the shoulder').first().click();
    await page.getByText('right, then left').first().waitFor();
    await page.keyboard.press('>');
    await page.getByText('all on one side, then all on the other, 2 rounds').waitFor();
    await page.keyboard.press('z');
    await expect.poll(() => page.getByLabel('Other way round').isChecked()).toBe(true);
    await page.keyboard.press('<');
    await page.keyboard.press('u');
    await expect.poll(() => page.getByText('Series of 2').count()).toBe(0);
  });

  it('says why some steps cannot be a series, and lists its keys on ?', async () => {
    const page = await sheet();
    await row(page, 'Sit tall').click();
    await row(page, 'Shoulder rolls').click({ modifiers: ['Control'] });
    await page.keyboard.press('c');
    await page.getByText('The steps of a series must follow each other.').waitFor();
    await page.keyboard.press('?');
    await page.getByText('Keys on the sheet').waitFor();
    await page.getByText('Make a series of the chosen steps').waitFor();
    await expectGoodDialog(page);
  });
});

describe('the sheet by mouse', () => {
  it('reorders by dragging, and keeps the new order', async () => {
    const page = await sheet();
    const before = await stepNames(page);
    const from = await row(page, 'Slow nose breathing').boundingBox();
    const to = await row(page, 'Half-circles of the chin').boundingBox();
    if (!from || !to) throw new Error('rows are not on the page');
    await page.mouse.move(from.x + 300, from.y + 10);
    await page.mouse.down();
    await page.mouse.move(from.x + 300, from.y + 40, { steps: 4 });
    await page.mouse.move(to.x + 300, to.y + 20, { steps: 8 });
    await page.waitForTimeout(300);
    await page.mouse.up();
    const after = await stepNames(page);
    expect(after.slice(1, 4)).toEqual([before[2], before[3], before[1]]);
    await saved(page);
    await page.reload();
    await page.getByRole('option').first().waitFor();
    await expect.poll(() => stepNames(page)).toEqual(after);
    await page.keyboard.press('Escape');
  });

  it('drags a whole series by its head, and a link within it', async () => {
    const page = await sheet();
    const middle = async (locator: ReturnType<typeof row>): Promise<{ x: number; y: number }> => {
      const box = await locator.boundingBox();
      if (!box) throw new Error('not on the page');
      return { x: box.x + 260, y: box.y + box.height / 2 };
    };
    const drag = async (from: { x: number; y: number }, to: { x: number; y: number }): Promise<void> => {
      await page.mouse.move(from.x, from.y);
      await page.mouse.down();
      await page.mouse.move(from.x, from.y - 12, { steps: 3 });
      await page.mouse.move(to.x, to.y, { steps: 10 });
      // As a hand does: come to rest, then let go; and let the rows settle.
      await page.waitForTimeout(300);
      await page.mouse.move(to.x + 1, to.y);
      await page.waitForTimeout(300);
      await page.mouse.up();
      await page.waitForTimeout(400);
    };
    await drag(
      await middle(row(page, 'Nose toward the armpit')),
      await middle(row(page, 'Ear toward the shoulder')),
    );
    expect((await stepNames(page)).slice(4, 6)).toEqual([
      'Nose toward the armpit',
      'Ear toward the shoulder',
    ]);
    const head = await middle(page.getByText(/^ Series of 2|Series of 2 ·/).first());
    await drag({ x: head.x - 200, y: head.y }, await middle(row(page, 'Sit tall, feet under knees')));
    expect((await stepNames(page)).slice(0, 3)).toEqual([
      'Nose toward the armpit',
      'Ear toward the shoulder',
      'Sit tall, feet under knees',
    ]);
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await saved(page);
  });

  it('shows at once what one side is owed, and why', async () => {
    const page = await sheet('afternoon-back');
    await page.getByText('Review · 3').click();
    const whole = page.getByRole('region', { name: 'Review', exact: true });
    await whole.getByText('Side reach overhead: the right side is left out').waitFor();
    await whole.getByRole('button', { name: 'Show', exact: true }).first().click();
    await page.getByText('Step', { exact: true }).click();
    await page.getByRole('heading', { name: 'Side reach overhead' }).waitFor();
    const review = page.getByRole('region', { name: 'Review of this step' });
    await page.getByLabel('Sides', { exact: true }).click();
    await page.getByText('left, then right', { exact: true }).last().click();
    await review.getByText('the right side is left out').waitFor({ state: 'detached' });
    await page.getByLabel('Uneven on purpose').click();
    await page.getByLabel('Amount on that side').fill('35');
    await review.getByText('Side reach overhead: right gets 15 s less').waitFor();
    await page.getByLabel('Reason').fill('left is tighter');
    await review.getByText('right gets 15 s less').waitFor({ state: 'detached' });
    await page.getByText('right 15 s less', { exact: true }).waitFor();
  });

  it('refuses what is out of bounds and loses nothing', async () => {
    const page = await sheet();
    await row(page, 'Fingers up').click();
    await page.getByRole('heading', { name: 'Fingers up' }).waitFor();
    const dose = page.getByLabel('Dose', { exact: true });
    await dose.fill('9999');
    await dose.blur();
    await expect.poll(() => dose.inputValue()).toBe('600');
    await page.getByText('The dose in seconds must be at most 600; 9999 was typed.').waitFor();
    await dose.fill('');
    await dose.blur();
    expect(Number(await dose.inputValue())).toBeGreaterThan(0);
    const name = page.getByLabel('Name of the break');
    await name.fill('   ');
    await name.blur();
    await expect.poll(() => name.inputValue()).toBe('Late-morning neck and wrists');
    await page.getByText('A break needs a name; the old one was kept.').waitFor();
  });
});

describe('saving', () => {
  it('two tabs: the second is told and chooses; nothing is lost', async () => {
    const first = await sheet('between-meetings');
    const second = await fixture.open('/breaks/between-meetings');
    await second.getByRole('option').first().waitFor();
    await first.getByLabel('Name of the break').fill('From the first tab');
    await first.keyboard.press('Enter');
    await saved(first);
    await second.getByLabel('Name of the break').fill('From the second tab');
    await second.keyboard.press('Enter');
    await second.getByText('This break was changed elsewhere').waitFor();
    await second.getByRole('button', { name: 'Take the other one' }).click();
    const name = () => second.getByLabel('Name of the break').inputValue();
    await expect.poll(name, { timeout: 30_000 }).toBe('From the first tab');
    await second.keyboard.press('Escape');
    await second.getByRole('button', { name: /^Undo/ }).click();
    await expect.poll(name, { timeout: 30_000 }).toBe('From the second tab');
    await saved(second);
    await first.getByLabel('Slot in minutes').fill('3');
    await first.getByText('This break was changed elsewhere').waitFor();
    await first.getByRole('button', { name: 'Keep mine as a copy' }).click();
    await first.waitForFunction(() => document.querySelector('input')?.value.includes('(mine)') ?? false);
    await second.close();
  });

  it('saves the last change when the sheet is left at once', async () => {
    const page = await sheet();
    const field = page.getByLabel('Dose', { exact: true });
    await row(page, 'Shake the hands out').click();
    await page.getByRole('heading', { name: 'Shake the hands out' }).waitFor();
    const before = await field.inputValue();
    await page.keyboard.press('-');
    await expect.poll(() => field.inputValue()).not.toBe(before);
    const dose = await field.inputValue();
    await page.getByRole('link', { name: 'Moves' }).click();
    await page.getByRole('link', { name: 'Breaks' }).click();
    await page.getByRole('link', { name: 'Late-morning neck and wrists' }).click();
    await row(page, 'Shake the hands out').click();
    await expect.poll(() => field.inputValue()).toBe(dose);
  });
});

describe('the list of breaks', () => {
  it('duplicates, deletes and brings back', async () => {
    const page = await fixture.goTo('/breaks');
    await page.getByRole('button', { name: 'More for Afternoon: back and sides' }).click();
    await page.getByRole('menuitem', { name: 'Duplicate' }).click();
    await page.getByLabel('Name of the break').waitFor();
    await expect
      .poll(() => page.getByLabel('Name of the break').inputValue())
      .toBe('Afternoon: back and sides (copy)');
    await page.getByRole('link', { name: 'Breaks' }).click();
    await page.getByRole('button', { name: 'More for Afternoon: back and sides (copy)' }).click();
    await page.getByRole('menuitem', { name: 'Delete' }).click();
    const link = page.getByRole('link', { name: 'Afternoon: back and sides (copy)' });
    await link.waitFor({ state: 'detached' });
    await page.getByRole('button', { name: 'Undo' }).click();
    await link.waitFor();

    // Gone elsewhere while a copy is made, one is not drawn back to it.
    const elsewhere = page.getByRole('heading', { name: 'Moves', level: 1 });
    await page.route('**/api/breaks/*', async (route) => {
      await elsewhere.waitFor();
      await route.continue();
    });
    const made = page.waitForResponse('**/api/breaks/*');
    await page.getByRole('button', { name: 'More for Afternoon: back and sides', exact: true }).click();
    await page.getByRole('menuitem', { name: 'Duplicate' }).click();
    await page.getByRole('link', { name: 'Moves' }).click();
    await made;
    await page.waitForTimeout(300);
    expect(await elsewhere.count()).toBe(1);
    await page.unroute('**/api/breaks/*');
  });

  it('opens its own file again, and answers a broken one with the place', async () => {
    const page = await fixture.goTo('/breaks');
    await page.getByRole('button', { name: 'More for Afternoon: back and sides', exact: true }).click();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: 'Break file' }).click(),
    ]);
    const count = await page.locator('#main > .page > ul > li').count();
    const picker = page.locator('input[type=file]');
    await picker.setInputFiles(await download.path());
    await page.getByText('was opened').waitFor();
    await page.getByRole('option', { name: 'Side reach overhead' }).waitFor();
    await page.getByRole('link', { name: 'Breaks' }).click();
    await page.getByRole('button', { name: 'New break' }).waitFor();
    await expect.poll(() => page.locator('#main > .page > ul > li').count()).toBe(count + 1);
    await picker.setInputFiles({
      name: 'cut.kotabi.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{\n  "format": "kotabi-break",\n  "version": 1,'),
    });
    await page.getByRole('dialog').getByText('Nothing was changed.').waitFor();
    await page
      .getByRole('dialog')
      .getByText(/Line 3, column \d+/)
      .waitFor();
    await page.getByRole('button', { name: 'OK' }).click();
    await expect.poll(() => page.locator('#main > .page > ul > li').count()).toBe(count + 1);
  });
});
