import { readFileSync } from 'node:fs';
import type { Kept, Move } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { saved, stepNames, useApp } from './fixture';

describe('the library', () => {
  const fixture = useApp({ demo: true, story: true });

  it('finds a move by a name with a typo, and opens it with Enter', async () => {
    const page = await fixture.goTo('/moves');
    await page.getByLabel('Find a move').fill('sholder rols');
    await page.getByRole('heading', { name: /Found, the best first/ }).waitFor();
    await page.getByRole('link', { name: /Shoulder rolls/ }).waitFor();
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: 'Shoulder rolls', level: 1 }).waitFor();
    await page.getByText('rhomboids').first().waitFor();
  });

  it('shows standing and floor moves only when asked for', async () => {
    const page = await fixture.goTo('/moves');
    // The list is as it was left.
    await page.getByLabel('Find a move').fill('');
    await page.getByRole('link', { name: /Slow nose breathing/ }).waitFor();
    await expect.poll(() => page.getByRole('link', { name: /Chest at the wall/ }).count()).toBe(0);
    await page.getByRole('checkbox', { name: 'standing' }).check();
    await page.getByRole('link', { name: /Chest at the wall/ }).waitFor();
    await expect.poll(() => page.getByRole('link', { name: /Open like a book/ }).count()).toBe(0);
  });

  it('shows both ways of a move: words, figure and where it is felt change over together', async () => {
    const page = await fixture.goTo('/moves/nose-to-armpit');
    await page.getByText('The nose goes toward the left armpit; felt on the right').waitFor();
    const figure = page.getByRole('region', { name: 'Figure' });
    const label = () => figure.locator('svg[role=img]').first().getAttribute('aria-label');
    await expect.poll(() => label()).toMatch(/turned to the left/);
    await figure.getByText('right', { exact: true }).first().click();
    await expect.poll(label).toMatch(/turned to the right/);
    await page.getByRole('radio', { name: /hand’s weight/ }).click();
    await page.getByText('lay the right hand on the back of the head').waitFor();
  });

  it('takes a figure away as SVG and as PNG', async () => {
    const page = await fixture.goTo('/moves/arm-across');
    const figure = page.getByRole('region', { name: 'Figure' });
    for (const [kind, begins] of [
      ['SVG', '<svg'],
      ['PNG', '\u0089PNG'],
    ] as const) {
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        figure.getByRole('button', { name: kind }).click(),
      ]);
      expect(download.suggestedFilename()).toBe(`Arm-across-the-chest-left.${kind.toLowerCase()}`);
      const bytes = readFileSync(await download.path());
      expect(bytes.toString('latin1').startsWith(begins)).toBe(true);
      expect(bytes.length).toBeGreaterThan(4000);
      if (kind === 'SVG') expect(bytes.toString()).not.toContain('var(--');
    }
  });

  it('moves, and stands still when the system asks for less motion', async () => {
    const page = await fixture.open('/moves/shoulder-rolls', (p) =>
      p.emulateMedia({ reducedMotion: 'no-preference' }),
    );
    const drawing = () =>
      page.getByRole('region', { name: 'Figure' }).locator('svg[role=img]').first().innerHTML();
    await page.getByRole('heading', { name: 'Shoulder rolls', level: 1 }).waitFor();
    const first = await drawing();
    await expect.poll(drawing).not.toBe(first);
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await expect
      .poll(async () => {
        const before = await drawing();
        await page.waitForTimeout(300);
        return (await drawing()) === before;
      })
      .toBe(true);
    await page.close();
  });
});

