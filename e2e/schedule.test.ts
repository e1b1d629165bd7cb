import type { Kept, Week } from '@kotabi/core/model';
import { addDays } from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { axe, expectGoodDialog } from './axe';
import { monday, saved, typeMoment, useApp } from './fixture';

const fixture = useApp({ demo: true, calendars: true, onMonday: true, story: true });
/** A week that lies ahead as a whole, so that every day of it can still change. */
const next = addDays(monday, 7);

const open = async (path: string): Promise<Page> => {
  const page = await fixture.goTo(path);
  await page.getByText('Rule of the week').waitFor();
  return page;
};
const starts = (page: Page): Promise<number[]> =>
  page.getByRole('slider').evaluateAll((grips) => grips.map((g) => Number(g.getAttribute('aria-valuenow'))));
const plan = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'Plan the week' }).click();
  await page.getByRole('slider').first().waitFor();
  await saved(page);
};
const tell = async (path: string, body: object): Promise<void> => {
  const answer = await fetch(fixture.app.standIn + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  expect(answer.status).toBe(204);
};
const utc = (date: string, time: string): string => `${date.replaceAll('-', '')}T${time}00Z`;
const calendar = (date: string, more = ''): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//test//EN',
    'BEGIN:VEVENT',
    'UID:harbour@test',
    'DTSTAMP:20260101T000000Z',
    `DTSTART:${utc(date, '1000')}`,
    `DTEND:${utc(date, '1130')}`,
    'SUMMARY:Harbour office',
    'END:VEVENT',
    'END:VCALENDAR',
    more,
  ].join('\r\n');
const readFile = (page: Page, name: string, text: string): Promise<void> =>
  page
    .getByRole('dialog')
    .locator('input[type=file]')
    .last()
    .setInputFiles({ name, mimeType: 'text/calendar', buffer: Buffer.from(text) });

describe('on paper', () => {
  it('a week is on one page to print', async () => {
    const page = await fixture.goTo(`/print/week/timetable-desk/${monday}`);
    await page.getByRole('heading', { name: 'Stretch breaks' }).waitFor();
    // Five days, and what is done in each break they name.
    await expect.poll(() => page.locator('section').count()).toBeGreaterThan(5);
    await page.getByRole('heading', { name: /^Five minutes for neck and shoulders \d:\d\d min$/ }).waitFor();
    await page.getByText('Ear toward the shoulder 20 s each side').first().waitFor();
    for (const format of ['A4', 'Letter']) {
      const pdf = await page.pdf({ format, printBackground: true });
      expect([format, pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)?.length]).toEqual([format, 1]);
    }
  });
});

describe('calendars', () => {
  it('a file is read, and the plan goes round its times; a bad one gets a sentence and changes nothing', async () => {
    // The next week is planned already.
    const after = addDays(next, 7);
    const page = await open(`/week/call-desk/${after}`);
    await page.getByRole('button', { name: 'Calendars' }).click();
    await readFile(page, 'harbour.ics', calendar(addDays(after, 1)));
    await page
      .getByRole('dialog')
      .getByText(/from a file, copied .*, 1 event$/)
      .waitFor();
    await readFile(page, 'cut.ics', calendar(addDays(after, 2)).slice(0, -30));
    await page.getByText(/something is cut off/).waitFor();
    await expect.poll(() => page.getByRole('dialog').getByRole('listitem').count()).toBe(1);
    await expectGoodDialog(page);
    await page.keyboard.press('Escape');
    const busy = page.getByRole('button', { name: 'Busy, 10:00 to 11:30' });
    await busy.waitFor();
    await plan(page);
    const tuesday = await page
      .getByRole('slider', { name: /^Tuesday/ })
      .evaluateAll((g) => g.map((x) => Number(x.getAttribute('aria-valuenow'))));
    expect(tuesday.length).toBe(2);
    expect(tuesday.every((at) => at + 5 <= 600 || at >= 690)).toBe(true);
  });

  it('a meeting moves in a subscribed calendar: the plan says so and mends itself', async () => {
    const page = await open(`/week/claims/${next}`);
    await page.getByRole('button', { name: 'call with the insurer, 10:00 to 11:00' }).first().waitFor();
    await plan(page);
    const before = await starts(page);
    await tell('/calendars/claims-team/move', { meetingId: 'insurer', byMin: 30 });
    await page.getByRole('button', { name: 'Calendars' }).click();
    await page.getByRole('button', { name: 'Read Claims team again' }).click();
    await page.getByText(/call with the insurer moved from 10:00 to 10:30/).waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'call with the insurer, 10:30 to 11:30' }).first().waitFor();
    const wrong = page.locator('[role=slider][aria-valuetext*="blocked"]');
    await expect.poll(() => wrong.count()).toBe(0);
    await expect.poll(() => starts(page)).not.toEqual(before);
    await saved(page);
  });

  it('waits to be told when it should not mend by itself, and says how old a copy is when the service is gone', async () => {
    const page = await open(`/week/claims/${next}`);
    await page.getByRole('button', { name: 'call with the insurer, 10:30 to 11:30' }).first().waitFor();
    await tell('/calendars/claims-team/move', { meetingId: 'insurer', byMin: -60 });
    await page.evaluate(() => localStorage.setItem('kotabi.mends-by-itself', 'no'));
    await page.reload();
    await page.getByRole('slider').first().waitFor();
    await page.getByRole('button', { name: 'Calendars' }).click();
    await page.getByRole('button', { name: 'Read Claims team again' }).click();
    await page.getByText('The calendars have changed.').waitFor();
    await tell('/calendars/claims-team/mode', { mode: 'silent' });
    await page.getByRole('button', { name: 'Read Claims team again' }).click();
    await page.getByText(/The calendar service .* cannot be reached. In use: the copy made/).waitFor();
    await tell('/calendars/claims-team/mode', { mode: 'answers' });
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Take over and mend' }).click();
    await page.getByText('Put right.').waitFor();
    await page.getByRole('button', { name: 'call with the insurer, 09:30 to 10:30' }).first().waitFor();
    await saved(page);
    await page.evaluate(() => localStorage.setItem('kotabi.mends-by-itself', 'yes'));
  });
});

