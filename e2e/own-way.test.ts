import type { Break, Kept, KeptApproach } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { saved, useApp } from './fixture';

const fixture = useApp({ demo: true, story: true });
const get = async <T>(path: string): Promise<T> =>
  (await (await fetch(`${fixture.app.url}${path}`)).json()) as T;

describe('one’s own way', () => {
  it('a school is kept under a name, named for a group, and its breaks are begun in it', async () => {
    const page = await fixture.goTo('/approach');
    await page.getByRole('radio', { name: /^breaths/ }).click();
    await page.getByLabel('Name of a new school').fill('Late shift');
    await page.getByRole('button', { name: 'Keep as a school' }).click();
    await page.getByRole('button', { name: 'Delete the school Late shift' }).waitFor();
    // What is tried on the page stays on the page, until it is given up.
    await page.getByRole('button', { name: 'Back to what is kept' }).click();
    const kept = await get<Kept<KeptApproach>>('/api/approach/approach');
    expect(kept.value.schools).toMatchObject([{ name: 'Late shift', answers: { holdIn: 'breaths' } }]);
    expect(kept.value.approach.holdIn).toBe('seconds');

    await fixture.goTo('/people/claims');
    await page.getByLabel('School their breaks are begun in').click();
    await page.getByTitle('Late shift', { exact: true }).click();
    await page.getByRole('button', { name: 'Keep changes' }).click();
    await page.getByText('“Claims team” is kept.').waitFor();

    await fixture.goTo('/breaks/between-meetings');
    await page.getByRole('option').first().waitFor();
    await page.getByLabel('Group').click();
    await page.getByTitle('Claims team', { exact: true }).click();
    await page.getByRole('button', { name: 'Approach (1)' }).click();
    await page.getByRole('dialog').getByTitle('Late shift', { exact: true }).waitFor();
    await page.getByRole('button', { name: 'Done' }).click();
    await saved(page);
    expect((await get<Kept<Break>>('/api/breaks/between-meetings')).value.approach).toEqual({
      holdIn: 'breaths',
    });
  });

  it('a favourite is marked with one press and found on its own shelf', async () => {
    const page = await fixture.goTo('/breaks/late-morning');
    await page.getByRole('option').first().waitFor();
    await page.getByLabel('Find a move').fill('prayer');
    await page.getByRole('button', { name: /^Palms together, press and lower is a favourite/ }).click();
    await expect
      .poll(async () => (await get<Kept<KeptApproach>>('/api/approach/approach')).value.favourites)
      .toEqual(['prayer-press']);
    await page.getByLabel('Find a move').fill('');
    const add = page.getByRole('region', { name: 'Add a move' });
    await add.getByRole('button', { name: 'favourites' }).click();
    expect(await add.getByRole('listitem').count()).toBe(1);
    await add.getByRole('button', { name: 'last used' }).click();
    expect(await add.getByRole('listitem').count()).toBeGreaterThan(5);
  });

  it('the script runs beside the sheet, follows the chosen step, and prints', async () => {
    const page = await fixture.goTo('/breaks/late-morning');
    await page
      .getByRole('option', { name: /Nose toward the armpit/ })
      .first()
      .click();
    await page.getByRole('tab', { name: 'Script' }).click();
    const chosen = page.locator('[data-step][aria-current="true"]').first();
    await chosen
      .getByText(/lower your nose toward the/)
      .first()
      .waitFor();
    await page
      .locator('[data-step]')
      .getByRole('button', { name: /Wrist circles/ })
      .click();
    await expect
      .poll(() => page.getByRole('option', { selected: true }).first().textContent())
      .toContain('Wrist circles');
    await page.getByRole('link', { name: 'Print the script' }).click();
    await page.getByRole('heading', { level: 1, name: 'Late-morning neck and wrists' }).waitFor();
    // All of it, in order, each link of the series once on each side.
    expect(await page.locator('[data-step] b').filter({ hasText: 'Nose toward the armpit' }).count()).toBe(2);
  });
});
