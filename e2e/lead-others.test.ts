import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { monday, recordsOf, useApp } from './fixture';

const fixture = useApp({ demo: true });

/** The page before the start of a break, on a clock that runs. */
const ready = async (id = 'late-morning', query = ''): Promise<Page> => {
  const page = await fixture.open(`/lead/${id}${query}`);
  await page.getByRole('button', { name: 'Start', exact: true }).waitFor();
  return page;
};
const startIt = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.locator('main[data-part=say], main[data-part=position]').first().waitFor();
};
/** Presses “on” until work on a side is led. */
const toWork = async (page: Page, side = 'left'): Promise<void> => {
  for (let i = 0; i < 60; i++) {
    const stage = page.locator('main').first();
    const at = [await stage.getAttribute('data-side'), await stage.getAttribute('data-part')];
    if (at[0] === side && at[1] === 'work') return;
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(30);
  }
  throw new Error('no such work');
};
const sessions = () => recordsOf(fixture.app.url);

describe('other screens', () => {
  it('the group’s window follows the one that leads: no controls, no names; the leader sees the script', async () => {
    const leader = await ready();
    await startIt(leader);
    await leader.getByRole('button', { name: 'Other screens' }).click();
    const [group] = await Promise.all([
      fixture.context.waitForEvent('page'),
      leader.getByRole('button', { name: 'A window for the group' }).click(),
    ]);
    await leader.getByRole('button', { name: 'Close' }).click();
    await leader.getByTestId('leader').waitFor();
    await leader.getByText('their own versions, on this screen only').waitFor();
    await group.locator('main[data-side]').waitFor();
    expect(await group.getByRole('button').count()).toBe(0);
    const people = await (await fetch(`${fixture.app.url}/api/groups/timetable-desk/people`)).json();
    const names = (people as { value: { name: string } }[]).map((p) => p.value.name);
    for (let i = 0; i < 14; i++) {
      await leader.keyboard.press('ArrowRight');
      await leader.waitForTimeout(60);
      const text = (await group.locator('body').textContent()) ?? '';
      for (const name of names) expect(text).not.toContain(name);
    }
    // The same number at the same moment, give or take one that just changes.
    await leader.keyboard.press('Space');
    await expect.poll(() => group.getByText('Paused').count()).toBe(1);
    const [a, b] = [leader, group].map((p) => p.getByTestId('count'));
    await expect.poll(async () => (await a!.textContent()) === (await b!.textContent())).toBe(true);
    await group.close();
    // One window works alone again.
    await leader.getByRole('button', { name: 'Something happened' }).waitFor();
    await leader.close();
  });

  it('everyone’s own screen by a link: in step, late as well, with the easier version if one likes', async () => {
    const leader = await ready();
    await leader.getByRole('button', { name: 'Other screens' }).click();
    await leader.getByRole('button', { name: 'A link for everyone’s own screen' }).click();
    const link = await leader.getByLabel('Link for everyone').inputValue();
    await leader.getByRole('button', { name: 'Close' }).click();
    await startIt(leader);
    await toWork(leader);
    const screen = await fixture.context.newPage();
    await screen.goto(link);
    await expect.poll(() => screen.locator('main').getAttribute('data-side')).toBe('left');
    // Count and moment are taken at once, in the page: an answer that comes late says nothing of how late the page is.
    const shown = (page: Page) =>
      page.getByTestId('count').evaluate((el) => ({ left: Number(el.textContent), at: Date.now() }));
    const [mine, theirs] = [await shown(leader), await shown(screen)];
    // Both count down by one clock: what a later look shows is lower by the time between the two looks. Each shows begun
    // seconds, so that they differ by up to one; half a second more is what nobody who looks from one to the other notices.
    expect(Math.abs(mine.left - theirs.left - (theirs.at - mine.at) / 1000)).toBeLessThanOrEqual(1.5);
    await leader.keyboard.press('Space');
    await screen.getByText('Paused', { exact: true }).waitFor();
    const still = (await shown(screen)).left;
    await leader.keyboard.press('ArrowUp');
    await expect.poll(async () => (await shown(screen)).left).toBe(still + 10);
    await leader.keyboard.press('ArrowDown');
    await expect.poll(async () => (await shown(screen)).left).toBe(still);
    await leader.keyboard.press('Escape');
    await leader.getByRole('button', { name: 'Stop and keep the record' }).click();
    await screen.getByText('Thank you. That was it.').waitFor();
    await screen.close();
    await leader.close();
  });

  it('a phone steers by a code that counts once: pause, go on, one more breath, a note to everyone', async () => {
    const leader = await ready();
    await startIt(leader);
    await leader.getByRole('button', { name: 'Other screens' }).click();
    await leader.getByRole('button', { name: 'A phone as remote' }).click();
    const code = ((await leader.getByTestId('remote-code').textContent()) ?? '').replace(/\s/g, '');
    expect(code).toMatch(/^\d{6}$/);
    const phone = await fixture.context.newPage();
    await phone.setViewportSize({ width: 390, height: 844 });
    await phone.goto(`${fixture.app.url}/remote`);
    await phone.getByLabel('The code on the screen that leads').fill('000 000');
    await phone.getByRole('button', { name: 'Join' }).click();
    await phone.getByText('This code does not count, or no more.').waitFor();
    await phone.getByLabel('The code on the screen that leads').fill(code);
    await phone.getByRole('button', { name: 'Join' }).click();
    await phone.getByRole('button', { name: 'Pause' }).click();
    await leader.getByText('Paused', { exact: true }).waitFor();
    await phone.getByRole('button', { name: 'Go on' }).click();
    await expect.poll(() => leader.getByText('Paused', { exact: true }).count()).toBe(0);
    await phone.getByLabel('Say to everyone').fill('Two more minutes');
    await phone.getByRole('button', { name: 'Say it' }).click();
    await leader.getByText('Two more minutes').waitFor();
    await phone.getByRole('button', { name: 'Wait for me' }).click();
    await expect
      .poll(() => leader.getByRole('button', { name: 'Wait for me' }).getAttribute('aria-pressed'))
      .toBe('true');
    // Used up: another phone does not come in by it.
    const other = await fixture.context.newPage();
    await other.goto(`${fixture.app.url}/remote#${code}`);
    await other.getByRole('button', { name: 'Join' }).click();
    await other.getByText('This code does not count, or no more.').waitFor();
    await leader.getByRole('button', { name: 'Take it back' }).click();
    await phone.getByText('This remote was taken back').waitFor();
    for (const page of [other, phone, leader]) await page.close();
  });
});