describe('by keyboard alone, and with wrong input', () => {
  it('a rule is chosen and planned, a dialog opened and left, an address refused in a sentence', async () => {
    const page = await open(`/week/claims/${addDays(next, 14)}`);
    await page.getByLabel('How often').focus();
    await page.keyboard.press('Enter');
    // The rule of the weeks before goes on: about every 50 minutes. The next one is so many a day.
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await page.getByLabel('Breaks a day').fill('99');
    await page.keyboard.press('Tab');
    await page.getByText('Breaks a day must be at most 20; 99 was typed.').waitFor();
    await page.getByLabel('Breaks a day').fill('2');
    await page.getByRole('button', { name: 'Plan the week' }).focus();
    await page.keyboard.press('Enter');
    await expect.poll(() => page.getByRole('slider').count()).toBe(8);
    await page.getByRole('button', { name: 'Calendars' }).focus();
    await page.keyboard.press('Enter');
    await page.getByLabel('Address of the calendar').fill('harbour');
    await page.keyboard.press('Enter');
    await page
      .getByText(
        'The address must be a web address that begins with https://, http:// or webcal://; it is “harbour”.',
      )
      .waitFor();
    await page.getByLabel('Address of the calendar').fill(`${fixture.app.standIn}/calendars/nobody.ics`);
    await page.keyboard.press('Enter');
    // The stand-in is on this machine: Kotabi only looks around in there when it is allowed to.
    await page.getByText(/is inside this machine or this network/).waitFor();
    await page.getByLabel(/inside our own network/).focus();
    await page.keyboard.press('Space');
    await page.getByLabel('Address of the calendar').fill(`${fixture.app.standIn}/calendars/nobody.ics`);
    await page.keyboard.press('Enter');
    await page.getByText(/The calendar service answered with 404/).waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('dialog').waitFor({ state: 'detached' });
  });
});

