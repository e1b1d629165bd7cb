import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';
import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { monday, saved, stepNames, typeMoment, useApp } from './fixture';

const fixture = useApp({ demo: false, story: true });

const addMove = async (page: Page, name: string): Promise<void> => {
  await page.getByRole('region', { name: 'Add a move' }).getByRole('button', { name }).first().click();
};

/** Lets the page's own clock go on by so much, and what waits for it happen. */
const tick = async (page: Page, ms: number): Promise<void> => {
  await page.clock.fastForward(ms);
  await page.clock.runFor(60);
};

describe('the whole way, from an empty database', () => {
  let page: Page;

  it('know a group', async () => {
    page = await fixture.open('/');
    await page.getByText('No breaks yet').waitFor();
    await page.getByRole('link', { name: 'the people you lead it for' }).click();
    await page.getByRole('button', { name: 'New group' }).click();
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Timetable desk');
    const end = page.getByRole('textbox', { name: 'Working hours' }).or(page.locator('#group_hours')).first();
    await end.click();
    const [from, to] = [
      page.locator('input[date-range="start"]').first(),
      page.locator('input[date-range="end"]').first(),
    ];
    await page.locator('.ant-picker-dropdown:not(.ant-picker-dropdown-hidden)').first().waitFor();
    await from.fill('09:00');
    await from.press('Enter');
    await to.fill('17:30');
    await to.press('Enter');
    await page.getByRole('button', { name: 'Keep this group' }).click();
    await page.getByText('“Timetable desk” is kept.').waitFor();
    await page.getByRole('button', { name: 'Add a person' }).click();
    await page.getByLabel('Name or initials').fill('I. M.');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByRole('cell', { name: 'I. M.', exact: true }).waitFor();
  });

  it('pick moves, order and dose a break, see how long it really takes', async () => {
    await page.getByRole('link', { name: 'Breaks' }).click();
    await page.getByRole('button', { name: 'New break' }).click();
    await page.getByRole('button', { name: /^An empty sheet/ }).click();
    await page.getByRole('heading', { name: 'An empty sheet' }).waitFor();
    for (const name of [
      'Sit tall',
      'Slow nose breathing',
      'Shoulder rolls',
      'Look over the shoulder',
      'Ear toward the shoulder',
      'Nose toward the armpit',
      'Round and lift the spine',
      'Arms up with the breath',
    ])
      await addMove(page, name);
    await page.getByLabel('Name of the break').fill('Late-morning neck');
    await page.getByLabel('Name of the break').press('Enter');
    await page.getByLabel('Slot in minutes').fill('6');
    await page.getByRole('combobox', { name: 'Group' }).click();
    await page.getByText('Timetable desk', { exact: true }).last().click();

    await page.getByRole('option', { name: /Ear toward the shoulder/ }).click();
    await page.getByRole('option', { name: /Nose toward the armpit/ }).click({ modifiers: ['Shift'] });
    await page.getByRole('button', { name: 'Make a series' }).click();
    await page.getByText('Series of 2').waitFor();
    await page
      .getByRole('option', { name: /Nose toward the armpit/ })
      .first()
      .click();

    // Worked out by hand at the default pace: 140 words a minute, rounded up to half seconds; breath 10 s.
    //  sit tall            20 words                     9   + 10 + 2                        =  21
    //  slow breathing      14 words, 3 breaths          6   + 30 + 2                        =  38
    //  shoulder rolls      11 and 4 words, 8 of 2.5 s  (5   + 20) + (4 + 20) + 2            =  51
    //  over the shoulder   15 words, 3 a side of 4 s    6.5 + 24 + 2                        =  32.5
    //  series of two       15 and 13, again 5 and 5     6.5 + 20 + 6 + 20 + 2, 4 + 20 + 2.5 + 20 + 2 = 103
    //  round and lift      17 words, 4 breaths          7.5 + 40 + 2                        =  49.5
    //  arms up             14 words, 1 breath           6   + 10 + 2                        =  18
    // Both sit back, as the steps before them do: nobody changes seats for a default.
    const byHand = 21 + 38 + 51 + 32.5 + 103 + 49.5 + 18;
    expect(byHand).toBe(313);
    await page.getByRole('img', { name: '5:13 of 6:00, 47 s left' }).waitFor();
    await expect.poll(() => page.getByText(/Left 0:52/).isVisible()).toBe(true);
    await expect.poll(() => page.getByText(/Right 0:52/).isVisible()).toBe(true);
    await page.getByText('= 103 s').waitFor();
    // A careful colleague would have them shake something out after two holds; it is only worth a look.
    await page.getByText('Review · 1').click();
    await page.getByText('Nothing lets go after the holds').waitFor();
    await page.getByText('Step', { exact: true }).click();
    await expect.poll(() => stepNames(page)).toHaveLength(8);
    await saved(page);
  });

  it('lead it, with a clock under control', async () => {
    const path = new URL(page.url()).pathname.replace('/breaks/', '/lead/');
    await page.clock.install({ time: new Date('2026-11-25T10:00:00Z') });
    await page.goto(fixture.app.url + path);
    await page.getByText('Mild tension, never pain').waitFor();
    await page.clock.pauseAt(new Date('2026-11-25T11:00:00Z'));
    await page
      .getByRole('group', { name: 'Tension in the group now' })
      .getByRole('button', { name: '6' })
      .click();
    await page.getByRole('button', { name: 'Start' }).click();
    await tick(page, 1000);
    await page.getByText('Get ready').waitFor();
    await tick(page, 1940);
    // 21 s of sitting tall and 6 s of words later the breath begins.
    await tick(page, 27_000 - 60);
    await page.getByText('breathe in').waitFor();
    await page.keyboard.press('Space');
    await tick(page, 60_000);
    await page.getByText('Paused').waitFor();
    await page.keyboard.press('Space');
    await tick(page, 5000);
    await page.getByText('breathe out').waitFor();

    // Each move went where it belongs: what moves comes before what is held.
    // Into the first hold of the series: 192 s to its start, 6.5 s of words, and one second of it.
    const behind = 27 + 5;
    await tick(page, (192 + 6.5 + 1 - behind) * 1000);
    await page.getByRole('heading', { name: 'Ear toward the shoulder' }).waitFor();
    await expect.poll(() => page.locator('main').getAttribute('data-side')).toBe('left');
    await page.keyboard.press('ArrowUp');
    await tick(page, 60);
    expect(Number(await page.getByTestId('count').textContent())).toBeGreaterThan(27);
    await page.keyboard.press('m');
    await tick(page, 60);
    await expect.poll(() => page.locator('main').getAttribute('data-lit')).toBe('right');
    await page.keyboard.press('m');
    await tick(page, 400_000);
    await page.getByRole('heading', { name: 'Well led' }).waitFor();
    // Led; from here on the clock runs by itself.
    await page.clock.resume();
    await page.getByText('The record is kept.').waitFor();
    await page
      .getByRole('group', { name: 'Tension in the group now' })
      .getByRole('button', { name: '3' })
      .click();
    await page.getByLabel('A note for next time').fill('Right side tighter.');
    await page.getByRole('button', { name: 'See the record' }).click();
  });

  it('has it logged, equal to what was led', async () => {
    await page.getByRole('heading', { name: 'Planned against done' }).waitFor();
    // One more breath on the left, and the same on the right: 20 s more than planned.
    await page.getByText('5:33 of 5:13 min').waitFor();
    await page.getByText('8 of 8 steps').waitFor();
    const chart = page.getByRole('region', { name: 'Planned against done' });
    const bar = (name: string) => chart.getByRole('img', { name, exact: true });
    await expect.poll(() => bar('left: 30 s of 20 s').count()).toBe(1);
    await expect.poll(() => bar('right: 30 s of 20 s').count()).toBe(1);
    await expect.poll(() => bar('left: 20 s of 20 s').count()).toBe(1);
    await expect.poll(() => bar('left: 12 s of 12 s').count()).toBe(1);
    await page.getByText('Down by 3.').waitFor();
    await expect
      .poll(() => page.getByRole('textbox', { name: 'Note' }).inputValue())
      .toBe('Right side tighter.');
  });

  it('schedule it across the week', async () => {
    page = await fixture.open('/week', (p) => p.clock.setSystemTime(new Date(`${monday}T00:05:00Z`)));
    // A team begins with three a day.
    await page.getByRole('button', { name: 'Plan the week' }).click();
    await expect.poll(() => page.getByText('3 breaks', { exact: true }).count()).toBe(5);
    await page.getByLabel('How often').click();
    await page.getByTitle('As often as keeps runs short').click();
    await page.getByRole('button', { name: 'Plan the week' }).click();
    // On a day from 09:00 to 17:30 with lunch the longest run of the best plan is known.
    await expect.poll(() => page.getByText('longest 40 min').count()).toBe(5);
    const before = await page.getByRole('slider').count();

    const weekday = page.getByRole('button', { name: /^Tue/ });
    await weekday.click();
    await typeMoment(page.getByLabel('Busy from'), '14:00');
    await typeMoment(page.getByLabel('Busy to'), '15:30');
    await page.getByLabel('What', { exact: true }).fill('crew call');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByRole('button', { name: 'crew call, 14:00 to 15:30' }).waitFor();
    await page.getByRole('button', { name: 'Plan this day' }).click();
    await page.getByText('longest 90 min').waitFor();
    await expect.poll(() => page.getByRole('slider').count()).toBeLessThanOrEqual(before);

    await page.getByRole('button', { name: 'Choose breaks' }).click();
    await page.getByLabel('Break to fill them with').click();
    await page.getByText('Late-morning neck', { exact: true }).last().click();
    await page.getByRole('button', { name: 'Fill all' }).click();
    await saved(page);
  });

  it('take it away as files', async () => {
    const planned = await page
      .getByRole('slider')
      .evaluateAll((grips) => grips.map((g) => Number(g.getAttribute('aria-valuenow'))));
    await page.getByRole('button', { name: 'Give out' }).click();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'Calendar file' }).click(),
    ]);
    const calendar = new ICAL.Component(ICAL.parse(readFileSync(await download.path(), 'utf8')));
    const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    expect(events.map((e) => e.startDate.hour * 60 + e.startDate.minute)).toEqual(planned);
    expect(new Set(events.map((e) => e.uid)).size).toBe(planned.length);
    for (const event of events) {
      expect(event.summary).toBe('Late-morning neck');
      // Each step with how it goes, and what to keep in mind.
      expect(event.description.split('\n').length).toBeGreaterThan(8);
      expect(event.description).toContain('mild tension, never pain');
      expect(event.duration.toSeconds()).toBe(300);
    }
    const tuesday = events.filter((e) => e.startDate.dayOfWeek() === 3);
    for (const { startDate } of tuesday) {
      const minute = startDate.hour * 60 + startDate.minute;
      expect(minute + 5 <= 14 * 60 || minute >= 15 * 60 + 30).toBe(true);
    }
  });
});
