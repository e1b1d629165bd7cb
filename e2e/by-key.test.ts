import type { Kept, Move, Person } from '@kotabi/core/model';
import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { useApp } from './fixture';

const fixture = useApp({ demo: true, story: true });
const get = async <T>(path: string): Promise<T> =>
  (await (await fetch(`${fixture.app.url}${path}`)).json()) as T;

/** Presses Tab until the element that is looked for has the focus. */
const tabTo = async (page: Page, what: string, most = 120): Promise<void> => {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press('Tab');
    const name = await page.evaluate(() => {
      const at = document.activeElement as HTMLElement | null;
      if (!at) return '';
      const label = at.id ? document.querySelector(`label[for="${at.id}"]`)?.textContent : '';
      return [at.id, at.getAttribute('aria-label'), label, at.textContent, at.getAttribute('placeholder')]
        .filter(Boolean)
        .join(' | ');
    });
    if (name.includes(what)) return;
  }
  throw new Error(`Tab never comes to ${what}`);
};

describe('by keyboard alone', () => {
  it('a person is written down with a limit and their consent', async () => {
    const page = await fixture.goTo('/people/claims');
    await page.getByRole('heading', { name: 'People in Claims team' }).waitFor();
    await tabTo(page, 'Add a person');
    await page.keyboard.press('Enter');
    await page.getByLabel('Name or initials').waitFor();
    await expect.poll(() => page.evaluate(() => document.activeElement?.id)).toBe('person_name');
    await page.keyboard.type('Runa');
    await page.keyboard.press('Tab');
    await page.keyboard.type('left neck');
    await page.getByTitle('left neck', { exact: true }).waitFor();
    await page.keyboard.press('Enter');
    // The first Tab closes the list, the next one goes on.
    await tabTo(page, 'person_limits', 3);
    await page.keyboard.type('left hip repl');
    await page.getByTitle('left hip replacement', { exact: true }).waitFor();
    await page.keyboard.press('Enter');
    await tabTo(page, 'person_consent', 6);
    await page.keyboard.press('Space');
    await tabTo(page, 'Keep', 6);
    await page.keyboard.press('Enter');
    await page.getByRole('row', { name: /Runa/ }).waitFor();
    const people = await get<Kept<Person>[]>('/api/groups/claims/people');
    expect(people.at(-1)?.value).toMatchObject({
      name: 'Runa',
      tight: [{ area: 'neck', side: 'left' }],
      limits: [{ limit: 'hip replacement', side: 'left' }],
      consent: true,
    });
  });

  it('a move is found, looked at from behind, copied, posed and kept', async () => {
    const page = await fixture.goTo('/moves');
    await page.getByRole('link', { name: /Slow nose breathing/ }).waitFor();
    await tabTo(page, 'a typo is fine');
    await page.keyboard.type('blade sqeeze');
    await page.getByRole('link', { name: /Shoulder-blade squeeze/ }).waitFor();
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: 'Shoulder-blade squeeze', level: 1 }).waitFor();
    await tabTo(page, 'Copy as my own');
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: 'New move', level: 1 }).waitFor();
    const slider = page.getByRole('slider', { name: 'Chin down / up' });
    await slider.waitFor();
    await tabTo(page, 'Chin down / up', 60);
    for (let i = 0; i < 7; i++) await page.keyboard.press('ArrowRight');
    await expect.poll(() => slider.getAttribute('aria-valuenow')).toBe('7');
    await page.getByRole('button', { name: 'Keep this move' }).focus();
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: 'Shoulder-blade squeeze, my way', level: 1 }).waitFor();
    const own = await get<Kept<Move>[]>('/api/moves');
    expect(own[0]?.value.figure?.poses.at(-1)?.angles['neck.flex']).toBe(7);
  });

  it('a rung is chosen on the page of a move', async () => {
    const page = await fixture.goTo('/moves/ear-to-shoulder');
    await page.getByRole('radio', { name: /gravity/ }).waitFor();
    await tabTo(page, 'arm reaching down');
    await page.keyboard.press('Enter');
    await page.getByText('reach the right hand down toward the floor').waitFor();
  });

  it('an answer of the approach is changed and kept', async () => {
    const page = await fixture.goTo('/approach');
    await page.getByRole('radio', { name: /^never past neutral/ }).focus();
    await page.keyboard.press('Space');
    await page.getByText(/moves? proposed differently/).waitFor();
    await page.getByRole('button', { name: 'Keep these answers' }).focus();
    await page.keyboard.press('Enter');
    await page.getByText('Your approach is kept.').waitFor();
    expect(await get('/api/approach/approach')).toMatchObject({
      version: 1,
      value: { approach: { lookingUp: 'never past neutral' } },
    });
  });
});