describe('an own move', () => {
  const fixture = useApp({ demo: true, story: true });
  const ownMoves = async (): Promise<Kept<Move>[]> =>
    (await (await fetch(`${fixture.app.url}/api/moves`)).json()) as Kept<Move>[];

  it('is copied, posed with the mouse and by key, kept, used in a break, and put away', async () => {
    const page = await fixture.goTo('/moves/arm-across');
    await page.getByRole('button', { name: 'Copy as my own' }).click();
    const name = page.getByRole('textbox', { name: 'Name', exact: true });
    await name.waitFor();
    await expect.poll(() => name.inputValue()).toBe('Arm across the chest, my way');
    await name.fill('Arm across, nodding');
    const figure = page.getByRole('region', { name: 'Figure' });
    // With the mouse: draw the head down.
    const head = figure.locator('circle[data-handle=head]');
    await head.scrollIntoViewIfNeeded();
    const box = await head.boundingBox();
    if (!box) throw new Error('the head has no handle');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 20, box.y + box.height / 2 + 18, { steps: 6 });
    await page.mouse.up();
    const tilt = figure.getByRole('slider', { name: 'Tilt left / right' });
    const tilted = async (): Promise<number> => Number(await tilt.getAttribute('aria-valuenow'));
    await expect.poll(tilted).toBeGreaterThan(3);
    // What the hand drew in one go is taken back in one go.
    const drawn = await tilted();
    await figure.getByRole('button', { name: 'Take back the last change of the poses' }).click();
    await expect.poll(tilted).toBe(0);
    await figure.getByRole('button', { name: 'Do it again' }).click();
    await expect.poll(tilted).toBe(drawn);
    // Drawn out of the picture, the hand keeps its handle where it can be reached.
    const hand = figure.locator('circle[data-handle="left hand"]');
    const start = await hand.boundingBox();
    const picture = await figure.locator('svg:has(circle)').boundingBox();
    if (!start || !picture) throw new Error('the hand has no handle');
    await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2);
    await page.mouse.down();
    await page.mouse.move(start.x + 60, picture.y - 60, { steps: 4 });
    const held = await hand.boundingBox();
    expect(held?.y).toBeGreaterThanOrEqual(picture.y - 1);
    await page.mouse.up();
    await figure.getByRole('button', { name: 'Take back the last change of the poses' }).click();
    await figure.getByRole('radiogroup', { name: 'Part of the body' }).getByText('head').click();
    // By key: turn it, a degree a press.
    const turn = figure.getByRole('slider', { name: 'Turn left / right' });
    await turn.focus();
    for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowRight');
    await expect.poll(() => turn.getAttribute('aria-valuenow')).toBe('12');
    await page.keyboard.press('Control+z');
    await expect.poll(() => turn.getAttribute('aria-valuenow')).toBe('11');
    await page.keyboard.press('Control+Shift+z');
    await expect.poll(() => turn.getAttribute('aria-valuenow')).toBe('12');
    await figure.getByText(/Head .*turned to the left 10°/).waitFor();
    await page.getByRole('button', { name: 'Keep this move' }).click();
    await page.getByRole('heading', { name: 'Arm across, nodding', level: 1, exact: true }).waitFor();
    const [kept] = await ownMoves();
    expect(kept?.value.figure?.poses.at(-1)?.angles['neck.turn']).toBe(12);
    expect(kept?.value.id).not.toBe('arm-across');

    await fixture.goTo('/breaks/late-morning');
    await page.getByLabel('Find a move').fill('nodding');
    await page
      .getByRole('button', { name: /Arm across, nodding/ })
      .first()
      .click();
    await saved(page);
    await expect.poll(() => stepNames(page)).toContain('Arm across, nodding');

    await fixture.goTo(`/moves/${kept?.value.id}`);
    await page.getByRole('link', { name: 'Late-morning neck and wrists' }).waitFor();
    await page.getByRole('button', { name: 'Put away' }).click();
    await page.getByRole('button', { name: 'Bring back' }).waitFor();
    await fixture.goTo('/moves');
    await page.getByRole('link', { name: /Slow nose breathing/ }).waitFor();
    await expect.poll(() => page.getByRole('link', { name: /nodding/ }).count()).toBe(0);
    await page.getByRole('checkbox', { name: 'put away (1)' }).check();
    await page.getByRole('link', { name: /nodding/ }).waitFor();
    await page.getByRole('checkbox', { name: 'put away (1)' }).uncheck();
    // The break that uses it keeps it.
    await fixture.goTo('/breaks/late-morning');
    await page.getByRole('option', { name: /Arm across, nodding/ }).waitFor();
    await fixture.goTo(`/moves/${kept?.value.id}`);
    await page.getByRole('button', { name: 'Bring back' }).click();
    await page.getByRole('button', { name: 'Put away' }).waitFor();
  });

  it('is not kept while something is wrong; every wrong field is named and nothing typed is lost', async () => {
    const page = await fixture.goTo('/moves/new');
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Half a move');
    await page.getByRole('textbox', { name: 'Second side', exact: true }).fill('');
    await page.getByRole('spinbutton', { name: 'Least' }).fill('50');
    await page.getByRole('button', { name: 'Keep this move' }).click();
    const alert = page.getByRole('alert');
    await alert.getByText('a two-way move needs a second-side cue').waitFor();
    await alert.getByText('doses must rise from least to usual to most').waitFor();
    await expect
      .poll(() => page.getByRole('textbox', { name: 'Name', exact: true }).inputValue())
      .toBe('Half a move');
    await page.getByRole('spinbutton', { name: 'Least' }).fill('10');
    await page.getByRole('textbox', { name: 'Second side', exact: true }).fill('And the {side}.');
    await page.getByRole('button', { name: 'Keep this move' }).click();
    // What the form began with is nothing to lead with: each place that still says it is named.
    await alert.getByText('still says what it said to begin with').first().waitFor();
    expect(await alert.getByText('still says what it said to begin with').count()).toBe(3);
    await page.getByRole('textbox', { name: 'What it is for' }).fill('Lets half of a shoulder go.');
    await page.getByRole('textbox', { name: 'Set up', exact: true }).fill('Let the {side} arm hang.');
    await page.getByRole('textbox', { name: 'Check', exact: true }).fill('Chin level.');
    await page.getByRole('button', { name: 'Keep this move' }).click();
    await page.getByRole('heading', { name: 'Half a move', level: 1, exact: true }).waitFor();
  });

  it('has a rung posed by itself, which then looks different, and takes the move’s poses again', async () => {
    const page = await fixture.goTo('/moves/new?from=lift-and-drop');
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Lift, one rung of its own');
    const rungs = page.getByRole('region', { name: 'Rungs' });
    await rungs.getByRole('button', { name: 'Pose it by itself' }).first().click();
    const figure = page.getByRole('region', { name: 'Figure' });
    await figure.getByText('of the rung “small”').waitFor();
    const tilt = figure.getByRole('slider', { name: 'Tilt left / right' });
    await tilt.focus();
    for (let i = 0; i < 9; i++) await page.keyboard.press('ArrowRight');
    await page.getByRole('button', { name: 'Keep this move' }).click();
    await page.getByRole('heading', { name: 'Lift, one rung of its own', level: 1, exact: true }).waitFor();
    const kept = (await ownMoves()).find((m) => m.value.name === 'Lift, one rung of its own');
    expect(kept?.value.rungs[0]?.figure?.poses.at(-1)?.angles['neck.side']).toBe(9);
    expect(kept?.value.figure?.poses.at(-1)?.angles['neck.side']).toBeUndefined();
    await fixture.goTo(`/moves/${kept?.value.id}/edit`);
    await rungs.getByRole('button', { name: 'As the move' }).click();
    await page.getByRole('button', { name: 'Keep this move' }).click();
    await page.getByRole('heading', { name: 'Lift, one rung of its own', level: 1, exact: true }).waitFor();
    const after = (await ownMoves()).find((m) => m.value.id === kept?.value.id);
    expect(after?.value.rungs[0]?.figure).toBeUndefined();
  });

  it('goes out as a file and comes in again; a broken file is named with its place', async () => {
    const page = await fixture.goTo('/moves/seated-turn');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'File' }).click(),
    ]);
    const text = readFileSync(await download.path(), 'utf8');
    expect(download.suggestedFilename()).toMatch(/\.kotabi-moves\.json$/);
    const mine = text
      .replace('"id": "seated-turn"', '"id": "from-a-friend"')
      .replace('Turn and hold the chair back', 'Turn, a friend’s way');
    await fixture.goTo('/moves');
    const field = page.getByLabel('File of moves');
    await field.setInputFiles({
      name: 'bad.json',
      mimeType: 'application/json',
      buffer: Buffer.from(mine.replace('"kind": "stretch"', '"kind": "wobble"')),
    });
    await page
      .getByText(/must be one of settle, breathe/)
      .first()
      .waitFor();
    await page.keyboard.press('Escape');
    await field.setInputFiles({ name: 'good.json', mimeType: 'application/json', buffer: Buffer.from(mine) });
    await page.getByText('1 move came in.').waitFor();
    await page.getByRole('link', { name: /Turn, a friend’s way/ }).waitFor();
  });
});