describe('steered from afar', () => {
  it('a clicker starts, pauses, goes on and goes back; space presses what has the focus', async () => {
    const page = await ready();
    await page.keyboard.press('PageDown');
    await page.locator('main[data-part=say], main[data-part=position]').first().waitFor();
    await page.keyboard.press('PageUp');
    await page.getByText('Paused', { exact: true }).waitFor();
    await page.keyboard.press('PageDown');
    await expect.poll(() => page.getByText('Paused', { exact: true }).count()).toBe(0);
    const mirror = page.getByRole('button', { name: 'Mirror', exact: true });
    await mirror.focus();
    await page.keyboard.press('Space');
    await page.getByRole('button', { name: 'Mirrored' }).waitFor();
    expect(await page.getByText('Paused', { exact: true }).count()).toBe(0);
    await page.close();
  });

  it('waits for the instructor before each step', async () => {
    const page = await ready();
    await startIt(page);
    await page.keyboard.press('w');
    // To the way back of a step: the next one begins only when it is asked for.
    const part = page.getByRole('main');
    for (let i = 0; i < 12 && (await part.getAttribute('data-part')) !== 'return'; i++) {
      await page.keyboard.press('ArrowRight');
      await page.waitForTimeout(40);
    }
    expect(await part.getAttribute('data-part')).toBe('return');
    const waits = page.getByText('wait here', { exact: true });
    await waits.waitFor();
    await page.keyboard.press('w');
    await waits.waitFor({ state: 'detached' });
    await page.close();
  });

  it('stop, then go on, keeps a pause; stopped while it is counted in, nothing is recorded', async () => {
    const before = (await sessions()).length;
    const page = await ready();
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Stop and keep the record' }).click();
    await page.getByRole('button', { name: 'Start', exact: true }).waitFor();
    expect((await sessions()).length).toBe(before);
    await startIt(page);
    await page.keyboard.press('Space');
    await page.getByText('Paused', { exact: true }).waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Go on' }).last().click();
    await page.getByText('Stop here?').waitFor({ state: 'detached' });
    expect(await page.getByText('Paused', { exact: true }).count()).toBe(1);
    await page.close();
  });
});

