import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { axe, expectGoodDialog } from './axe';
import { saved, stepNames, useApp } from './fixture';

const fixture = useApp({ demo: true, story: true });

const sheet = async (id: string): Promise<Page> => {
  const page = await fixture.goTo(`/breaks/${id}`);
  await page.getByRole('option').first().waitFor();
  return page;
};
const row = (page: Page, name: string | RegExp) => page.getByRole('option', { name });
const clock = async (page: Page): Promise<string> =>
  (await page.getByRole('img', { name: / of \d+:\d\d, / }).getAttribute('aria-label')) ?? '';
const tell = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

describe('the review', () => {
  it('finds the link that was forgotten, and one press puts it right', async () => {
    const page = await sheet('late-morning');
    await row(page, 'Nose toward the armpit').click();
    await page.getByLabel('Sides', { exact: true }).click();
    await page.getByTitle('left only').last().click();
    const finding = tell(page, 'Review of this step');
    await finding.getByText('Nose toward the armpit: forgotten on the right in its series').waitFor();
    await page.getByText('Working of the series').waitFor();
    expect(await axe(page)).toEqual([]);
    const total = await clock(page);
    await finding.getByRole('button', { name: 'Do both sides' }).click();
    await finding.waitFor({ state: 'detached' });
    await expect.poll(() => clock(page)).not.toBe(total);
    await page.getByRole('tab', { name: /^Review/ }).click();
    // Only what happened the last times is left.
    await tell(page, 'Review').getByText('something hurt twice').waitFor();
    expect(await tell(page, 'Review').getByText('forgotten on the right').count()).toBe(0);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await tell(page, 'Review').getByText('forgotten on the right').waitFor();
    await page.getByRole('button', { name: /^Undo/ }).click();
    await saved(page);
  });

  it('keeps what is set aside with its reason, over a reload, and takes it back', async () => {
    const page = await sheet('afternoon-back');
    await page.getByText(/^Review ·/).click();
    const review = tell(page, 'Review');
    await review.getByText('the right side is left out').waitFor();
    expect(await axe(page, 'aside'), 'review').toEqual([]);
    await page.getByRole('button', { name: 'Commands' }).click();
    await page.getByRole('menuitem', { name: /^Mirror/ }).waitFor();
    expect(await axe(page, '[role=menu]'), 'menu').toEqual([]);
    await page.keyboard.press('Escape');
    await review.getByRole('button', { name: 'Set aside' }).first().click();
    const why = page.getByLabel('Reason for setting it aside');
    await why.fill('only the left is tight');
    await why.press('Enter');
    await review.getByText('“only the left is tight”').waitFor();
    await saved(page);
    await page.reload();
    await page.getByText(/^Review ·/).click();
    await review.getByText('“only the left is tight”').waitFor();
    await review.getByRole('button', { name: 'Take it back' }).click();
    await review.getByText('What one side gets, the other is owed').waitFor();
    await saved(page);
  });

  it('weighs the people of the group: a low head is a stop', async () => {
    const page = await sheet('full-pass');
    await row(page, 'Round and lift').focus();
    await page.keyboard.press('a');
    await page.keyboard.type('fold between');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await page.keyboard.press(']');
    await tell(page, 'Review of this step').getByText('Stop', { exact: true }).waitFor();
    await page.getByText(/the head goes low, not for .*Sverre/).waitFor();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await saved(page);
  });
});

describe('older states', () => {
  it('looks at an older state, compares it in words, and brings it back', async () => {
    const page = await sheet('between-meetings');
    const before = await stepNames(page);
    await row(page, 'Lift and drop').focus();
    await page.keyboard.press('Delete');
    await saved(page);
    await page.keyboard.press('v');
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('button', { name: /^Version 1/ }).click();
    await dialog.getByText('Lift and drop the shoulders removed').waitFor();
    await expectGoodDialog(page);
    await dialog.getByRole('button', { name: 'Bring this one back' }).click();
    await expect.poll(() => stepNames(page)).toEqual(before);
    await saved(page);
    await page.keyboard.press('Control+z');
    await expect.poll(() => stepNames(page)).toHaveLength(before.length - 1);
    await page.keyboard.press('Control+z');
    await saved(page);
  });
});

