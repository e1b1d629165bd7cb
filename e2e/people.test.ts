import { describe, expect, it } from 'vitest';
import { typeMoment, useApp } from './fixture';

const fixture = useApp({ demo: true, story: true });

describe('people', () => {
  it('asks before changes of a group are left behind, and leaves when told to', async () => {
    const page = await fixture.goTo('/people/claims');
    const name = page.getByRole('textbox', { name: 'Name', exact: true });
    await name.fill('Claims and returns');
    await page.getByRole('link', { name: /Timetable desk/ }).click();
    await page.getByText('Leave without keeping?').last().waitFor();
    await page.getByRole('button', { name: 'Stay here' }).click();
    await expect.poll(() => name.inputValue()).toBe('Claims and returns');
    await page.getByRole('button', { name: 'Keep changes' }).click();
    await page.getByText('“Claims and returns” is kept.').waitFor();
    await page.getByRole('link', { name: /Timetable desk/ }).click();
    await page.getByText('People in Timetable desk').waitFor();
    await name.fill('Never kept');
    await page.getByRole('link', { name: /Claims and returns/ }).click();
    await page.getByRole('button', { name: 'Leave without keeping' }).click();
    await page.getByText('People in Claims and returns').waitFor();
    await expect.poll(() => page.getByRole('link', { name: /Never kept/ }).count()).toBe(0);
  });

  it('names the field that is wrong, and keeps nothing until it is right', async () => {
    const page = await fixture.goTo('/people/timetable-desk');
    const [from, to] = [
      page.locator('input[date-range="start"]').first(),
      page.locator('input[date-range="end"]').first(),
    ];
    const hours = async (start: string, end: string): Promise<void> => {
      await from.click();
      await from.fill(start);
      await from.press('Enter');
      await to.fill(end);
      await to.press('Enter');
    };
    await hours('22:00', '22:00');
    await page.getByRole('button', { name: 'Keep changes' }).click();
    await page.getByText('The end must be later than the start.').waitFor();
    const kept = await (await fetch(`${fixture.app.url}/api/groups/timetable-desk`)).json();
    expect(kept).toMatchObject({ version: 1, value: { hours: { startMin: 540, endMin: 1050 } } });
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill(' ');
    await page.getByRole('button', { name: 'Keep changes' }).click();
    await page.getByText('A group needs a name.').waitFor();
    // A night shift goes on into the next day; its lunch does too.
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Night desk');
    await hours('22:00', '06:00');
    await page.getByRole('button', { name: 'Keep changes' }).click();
    await page.getByText('“Night desk” is kept.').waitFor();
    const night = await (await fetch(`${fixture.app.url}/api/groups/timetable-desk`)).json();
    expect(night).toMatchObject({ version: 2, value: { hours: { startMin: 1320, endMin: 1800 } } });
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Never kept');
    await page.getByRole('link', { name: 'Breaks' }).click();
    await page.getByRole('button', { name: 'Leave without keeping' }).click();
    await page.getByRole('heading', { name: 'Breaks' }).waitFor();
  });

  it('knows who works part time: a day in every second week, and other hours on one', async () => {
    const page = await fixture.goTo('/people/timetable-desk');
    await page.getByRole('button', { name: 'Edit Anouk' }).click();
    await page.getByText('Works other days or hours').click();
    await page.getByLabel('Of these only every second week').click();
    await page.getByTitle('Tuesday').last().click();
    await page.keyboard.press('Escape');
    await typeMoment(page.getByLabel('First in the week of'), '26 Nov 2026');
    await page.getByRole('button', { name: '+ other hours on a day' }).click();
    await page.getByLabel('Day with other hours').click();
    await page.getByTitle('Friday').last().click();
    const hours = page.getByLabel('Hours of that day');
    await hours.first().click();
    await hours.first().fill('09:00');
    await hours.first().press('Enter');
    await hours.last().fill('12:30');
    await hours.last().press('Enter');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByRole('dialog').waitFor({ state: 'hidden' });
    const people = (await (await fetch(`${fixture.app.url}/api/groups/timetable-desk/people`)).json()) as {
      value: { name: string; work?: object };
    }[];
    expect(people.find((p) => p.value.name === 'Anouk')?.value.work).toMatchObject({
      days: [1, 2, 3, 4, 5],
      other: [{ day: 5, hours: { startMin: 540, endMin: 750 } }],
      secondWeek: { days: [2], from: '2026-11-26' },
    });
  });

  it('writes a person down, changes and deletes them', async () => {
    const page = await fixture.goTo('/people/call-desk');
    await page.getByRole('button', { name: 'Add a person' }).click();
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByText('A name or initials, so that you know who it is.').waitFor();
    await page.getByLabel('Name or initials').fill('Wim');
    await page.getByLabel('Feels tight').click();
    await page.getByLabel('Feels tight').fill('left neck');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    const row = page.getByRole('row', { name: /Wim/ });
    await row.getByText('left').waitFor();
    await page.getByRole('button', { name: 'Delete Wim' }).click();
    await page.getByRole('dialog', { name: 'Delete Wim?' }).getByRole('button', { name: 'Delete' }).click();
    await row.waitFor({ state: 'detached' });
    const people = (await (
      await fetch(`${fixture.app.url}/api/groups/call-desk/people`)
    ).json()) as unknown[];
    expect(people).toHaveLength(2);
  });
});