describe('a rule in words', () => {
  it('becomes a plan, and guidance says whether it is met', async () => {
    const page = await open(`/week/timetable-desk/${next}`);
    await page.getByLabel('How often').click();
    await page.getByText('So many a day', { exact: true }).click();
    await page.getByLabel('Breaks a day').fill('3');
    await plan(page);
    await expect.poll(() => page.getByRole('slider').count()).toBe(15);
    await page.getByText(/Not met: longest time without such a break/).waitFor();
    await page.getByLabel('How often').click();
    await page.getByText('Short ones hourly, and longer ones').click();
    await plan(page);
    await page.getByText(/Met: longest time without such a break/).waitFor();
    await page.getByRole('button', { name: 'Kinds of break (2) …' }).click();
    await expectGoodDialog(page);
  });

  it('a busy time is drawn on the band, repeated, and a day is taken off', async () => {
    const page = await open(`/week/timetable-desk/${addDays(next, 7)}`);
    const band = page.getByRole('group', { name: /^Monday/ });
    const box = await band.boundingBox();
    if (!box) throw new Error('the band is not on the page');
    await page.mouse.move(box.x + 200, box.y + 40);
    await page.mouse.down();
    await page.mouse.move(box.x + 300, box.y + 40, { steps: 4 });
    await page.mouse.up();
    await page.getByRole('heading', { name: 'Busy on Monday' }).waitFor();
    await page.getByLabel('What', { exact: true }).fill('crew call');
    await page.getByRole('button', { name: 'Wed', exact: true }).click();
    await page.getByRole('button', { name: 'Change', exact: true }).click();
    await expect.poll(() => page.getByRole('button', { name: /^crew call/ }).count()).toBe(2);
    await page.getByRole('button', { name: /^Thu \d/ }).click();
    await page.getByText('Add a busy time').waitFor();
    expect(await axe(page, 'aside')).toEqual([]);
    await page.getByLabel('Somebody works').click();
    await page.getByLabel('Why nobody works').fill('Feast of the port');
    await page.getByText('Feast of the port: nobody works, nothing is planned.').waitFor();
    await plan(page);
    await expect.poll(() => page.getByRole('slider', { name: /^Thursday/ }).count()).toBe(0);
  });

  it('a break says why it is there; one that is not held counts for nothing', async () => {
    const page = await open('/week');
    await page.getByRole('slider').nth(1).focus();
    await page.getByText(/It ends a run of \d+ min\. Without it the longest run is \d+ min/).waitFor();
    expect(await axe(page)).toEqual([]);
    const sum = page.getByText(/\d+ breaks$/).first();
    const before = Number((await sum.textContent())?.match(/\d+/)?.[0]);
    await page.getByLabel('Is held').click();
    await expect.poll(async () => Number((await sum.textContent())?.match(/\d+/)?.[0])).toBe(before - 1);
    await page.keyboard.press('Control+z');
    await expect.poll(async () => Number((await sum.textContent())?.match(/\d+/)?.[0])).toBe(before);
    // Kept before the next test changes the same week from outside.
    await saved(page);
  });
});

describe('what it adds up to', () => {
  it('breaks are chosen so that aims are met, and what cannot be met is said', async () => {
    // The week is for everything, also for what none of the breaks holds.
    const address = `${fixture.app.url}/api/weeks/timetable-this-week`;
    const { version, value } = (await (await fetch(address)).json()) as Kept<Week>;
    const { status } = await fetch(address, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ baseVersion: version, value: { ...value, aims: [] } }),
    });
    expect(status).toBe(200);
    const page = await open('/week');
    await page.getByRole('button', { name: 'Choose breaks' }).click();
    await expectGoodDialog(page);
    await page.getByRole('dialog').getByRole('button', { name: 'Choose breaks', exact: true }).click();
    await page.getByText(/34 of 34 times have a break/).waitFor({ timeout: 60_000 });
    await page.getByText(/aims (is|are) not met/).waitFor();
    await page.getByRole('button', { name: 'Take these over' }).click();
    await page.getByText('Ledger', { exact: true }).click();
    await page
      .getByRole('img', { name: /^left: \d+ s in the week/ })
      .first()
      .waitFor();
    await page.getByRole('button', { name: 'neck', exact: true }).click();
    await page.getByText('levator scapulae').waitFor();
    expect(await axe(page, 'aside'), 'ledger').toEqual([]);
    await saved(page);
  });

  it('a real week is played, and follows what people do', async () => {
    const page = await open('/week');
    await page.getByText('Real week', { exact: true }).click();
    await page.getByText(/From your log: “not today” 24 times of 60/).waitFor();
    await page.getByLabel('People skip').fill('0');
    await page.getByLabel('Meetings overrun').fill('0');
    await page.getByText(/A person does 34.0 of 34 breaks a week/).waitFor();
    expect(await axe(page, 'aside'), 'real week').toEqual([]);
    await page.getByLabel('People skip').fill('100');
    await page.getByText(/A person does 0.0 of 34 breaks a week/).waitFor();
  });

  it('two rules are compared side by side', async () => {
    const page = await open('/week');
    await page.getByText('Real week', { exact: true }).click();
    await page.getByRole('link', { name: 'Compare rules' }).click();
    await page.getByRole('img', { name: /min in breaks a day, a long run on/ }).waitFor({ timeout: 60_000 });
    for (const name of ['About every 50 min', 'About every 60 min', 'About every 90 min', '4 a day'])
      await page.getByLabel(name, { exact: true }).uncheck();
    await page.getByLabel('Short ones hourly and 1 longer', { exact: true }).uncheck();
    await expect.poll(() => page.getByRole('row').count(), { timeout: 30_000 }).toBe(3);
    const minutes = await page
      .getByRole('row')
      .evaluateAll((rows) =>
        rows.slice(1).map((r) => Number.parseInt(r.querySelectorAll('td')[3]?.textContent ?? '', 10)),
      );
    // A break about every 30 min costs more minutes than the week's own rule.
    expect(minutes[1]).toBeGreaterThan(minutes[0] ?? 0);
  });

  it('led sessions find the times at which most can come, and everyone is planned around them', async () => {
    const page = await fixture.goTo(`/week/timetable-desk/${addDays(next, 14)}/led`);
    await page.getByRole('button', { name: 'Find the best times' }).click();
    await page.getByText('5 of 5 can come').first().waitFor({ timeout: 30_000 });
    await page.getByLabel('Which break is led').click();
    await page.getByTitle('Two minutes between meetings').last().click();
    await page.getByRole('button', { name: 'Put them in, and plan everyone around them' }).click();
    await page
      .getByText('The sessions are in, and everyone’s other breaks around them.')
      .waitFor({ timeout: 60_000 });
    await page.getByRole('link', { name: 'Back to the week' }).click();
    const led = page.locator('[role=slider][aria-valuetext*=", led"]');
    await expect.poll(() => led.count()).toBe(2);
    expect(await led.first().getAttribute('aria-label')).toContain('Two minutes between meetings');
    await page.getByLabel('Whose week').click();
    await page.getByText('Ilse M.', { exact: true }).last().click();
    await page.waitForURL(/person=p-1/);
    await expect.poll(() => led.count()).toBe(2);
  });
});