describe('computing', () => {
  it('fits twelve steps to eight minutes; one undo takes it back', async () => {
    const page = await sheet('full-pass');
    const before = await clock(page);
    expect(before).toMatch(/^8:[\d.]+ of 8:00, .* over$/);
    await page.getByRole('button', { name: 'Fit', exact: true }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByText('Fitted', { exact: true }).waitFor();
    await dialog.getByText('Other doses, the same on both sides').waitFor();
    await expectGoodDialog(page);
    await dialog.getByRole('button', { name: 'Take the fitted one' }).click();
    await expect.poll(() => clock(page)).toMatch(/^(7:5\d|8:00) of 8:00, .* left$/);
    await expect.poll(() => stepNames(page)).toHaveLength(12);
    await page.keyboard.press('Control+z');
    await expect.poll(() => clock(page)).toBe(before);
    await saved(page);
  });

  it('says when what must stay does not fit, and changes nothing', async () => {
    const page = await sheet('full-pass');
    await page.keyboard.press('Control+a');
    await page.keyboard.press('k');
    await page.getByLabel('Slot in minutes').fill('2');
    await page.getByLabel('Slot in minutes').blur();
    await page.getByRole('button', { name: 'Fit', exact: true }).click();
    await page.getByText(/What must stay takes \d:\d\d/).waitFor();
    await expect
      .poll(() => page.getByRole('button', { name: 'Take the fitted one' }).isDisabled())
      .toBe(true);
    await page.getByRole('button', { name: 'Leave it as it is' }).click();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await saved(page);
  });

  it('suggests a break from the list of breaks; swaps one step, then undoes all', async () => {
    const page = await fixture.goTo('/breaks');
    await page.getByRole('button', { name: 'New break', exact: true }).click();
    await page.getByRole('button', { name: /^A suggestion/ }).click();
    await page.getByText('Say how long and what for.', { exact: false }).waitFor();
    await expectGoodDialog(page);
    const slot = await page.getByLabel('Slot in minutes').inputValue();
    await page.getByLabel('Slot', { exact: true }).fill('3');
    await page.getByLabel('What for', { exact: true }).click();
    await page.getByTitle('ease a stiff neck').last().click();
    await page.getByRole('button', { name: 'Suggest', exact: true }).click();
    const third = page.getByRole('region', { name: 'Suggestion 3' });
    await third.waitFor({ timeout: 60_000 });
    await third.getByText('everyone arrives').waitFor();
    const second = page.getByRole('region', { name: 'Suggestion 2' });
    await second.getByRole('button', { name: 'Take this one' }).click();
    await page.getByRole('dialog').waitFor({ state: 'detached' });
    await expect.poll(() => clock(page)).toMatch(/ of 3:00, .* left$/);
    await page.getByText('Review', { exact: true }).click();
    await page.getByText('Nothing stands out').waitFor();

    const suggested = await stepNames(page);
    const hold = await row(page, /toward|Hands|Arm|Collarbone|Chin up/).first();
    await hold.click();
    const old = await page.locator('aside h2').textContent();
    await page.keyboard.press('s');
    const instead = page.getByRole('dialog').locator('li button').first();
    const name = await instead.locator('b').textContent();
    await expectGoodDialog(page);
    await instead.click();
    const swapped = await stepNames(page);
    expect(swapped).toHaveLength(suggested.length);
    expect(swapped).toContain(name);
    expect(swapped).not.toContain(old);
    await page.keyboard.press('Control+z');
    await expect.poll(() => stepNames(page)).toEqual(suggested);
    await page.keyboard.press('Control+z');
    await expect.poll(() => stepNames(page)).toEqual([]);
    await expect.poll(() => page.getByLabel('Slot in minutes').inputValue()).toBe(slot);
    await saved(page);
    // It was asked for once, not whenever the sheet is loaded.
    await page.reload();
    await page.getByLabel('Name of the break').waitFor();
    await expect.poll(() => page.getByRole('dialog').count()).toBe(0);
  });

  it('can be cancelled while it looks', async () => {
    const page = await sheet('between-meetings');
    await page.keyboard.press('g');
    await page.getByLabel('Slot', { exact: true }).fill('20');
    await page.getByRole('button', { name: 'Suggest', exact: true }).click();
    await page.getByText(/Looking for suggestion 1 of 3/).waitFor();
    await page.getByRole('button', { name: 'Cancel', exact: true }).click();
    await page.getByRole('button', { name: 'Suggest', exact: true }).waitFor();
    await expect.poll(() => page.getByText(/Looking for suggestion/).count()).toBe(0);
    await saved(page);
  });
});

describe('forms and beginnings', () => {
  it('makes a form of a break, which says when the two have drifted apart', async () => {
    const page = await sheet('full-pass');
    await page.getByRole('button', { name: /^Forms/ }).click();
    await page.getByText('Make its on-a-call form').click();
    await page.getByText('and they agree').waitFor();
    const form = new URL(page.url()).pathname;
    await page.getByRole('link', { name: 'Full pass before lunch' }).click();
    await row(page, 'Chin nod').click();
    await page.keyboard.press('Delete');
    await saved(page);
    await fixture.goTo(form);
    await page.getByText('which has changed since').waitFor();
    await page.getByRole('button', { name: '1 change' }).click();
    await page.getByText('Chin nod to neutral removed').waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'The difference is meant' }).click();
    await page.getByText('and they agree').waitFor();
    await saved(page);
  });

  it('begins with a starting point that has nothing to find', async () => {
    const page = await fixture.goTo('/breaks');
    await page.getByRole('button', { name: 'New break', exact: true }).click();
    await page
      .getByRole('button', { name: /^Wrists and hands after typing/ })
      .first()
      .click();
    await page.getByRole('option').first().waitFor();
    await page.getByText('Review', { exact: true }).click();
    await page.getByText('Nothing stands out').waitFor();
    await saved(page);
  });
});
