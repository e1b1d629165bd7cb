import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
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

const COMPOSED = [
  'Sit tall, feet under knees',
  'Slow nose breathing',
  'Chin nod to neutral',
  'Shoulder rolls',
  'Round and lift the spine',
  'Wrist circles',
  'Ear toward the shoulder',
  'Nose toward the armpit',
  'Arm across the chest',
  'Hands clasped forward, round the upper back',
  'Fingers up, drawn back',
  'Fingers down, drawn back',
  'Shake the hands out',
  'Arms up with the breath',
];
/** Within ten minutes, and by less than one dose step from full; the review has nothing to say. */
const fittedAndClear = async (page: Page): Promise<void> => {
  const [, minutes, seconds] = /^(\d+):([\d.]+) of 10:00/.exec(await clock(page)) ?? [];
  expect(Number(minutes) * 60 + Number(seconds)).toBeLessThanOrEqual(600);
  expect(Number(minutes) * 60 + Number(seconds)).toBeGreaterThan(585);
  await page.getByText('Review', { exact: true }).click();
  await page.getByText('Nothing stands out').waitFor();
};
/** At most so many key presses, or presses of the mouse, make a ten-minute break. */
const PRESSES = 90;
const ACTIONS = 45;

describe('a ten-minute break', () => {
  it('by keyboard alone, from the list of breaks to a clear review', async () => {
    const page = await fixture.goTo('/breaks');
    await page.getByRole('button', { name: 'New break', exact: true }).waitFor();
    let presses = 0;
    const press = async (key: string): Promise<void> => {
      await page.keyboard.press(key);
      presses++;
    };
    const type = async (text: string): Promise<void> => {
      await page.keyboard.type(text);
      presses += text.length;
    };
    await press('n');
    const empty = page.getByRole('button', { name: /^An empty sheet/ });
    await empty.waitFor();
    await expect.poll(() => empty.evaluate((b) => b === document.activeElement)).toBe(true);
    await press('Enter');
    await page.getByRole('heading', { name: 'An empty sheet' }).waitFor();
    await press('Shift+S');
    await page.waitForFunction(() => document.activeElement?.id === 'slot-minutes');
    await type('10');
    // Both keys have arrived, and the slot follows what was typed.
    await expect.poll(() => page.getByLabel('Slot in minutes').inputValue()).toBe('10');
    await press('Enter');
    await expect.poll(() => clock(page)).toContain(' of 10:00, ');

    await press('a');
    await page.getByRole('button', { name: /^Sit tall.*settle/ }).waitFor();
    // Each goes where it belongs, in whatever order it comes to mind; the word is gone after Enter.
    for (const words of [
      'sit',
      'slo n',
      'chi n',
      'shou',
      'rou',
      'wris',
      'arm ac',
      'forw u',
      'f up',
      'f do',
      'sha h',
      'ar up',
      'ear t',
      'nos t',
    ]) {
      await type(words);
      await press('Enter');
      await expect.poll(() => page.getByLabel('Find a move').inputValue()).toBe('');
    }
    await press('Escape');
    await expect.poll(() => stepNames(page)).toEqual(COMPOSED);
    // The last one is chosen, and the one above it is the ear: the two become a series.
    await press('Shift+ArrowUp');
    await press('c');
    await page.getByText('Series of 2').waitFor();

    await press('Shift+F');
    await page.getByText('Fitted', { exact: true }).waitFor();
    await expect
      .poll(() =>
        page
          .getByRole('button', { name: 'Take the fitted one' })
          .evaluate((b) => b === document.activeElement),
      )
      .toBe(true);
    await press('Enter');
    await page.getByRole('dialog').waitFor({ state: 'detached' });
    expect(presses).toBeLessThanOrEqual(PRESSES);
    await fittedAndClear(page);
    await saved(page);
  });

  it('by mouse: each move with one press', async () => {
    const page = await fixture.goTo('/breaks');
    let actions = 0;
    const press = async (name: string | RegExp, role: 'button' | 'option' = 'button'): Promise<void> => {
      await page.getByRole(role, { name }).first().click();
      actions++;
    };
    await press('New break');
    await press(/^An empty sheet/);
    await page.getByLabel('Slot in minutes').fill('10');
    await page.keyboard.press('Enter');
    actions += 3;
    const shelves: [string | null, RegExp[]][] = [
      ['breath', [/^Sit tall/, /^Slow nose/, /^Arms up with the breath/]],
      ['neck', [/^Chin nod/, /^Ear toward the shoulder/, /^Nose toward the armpit/]],
      ['shoulder', [/^Shoulder rolls/, /^Arm across/, /^Hands clasped forward/]],
      ['spine', [/^Round and lift the spine/]],
      ['wrist', [/^Wrist circles/, /^Fingers up/, /^Fingers down/, /^Shake the hands out/]],
    ];
    const add = page.getByRole('region', { name: 'Add a move' });
    for (const [shelf, moves] of shelves) {
      if (shelf) {
        await add.getByRole('button', { name: shelf, exact: true }).click();
        actions++;
      }
      for (const move of moves) {
        await add
          .getByRole('button', { name: move })
          .and(page.locator(':not([aria-pressed])'))
          .first()
          .click();
        actions++;
      }
    }
    // Where the last one went is said for a moment.
    await page.getByText(/^Shake the hands out: /).waitFor();
    await expect.poll(() => stepNames(page)).toEqual(COMPOSED);
    await page.keyboard.press('Escape');
    await row(page, 'Ear toward the shoulder').click();
    await row(page, 'Nose toward the armpit').click({ modifiers: ['Shift'] });
    await page.getByRole('heading', { name: 'Chosen together' }).waitFor();
    await press('Make a series of the chosen steps');
    await page.getByText('Series of 2').waitFor();
    await press('Fit');
    await page.getByText('Fitted', { exact: true }).waitFor();
    await press('Take the fitted one');
    actions += 2;
    await page.getByRole('dialog').waitFor({ state: 'detached' });
    expect(actions).toBeLessThanOrEqual(ACTIONS);
    await fittedAndClear(page);
    await saved(page);
  });

  it('rest, note and look round; words, rung, sets, lock, keep and mirror, each by its key', async () => {
    const page = await sheet('late-morning');
    await row(page, 'Shoulder rolls').focus();
    await page.keyboard.press('r');
    await row(page, /^.*Rest/)
      .first()
      .waitFor();
    await page.keyboard.press('o');
    await row(page, /Look round the room/).waitFor();
    await page.keyboard.press('n');
    await page.getByLabel('Your own words').waitFor();
    await page.waitForFunction(() => document.activeElement?.id === 'own-words');
    await page.keyboard.type('Who has a window, look out of it.');
    // Seven words more or less: eight words at 140 a minute are 3.43 s, rounded up to 3.5.
    await page.getByText('8 words · 4 s').waitFor();
    await row(page, /Who has a window/).waitFor();

    await row(page, /Fingers up/).focus();
    await page.keyboard.press('[');
    await page.getByText('elbow bent', { exact: false }).first().waitFor();
    await page.keyboard.press('.');
    await expect.poll(() => page.getByLabel('Sets', { exact: true }).inputValue()).toBe('2');
    await page.keyboard.press(',');
    await page.keyboard.press('l');
    await row(page, /Fingers up/)
      .getByLabel('dose locked')
      .waitFor();
    await page.keyboard.press('k');
    await row(page, /Fingers up/)
      .getByLabel('always kept')
      .waitFor();
    await page.keyboard.press('m');
    await row(page, /Fingers up.*right 15 s, left 15 s/).waitFor();
    await page.keyboard.press('m');
    await page.keyboard.press('x');
    expect((await stepNames(page)).filter((n) => n === 'Fingers up, drawn back')).toHaveLength(2);
    for (let i = 0; i < 14; i++) await page.keyboard.press('Control+z');
    await expect.poll(() => stepNames(page)).toHaveLength(11);

    // Emptied, the field of own words waits for others until it is left.
    await row(page, 'Shoulder rolls').focus();
    await page.getByRole('button', { name: 'Say it in your own words' }).click();
    const own = page.getByLabel('Your own words');
    await own.fill('');
    await own.pressSequentially('Roll.');
    expect(await own.inputValue()).toBe('Roll.');
    await own.fill('');
    await own.blur();
    await own.waitFor({ state: 'detached' });
    await saved(page);
  });

  it('cuts and copies from one break and pastes into another', async () => {
    const page = await sheet('late-morning');
    await row(page, 'Shoulder rolls').focus();
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Control+c');
    await page.getByText('2 steps copied').waitFor();
    await fixture.goTo('/breaks/between-meetings');
    await row(page, 'Sit tall').focus();
    const before = await stepNames(page);
    await page.keyboard.press('Control+v');
    expect((await stepNames(page)).slice(1, 3)).toEqual(['Shoulder rolls', 'Half-circles of the chin']);
    await page.keyboard.press('Control+x');
    await expect.poll(() => stepNames(page)).toEqual(before);
    await page.keyboard.press('Control+a');
    await page.getByText(`${before.length} of ${before.length} steps`).waitFor();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect.poll(() => stepNames(page)).toEqual(before);
    await saved(page);
  });
});