describe('giving it out', () => {
  it('an address is made, followed and taken back', async () => {
    const page = await open('/week');
    await page.getByRole('button', { name: 'Give out' }).click();
    await page.getByRole('button', { name: 'Make an address' }).click();
    await expectGoodDialog(page);
    const address = await page.getByLabel('Address of All of Timetable desk', { exact: true }).inputValue();
    const text = await (await fetch(address)).text();
    expect(text).toContain('BEGIN:VEVENT');
    expect(text).toContain('TRIGGER:-PT5M');
    await page.getByRole('button', { name: 'Take back the address of All of Timetable desk' }).click();
    await page.getByRole('tooltip').getByRole('button', { name: 'Take back', exact: true }).click();
    await expect.poll(async () => (await fetch(address)).status).toBe(410);
  });

  it('a week is copied to the next ones; a rule is used from a date on, and the weeks before it keep theirs', async () => {
    const page = await open('/week');
    await page.getByRole('slider').first().waitFor();
    const before = await starts(page);
    await page.getByRole('button', { name: 'Other weeks' }).click();
    await expectGoodDialog(page);
    await page.getByLabel('Weeks', { exact: true }).fill('4');
    await page.getByRole('button', { name: 'Copy', exact: true }).click();
    await page.getByText('Copied to 4 weeks.').waitFor();
    await fixture.goTo(`/week/timetable-desk/${addDays(next, 21)}`);
    await page.getByRole('slider').first().waitFor();
    await expect.poll(() => starts(page)).toEqual(before);
    await page.getByLabel('How often').click();
    await page.getByText('So many a day', { exact: true }).click();
    await page.getByLabel('Breaks a day').fill('2');
    await saved(page);
    await page.getByRole('button', { name: 'Other weeks' }).click();
    await typeMoment(page.getByLabel('From the week of'), dayjs(addDays(next, 14)).format('D MMM YYYY'));
    await page.getByRole('button', { name: 'Change 2 weeks' }).click();
    await page.getByText('2 weeks are planned by this rule now.').waitFor();
    for (const [weeks, breaks] of [
      [2, 10],
      [3, 10],
    ] as const) {
      await fixture.goTo(`/week/timetable-desk/${addDays(next, 7 * weeks)}`);
      await expect.poll(() => page.getByRole('slider').count()).toBe(breaks);
    }
    await fixture.goTo(`/week/timetable-desk/${next}`);
    await page.getByRole('slider').first().waitFor();
    expect(await page.getByRole('slider').count()).toBeGreaterThan(10);
  });
});