describe('a rung', () => {
  const fixture = useApp({ demo: true, story: true });

  it('is chosen on the sheet: the words and the figure follow it, and undo takes it back', async () => {
    const page = await fixture.goTo('/breaks/late-morning');
    await page.getByRole('option', { name: /Ear toward the shoulder/ }).click();
    const side = page.getByRole('complementary', { name: 'Chosen step and review' });
    await side.getByText('The head hangs by its own weight.').waitFor();
    await side.getByRole('combobox', { name: 'Rung' }).click();
    await page.getByTitle(/hand’s weight/).click();
    await side.getByText(/lay your left hand over the head; it only weighs/).waitFor();
    await saved(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Undo/ }).click();
    await side.getByText('The head hangs by its own weight.').waitFor();

    // A second movement while it is held: said, told on the sheet, and judged.
    const row = page.getByRole('option', { name: /Ear toward the shoulder/ });
    await side.getByText('More about the dose').click();
    await side.getByRole('combobox', { name: 'At the same time' }).click();
    await page.keyboard.type('Straighten the knee');
    await page.keyboard.press('Enter');
    await row.getByText(/^meanwhile 10 times: straighten the knee/).waitFor();
    await side.getByText(/At the same time: .*Straighten your right knee.* Ten times\./).waitFor();
    await side.getByText(/10 times takes about 40 s, and there are 20 s/).waitFor();
    await side.getByRole('spinbutton', { name: 'How often' }).fill('5');
    await row.getByText(/^meanwhile 5 times: /).waitFor();
  });
});