describe('by mouse, with drags', () => {
  it('a move out of the library to its place, several steps at once, and back', async () => {
    const page = await sheet('between-meetings');
    const before = await stepNames(page);
    await page.getByLabel('Find a move').fill('nose armpit');
    const from = await page.getByRole('button', { name: /^Nose toward the armpit stretch/ }).boundingBox();
    const to = await row(page, 'Arms up with the breath').boundingBox();
    if (!from || !to) throw new Error('not on the page');
    await page.mouse.move(from.x + 90, from.y + 20);
    await page.mouse.down();
    await page.mouse.move(from.x + 120, from.y + 40, { steps: 4 });
    await page.mouse.move(to.x + 250, to.y + 20, { steps: 10 });
    await page.waitForTimeout(250);
    await page.mouse.up();
    await expect
      .poll(() => stepNames(page))
      .toEqual([...before.slice(0, 3), 'Nose toward the armpit', before[3]]);

    await row(page, 'Lift and drop').click();
    await row(page, 'Look over the shoulder').click({ modifiers: ['Control'] });
    await page.getByText('2 of 5 steps').waitFor();
    const grip = await row(page, 'Lift and drop').boundingBox();
    const end = await row(page, 'Nose toward the armpit').boundingBox();
    if (!grip || !end) throw new Error('not on the page');
    await page.mouse.move(grip.x + 260, grip.y + 20);
    await page.mouse.down();
    await page.mouse.move(grip.x + 260, grip.y + 50, { steps: 4 });
    await page.mouse.move(end.x + 260, end.y + end.height - 12, { steps: 10 });
    await page.waitForTimeout(300);
    await page.mouse.move(end.x + 261, end.y + end.height - 12);
    await page.waitForTimeout(300);
    await page.mouse.up();
    await expect
      .poll(() => stepNames(page))
      .toEqual([before[0], 'Nose toward the armpit', before[1], before[2], before[3]]);
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect.poll(() => stepNames(page)).toEqual(before);
    await saved(page);
  });

  it('has every command in the menu of a right click', async () => {
    const page = await sheet('late-morning');
    await row(page, 'Wrist circles').click({ button: 'right' });
    await page.getByRole('menuitem', { name: /^Both ways, one way, the other/ }).click();
    await page.getByText('Wrist circles: never goes').first().waitFor();
    await page.getByRole('button', { name: /^Undo/ }).click();
    await saved(page);
  });
});
