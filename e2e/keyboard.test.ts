import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { saved, stepNames, useApp } from './fixture';

const fixture = useApp({ demo: false, story: true });

/** Tabs on until the element with this name has the focus; fails when it cannot be reached. */
const tabTo = async (page: Page, name: string | RegExp): Promise<void> => {
  const fits = (text: string): boolean => (typeof name === 'string' ? text === name : name.test(text));
  for (let i = 0; i < 80; i++) {
    const text = await page.evaluate(() => {
      const at = document.activeElement;
      return (at?.getAttribute('aria-label') ?? at?.textContent ?? '').trim();
    });
    if (fits(text)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`${name} cannot be reached by Tab`);
};

describe('the whole task by keyboard alone', () => {
  it('from an empty list to a record in the log', async () => {
    const page = await fixture.goTo('/breaks');
    await page.getByText('No breaks yet').waitFor();
    await tabTo(page, 'New break');
    await page.keyboard.press('Enter');
    await page.getByRole('dialog').waitFor();
    await tabTo(page, /^An empty sheet/);
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: 'An empty sheet' }).waitFor();

    await page.getByLabel('Find a move').waitFor();
    await page.keyboard.press('a');
    for (const words of ['sit tall', 'look shoulder', 'ear toward', 'nose armpit', 'arms up']) {
      await page.keyboard.type(words);
      await page.keyboard.press('Enter');
    }
    await page.keyboard.press('Escape');
    await expect.poll(() => stepNames(page)).toHaveLength(5);
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Shift+ArrowUp');
    await page.keyboard.press('c');
    await page.getByText('Series of 2').waitFor();
    await page.keyboard.press('+');
    await tabTo(page, 'Name of the break');
    await page.keyboard.press('Control+a');
    await page.keyboard.type('By hand');
    await page.keyboard.press('Enter');
    await saved(page);

    await tabTo(page, 'Lead this break');
    await page.keyboard.press('Enter');
    await page.getByText('What is coming').waitFor();
    await tabTo(page, '7');
    await page.keyboard.press('Enter');
    await tabTo(page, 'Start');
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: 'Sit tall, feet under knees' }).waitFor();
    await page.keyboard.press('Space');
    await page.getByText('Paused').waitFor();
    await page.keyboard.press('Space');
    for (let i = 0; i < 60 && (await page.getByText('The record is kept.').count()) === 0; i++) {
      await page.keyboard.press('ArrowRight');
      await page.waitForTimeout(60);
    }
    await tabTo(page, 'See the record');
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: 'By hand' }).waitFor();
    // Every part was skipped: that is not led to the end.
    await page.getByText('gone through to the end, most of it left out').waitFor();
    const before = page.getByRole('group', { name: 'Tension before' });
    await expect
      .poll(() => before.getByRole('button', { name: '7' }).getAttribute('aria-pressed'))
      .toBe('true');
  });

  it('every main place can be reached from anywhere by Tab and Enter', async () => {
    const page = await fixture.goTo('/log');
    for (const [link, heading] of [
      ['People', 'People'],
      ['Moves', 'Moves'],
      ['Week', 'Week'],
      ['Lead', 'Lead which break?'],
    ] as const) {
      await tabTo(page, link);
      await page.keyboard.press('Enter');
      await page.getByRole('heading', { level: 1, name: heading }).waitFor();
      await expect.poll(() => page.title()).toBe(`${link} · Kotabi`);
    }
  });
});