describe('what is kept while it is led', () => {
  it('goes on after a reload in the middle, with the same record', async () => {
    const before = new Set((await sessions()).map((s) => s.value.id));
    const page = await ready();
    await startIt(page);
    await toWork(page);
    await page.waitForTimeout(1300);
    await page.reload();
    await page.getByText('You were in the middle of this break.').waitFor();
    // Whoever opens leading anew is led there as well.
    await page.goto(`${fixture.app.url}/lead`);
    await page.getByText('You were in the middle of “Late-morning neck and wrists”.').waitFor();
    await page.getByRole('link', { name: 'Go on with it' }).click();
    await page.getByRole('button', { name: 'Go on where it was' }).click();
    await page.getByText('Paused', { exact: true }).waitFor();
    expect(await page.locator('main').getAttribute('data-side')).toBe('left');
    await page.keyboard.press('Space');
    await page.waitForTimeout(600);
    await toWork(page, 'right');
    await page.waitForTimeout(1500);
    await page.keyboard.press('Shift+ArrowRight');
    for (let i = 0; i < 60 && (await page.getByText('The record is kept.').count()) === 0; i++) {
      await page.keyboard.press('Shift+ArrowRight');
      await page.waitForTimeout(60);
    }
    await page.getByText('The record is kept.').waitFor();
    const made = (await sessions()).filter((s) => !before.has(s.value.id));
    expect([made.length, made[0]?.value.ended]).toEqual([1, 'finished']);
    // What was done before the reload and what was done after it are both in it.
    const worked = made[0]!.value.parts.filter((p) => p.kind === 'work' && p.doneMs > 1000);
    expect(new Set(worked.map((p) => p.side))).toEqual(new Set(['left', 'right']));
    expect(made[0]!.value.parts.filter((p) => p.kind === 'work' && p.doneMs > 1000).length).toBeGreaterThan(
      0,
    );
    await page.goto(`${fixture.app.url}/lead/late-morning`);
    await page.getByRole('button', { name: 'Start', exact: true }).waitFor();
    expect(await page.getByText('You were in the middle').count()).toBe(0);
    await page.close();
  });

  it('has who came, a round of fingers, and what hurt whom in two presses', async () => {
    const page = await ready('late-morning', '?group=timetable-desk');
    await page.getByText('by name').click();
    await page.getByRole('group', { name: 'Who is there' }).getByRole('button', { name: 'Ilse M.' }).click();
    await page.getByLabel('How many are there').fill('6');
    await page.getByLabel('or a round of fingers').fill('3 5 2 7 11');
    await page.getByText('A number must be at most 10; 11 was typed.').waitFor();
    await page.getByLabel('or a round of fingers').fill('3 5 2 7');
    await page.getByText('4 shown, the middle one is 3').waitFor();
    await page.getByText('by area').click();
    await page.getByLabel('Tension, neck, 0 to 10').fill('6');
    await startIt(page);
    await toWork(page);
    await page.getByRole('button', { name: 'Something happened' }).click();
    await page.getByRole('button', { name: 'hurts' }).click();
    await page.getByRole('button', { name: 'Ilse M.' }).click();
    await page.getByText(/Noted at .*Ilse M\., pain\. Out of it, back to neutral/).waitFor();
    await expect.poll(async () => (await sessions())[0]?.value.events.map((e) => e.what)).toEqual(['pain']);
    const [{ value }] = (await sessions()) as [Awaited<ReturnType<typeof sessions>>[number]];
    expect(value.areas).toEqual([{ area: 'neck', before: 6, after: null }]);
    expect([value.came.count, value.came.people.length, value.fingers.before, value.tensionBefore]).toEqual([
      6,
      1,
      [3, 5, 2, 7],
      3,
    ]);
    await page.close();
  });

  it('stands in the week beside what was planned', async () => {
    const page = await fixture.open('/week/timetable-desk/'.concat(monday));
    const grip = page.getByRole('slider').first();
    await grip.focus();
    await page.getByRole('button', { name: 'Lead it' }).click();
    await page.getByRole('button', { name: 'Start', exact: true }).waitFor();
    await startIt(page);
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(1200);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Stop and keep the record' }).click();
    await page.getByText('The record is kept.').waitFor();
    await page.getByRole('button', { name: 'Back to the week' }).click();
    await page.getByText(/1 led · longest run|1 led ·/).waitFor();
    await grip.focus();
    expect(await grip.getAttribute('aria-valuetext')).toMatch(/Led: 0:0\d of .* min, .*stopped/);
    await page.getByText(/^Led: 0:0\d of/).waitFor();
    await page.close();
  });
});
