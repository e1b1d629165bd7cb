import { readFileSync } from 'node:fs';
import type { Kept, Person } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { useApp } from './fixture';

const fixture = useApp({ demo: true, story: true });
const peopleOf = async (group: string): Promise<Kept<Person>[]> =>
  (await (await fetch(`${fixture.app.url}/api/groups/${group}/people`)).json()) as Kept<Person>[];

describe('a table of people', () => {
  it('with three bad rows takes nothing in and names each cell; mended, it comes in whole', async () => {
    const page = await fixture.goTo('/people/claims');
    await page.getByRole('button', { name: 'Bring in a table' }).click();
    const field = page.getByLabel('Table of people');
    const bad =
      'Name;Areas;Limits;Notes;Agreed\r\nMaj;neck right;neck;"two screens";yes\r\n;forearm;;;no\r\nJoon;ear;;;no\r\nPia;hand;gizzard;;maybe\r\n';
    await field.setInputFiles({ name: 'team.csv', mimeType: 'text/csv', buffer: Buffer.from(bad) });
    await page.getByText('3 of 4 lines cannot be read.').waitFor();
    await page.getByText('must have at least 1 character').waitFor();
    await page.getByText(/“ear” is not an area/).waitFor();
    await page.getByText(/“gizzard” is not a limit/).waitFor();
    await page.getByText('must be yes or no').waitFor();
    await expect.poll(() => page.getByRole('button', { name: /^Keep/ }).last().isDisabled()).toBe(true);
    expect(await peopleOf('claims')).toHaveLength(2);
    const good = bad
      .replace(';forearm', 'Ole;forearm')
      .replace(';ear;', ';elbow;')
      .replace('gizzard', 'knees')
      .replace('maybe', 'yes');
    await field.setInputFiles({ name: 'team.csv', mimeType: 'text/csv', buffer: Buffer.from(good) });
    await page.getByRole('button', { name: 'Keep 4 people' }).click();
    await page.getByText('4 people came in.').waitFor();
    expect((await peopleOf('claims')).map((p) => p.value.name)).toEqual([
      'Oda',
      'Pelle',
      'Maj',
      'Ole',
      'Joon',
      'Pia',
    ]);
  });

  it('lets columns be matched by hand', async () => {
    const page = await fixture.goTo('/people/call-desk');
    await page.getByRole('button', { name: 'Bring in a table' }).click();
    await page.getByLabel('Table of people').setInputFiles({
      name: 'odd.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('Desk,Colleague\n4,Runa\n'),
    });
    await page.getByText('1 of 1 lines cannot be read.').waitFor();
    await page.getByRole('combobox', { name: 'Name' }).last().click();
    await page.getByTitle('Colleague').click();
    await page.getByRole('button', { name: 'Keep 1 person' }).click();
    await page.getByRole('row', { name: /Runa/ }).waitFor();
  });

  it('goes out as a table, and what is kept about one person as a file', async () => {
    const page = await fixture.goTo('/people/timetable-desk');
    const [table] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Take a table away' }).click(),
    ]);
    expect(readFileSync(await table.path(), 'utf8')).toContain('Ilse M.,neck right,neck right,');
    const [kept] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Export what is kept about Sverre' }).click(),
    ]);
    expect(JSON.parse(readFileSync(await kept.path(), 'utf8'))).toMatchObject({
      person: { name: 'Sverre', limits: [{ limit: 'dizziness' }] },
      group: 'Timetable desk',
    });
  });
});

describe('who needs what', () => {
  it('shows who needs another rung, and why, and can be read out without names', async () => {
    const page = await fixture.goTo('/people/timetable-desk');
    await page.getByRole('link', { name: /Who needs what/ }).click();
    await page.getByRole('heading', { name: 'Who needs what', level: 1 }).waitFor();
    await page.getByRole('combobox', { name: 'Break' }).click();
    await page.getByTitle('Late-morning neck and wrists').last().click();
    const row = page.getByRole('row', { name: /Arms up with the breath/ });
    await row.getByText('rung “to shoulder height”').waitFor();
    await row.getByText('arm not above the shoulder').waitFor();
    await expect.poll(() => row.locator('td[data-verdict="easier rung"]').count()).toBe(1);
    const said = page.getByRole('complementary', { name: 'To be read out' });
    await said
      .getByText('If you would rather not raise the arms overhead: keep to “to shoulder height”.', {
        exact: true,
      })
      .waitFor();
    const text = (await said.textContent()) ?? '';
    for (const name of ['Ilse', 'Tomé', 'Quint', 'Anouk', 'Sverre']) expect(text).not.toContain(name);
  });

  it('changes with a limit that is written down, with consent only', async () => {
    const page = await fixture.goTo('/people/call-desk');
    await page.getByRole('button', { name: 'Edit Bram' }).click();
    await page.getByLabel('Careful with, as they say themselves').click();
    await page.getByLabel('Careful with, as they say themselves').fill('dizz');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await page.getByLabel('They have agreed that this is kept').uncheck();
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByText('limits and notes are kept only when the person has agreed to it').waitFor();
    await page.getByLabel('They have agreed that this is kept').check();
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByRole('row', { name: /Bram/ }).getByText('dizziness').waitFor();
    await fixture.goTo('/people/call-desk/needs?break=late-morning');
    const chin = page.getByRole('row', { name: /Half-circles of the chin/ });
    await chin.getByText('turn the head slowly and not far').waitFor();
  });

  it('stands beside the step on the sheet, and before the start', async () => {
    const page = await fixture.goTo('/breaks/late-morning');
    await page.getByRole('option', { name: /Arms up with the breath/ }).click();
    const needs = page.getByRole('region', { name: 'Who needs something else' });
    await needs.getByText('R. Quint').waitFor();
    await fixture.goTo('/lead/late-morning');
    const aloud = page.getByRole('region', { name: 'Say to everyone' });
    await aloud.getByRole('listitem').first().waitFor();
    // What is said is in sight without scrolling.
    const box = await aloud.boundingBox();
    expect((box?.y ?? 999) + (box?.height ?? 0)).toBeLessThanOrEqual(800);
    expect((await aloud.textContent()) ?? '').not.toContain('Quint');
  });
});

