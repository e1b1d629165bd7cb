import ICAL from 'ical.js';
import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { earlyOnMonday, monday, saved, useApp } from './fixture';

const fixture = useApp({ demo: true, story: true });

/** A press of the mouse or a word typed: what one would count with a clicker in hand. */
const ACTIONS = 20;

const follow = async (address: string) => {
  const text = await (await fetch(address)).text();
  return new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((e) => ({
    uid: String(e.getFirstPropertyValue('uid')),
    start: new ICAL.Event(e).startDate.toString(),
    sequence: Number(e.getFirstPropertyValue('sequence') ?? 0),
    summary: String(e.getFirstPropertyValue('summary')),
    description: String(e.getFirstPropertyValue('description')),
  }));
};
const giveOut = (page: Page) => page.getByRole('dialog').getByRole('region', { name: 'Give out' });

describe('a week one can hand out', () => {
  it('begins with today: what is next is led with one press, for its group, and leads back', async () => {
    const page = await fixture.open('/', async (p) => void (await earlyOnMonday(p)));
    const next = page.getByRole('region', { name: 'Next' });
    await next.getByRole('heading', { level: 2 }).waitFor();
    await page.getByText(/3 groups · \d+ breaks to come today · 1 week not given out/).waitFor();
    await page.getByRole('img', { name: /^Timetable desk: 7 breaks today/ }).waitFor();
    await next.getByRole('button', { name: 'Lead it' }).click();
    const ledFor = (): Promise<string> =>
      page
        .getByLabel('Led for')
        .evaluate((select: HTMLSelectElement) => select.selectedOptions[0]?.text ?? '');
    await expect.poll(ledFor).toMatch(/^(Timetable desk|Call desk, early shift)$/);
    await page.getByRole('button', { name: 'Back to today' }).click();
    await next.getByRole('heading', { level: 2 }).waitFor();

    // Out of the week a break is led for the week's group, whomever it was made for.
    await page
      .getByRole('region', { name: 'The day, group by group' })
      .getByRole('link', { name: 'Timetable desk' })
      .click();
    await page.getByRole('slider').first().focus();
    await page.getByRole('button', { name: 'Lead it' }).click();
    await expect.poll(ledFor).toBe('Timetable desk');
    await page.getByRole('button', { name: 'Back to the week' }).click();
    await page.getByRole('slider').first().waitFor();
    await page.close();
  });

  it('shows at a look what is given out and what is a draft', async () => {
    const page = await fixture.goTo(`/week/timetable-desk/${monday}`);
    await page.getByRole('slider').first().waitFor();
    await page.getByRole('status', { name: 'Given out' }).getByText('Given out', { exact: true }).waitFor();
    await page.getByRole('combobox', { name: 'Group', exact: true }).click();
    await page.getByTitle('Claims team').click();
    await page.getByText('Not given out yet').waitFor();
  });

  it('a new team, from nothing to a week with names and content given out; then a change, seen and given out', async () => {
    const page = await fixture.goTo('/people');
    let actions = 0;
    const press = async (name: string | RegExp): Promise<void> => {
      await page.getByRole('button', { name, exact: typeof name === 'string' }).click();
      actions++;
    };
    await press('New group');
    await page.getByLabel('Name', { exact: true }).fill('Harbour office');
    actions++;
    await press('Keep this group');
    await page.getByText('“Harbour office” is kept.').waitFor();
    await page.getByRole('link', { name: 'Week' }).click();
    await page.getByRole('combobox', { name: 'Group', exact: true }).click();
    await page.getByTitle('Harbour office').click();
    await page
      .getByRole('button', { name: 'The week after' })
      .or(page.getByRole('link', { name: 'The week after' }))
      .click();
    actions += 4;
    // Next week: all of it is still to come.
    // A team begins with three a day; nothing is anybody else's yet.
    await press('Plan the week');
    await expect.poll(() => page.getByRole('slider').count()).toBe(15);
    await page.getByText('Not given out yet').waitFor();
    await press('Give out');
    await giveOut(page)
      .getByText(/^At 15 times no break is chosen \(Mon .* people would not know what to do\.$/)
      .waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('dialog').waitFor({ state: 'detached' });
    await press('Choose breaks');
    await page.getByLabel('Break to fill them with').click();
    await page.getByTitle('Five minutes for neck and shoulders').click();
    actions += 2;
    await press('Fill all');
    await saved(page);
    await press('Give out');
    await press('Make an address');
    const address = await page.getByLabel('Address of All of Harbour office', { exact: true }).inputValue();
    expect(await follow(address)).toEqual([]);
    await giveOut(page).getByRole('button', { name: 'Give out' }).click();
    actions++;
    await giveOut(page)
      .getByText(/^Given out on/)
      .waitFor();
    expect(actions).toBeLessThanOrEqual(ACTIONS);

    const first = await follow(address);
    expect(first).toHaveLength(15);
    expect(new Set(first.map((e) => e.summary))).toEqual(new Set(['Five minutes for neck and shoulders']));
    expect(first.every((e) => e.sequence === 0 && e.description.length > 60)).toBe(true);
    await page.keyboard.press('Escape');
    await page.getByRole('dialog').waitFor({ state: 'detached' });

    // A change stays here until it is given out; what it is, is said.
    await page.getByRole('slider').first().focus();
    await page.keyboard.press('ArrowRight');
    await page.getByText('1 change not given out yet').waitFor();
    await saved(page);
    expect(await follow(address)).toEqual(first);
    await press('Give out');
    await giveOut(page).getByText('Changed since: 1 moved.').waitFor();
    await giveOut(page)
      .getByText(/^Mon \d\d:\d\d moves to Mon \d\d:\d\d$/)
      .waitFor();
    await giveOut(page).getByRole('button', { name: 'Give out the changes' }).click();
    await giveOut(page).getByText('Nothing has changed since.', { exact: false }).waitFor();
    const second = await follow(address);
    const different = second.filter((e, i) => e.start !== first[i]?.start);
    expect(different.map((e) => [e.uid, e.sequence])).toEqual([[first[0]?.uid, 1]]);

    await giveOut(page).getByRole('button', { name: 'Take back' }).click();
    await giveOut(page)
      .getByText(/^Given out on/)
      .waitFor();
    await expect.poll(async () => (await follow(address))[0]?.start).toBe(first[0]?.start);
  });
});