describe('the approach', () => {
  it('shows what another answer would alter before it is kept, and then alters it', async () => {
    const page = await fixture.goTo('/approach');
    await page.getByText('Choose another answer to see here').waitFor();
    await page.getByRole('radio', { name: /^inhale rounds/ }).check();
    const changes = page.getByRole('complementary', { name: 'What would change' });
    await changes.getByText('Afternoon: back and sides').waitFor();
    await changes
      .getByText(/Breathe out and lift the breastbone/)
      .first()
      .waitFor();
    const before = await (await fetch(`${fixture.app.url}/api/approach/approach`)).json();
    expect(before).toMatchObject({ version: 0 });
    await page.getByRole('button', { name: 'Keep these answers' }).click();
    await page.getByText('Your approach is kept.').waitFor();
    await fixture.goTo('/moves/round-and-lift');
    await page.getByText('in on the way out, out on the way back').waitFor();
    await page.getByText(/Breathe out and lift the breastbone; breathe in and round/).waitFor();
  });

  it('can be answered differently by one break, and undo takes that back', async () => {
    const page = await fixture.goTo('/breaks/late-morning');
    await page.getByRole('button', { name: /Approach/ }).click();
    await page.getByRole('combobox', { name: 'The breath goes' }).click();
    await page.getByTitle('nose in, pursed lips out').last().click();
    await page.getByRole('button', { name: 'Done' }).click();
    await page.getByRole('button', { name: 'Approach (1)' }).waitFor();
    await page.getByRole('option', { name: /Slow nose breathing/ }).click();
    await page
      .getByText(/a longer breath out through pursed lips/)
      .first()
      .waitFor();
    await page.getByRole('button', { name: /^Undo/ }).click();
    await page
      .getByText(/a longer breath out through the mouth/)
      .first()
      .waitFor();
  });
});

describe('the load of a tilted head', () => {
  it('follows the slider and the dragged head, within the published table', async () => {
    const page = await fixture.goTo('/head-load');
    const slider = page.getByRole('slider', { name: 'Tilt of the head' });
    await slider.focus();
    await page.keyboard.press('End');
    await page.getByText('60°').first().waitFor();
    await page.getByText(/60 lb on the neck, 5.5 times as much as upright/).waitFor();
    await page.keyboard.press('Home');
    await page.getByText(/11 lb on the neck/).waitFor();
    const figure = await page.getByRole('img', { name: /A seated figure from the side/ }).boundingBox();
    if (!figure) throw new Error('no figure');
    await page.mouse.move(figure.x + 200, figure.y + 100);
    await page.mouse.down();
    await page.mouse.move(figure.x + 110, figure.y + 120, { steps: 5 });
    await page.mouse.up();
    await page.getByText(/40 lb on the neck/).waitFor();
  });

  it('hands out a break in the version of a person, with nothing that says why', async () => {
    const page = await fixture.goTo('/people/timetable-desk/needs?break=late-morning');
    const paper = page.getByRole('link', { name: 'hand-out for Tomé' });
    const answer = await fetch(new URL((await paper.getAttribute('href')) ?? '', fixture.app.url));
    expect(answer.headers.get('content-type')).toBe('application/pdf');
    const coming = page.waitForEvent('download');
    await page.getByRole('link', { name: 'page for Tomé' }).click();
    const text = readFileSync(await (await coming).path(), 'utf8');
    const [, data = ''] = /<script type="application\/json" id="break">(.*?)<\/script>/s.exec(text) ?? [];
    const { brk } = JSON.parse(data) as { brk: { brk: { items: object[] } } };
    // His wrist: the rung on which the elbow is bent.
    expect(JSON.stringify(brk.brk.items)).toContain('elbow bent');
    expect(data).not.toMatch(/"limits":\[[^\]]|Tomé/);
  });
});
