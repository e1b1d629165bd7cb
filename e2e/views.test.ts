import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { axe } from './axe';
import { monday, useApp } from './fixture';

// Nothing here changes what is kept.
const fixture = useApp({ demo: true, story: true });

const views: [name: string, path: string, ready: string][] = [
  ['today', '/today', 'The day, group by group'],
  ['all groups', '/weeks', 'The week, group by group'],
  ['breaks', '/breaks', 'Late-morning neck and wrists'],
  ['the sheet', '/breaks/late-morning', 'Ear toward the shoulder'],
  ['people', '/people', 'People in Timetable desk'],
  ['moves', '/moves', 'Slow nose breathing'],
  ['one move', '/moves/ear-to-shoulder', 'Take care'],
  ['making a move', '/moves/new', 'Rungs, from the easiest to the strongest'],
  ['who needs what', '/people/timetable-desk/needs?break=late-morning', 'Before the start, to everyone'],
  ['the approach', '/approach', 'Circles of the head'],
  ['the load of a head', '/head-load', 'What it does not mean'],
  ['the numbers', '/numbers', 'Where the numbers come from'],
  ['the data', '/data', 'What cannot be read'],
  ['accounts', '/accounts', 'Nobody has to sign in'],
  ['one’s own account', '/account', 'Nobody signs in here'],
  ['what was done', '/deeds', 'entries go after'],
  ['the week', '/week', 'Rule of the week'],
  ['rules compared', `/week/timetable-desk/${monday}/compare`, 'Breaks a day'],
  ['led sessions', `/week/timetable-desk/${monday}/led`, 'Find the best times'],
  ['the outbox', '/outbox', 'A stand-in for the channel'],
  ['the page to print', `/print/week/timetable-desk/${monday}`, 'Stretch breaks'],
  ['choosing what to lead', '/lead', 'Lead which break?'],
  ['before leading', '/lead/late-morning', 'What is coming'],
  ['the log', '/log', 'Done of planned'],
  ['a record', '/log/demo-session-1', 'Planned against done'],
  ['writing down a break', '/log/new', 'one of my breaks'],
  ['what the log shows', '/trends/timetable-desk', 'What to change next'],
  ['a measure', '/measure/timetable-desk?person=p-4', 'Where it is tight'],
  ['the month’s page', '/print/month/timetable-desk/2026-10', 'Stretch breaks in'],
  ['nothing', '/nowhere', 'There is nothing here'],
];

/** Everything has been fetched, drawn and has stopped moving. */
const settled = async (page: Page, ready: string): Promise<Page> => {
  await page.getByText(ready).first().waitFor();
  await page.evaluate(() => document.fonts.ready);
  await expect.poll(() => page.evaluate(() => document.getAnimations().length)).toBe(0);
  return page;
};
const goTo = async (path: string, ready: string): Promise<Page> => settled(await fixture.goTo(path), ready);

/** By how much the page, or what is between its bars, is wider than what is seen of it, px. */
const widerBy = (page: Page): Promise<number> =>
  page.evaluate(() =>
    Math.max(
      ...[document.documentElement, document.querySelector('main')].map((part) =>
        part ? part.scrollWidth - part.clientWidth : 0,
      ),
    ),
  );

/** What can be pressed and stands beyond the edge of its card or toolbar, where it lies on or under something else. */
const standingOut = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll('main button, main a, main input')].flatMap((part) => {
      const around = part.closest('[role=toolbar], .card, aside');
      const { right, left, width } = part.getBoundingClientRect();
      if (!around || width === 0) return [];
      const edge = around.getBoundingClientRect();
      const out = right > edge.right + 1 || left < edge.left - 1;
      // What scrolls by itself reaches further than it shows.
      for (let up = part.parentElement; out && up; up = up === around ? null : up.parentElement)
        if (/auto|scroll/.test(getComputedStyle(up).overflowX)) return [];
      return out ? [part.getAttribute('aria-label') ?? part.textContent ?? part.tagName] : [];
    }),
  );

/** Names that are cut off, and words that stand out of the row of the sheet they belong to. */
const cutOff = (page: Page): Promise<string[]> =>
  page.evaluate(() => [
    ...[...document.querySelectorAll('main [class*=name]')]
      .filter((name) => name.scrollWidth > name.clientWidth + 1)
      .map((name) => `cut: ${name instanceof HTMLInputElement ? name.value : name.textContent}`),
    ...[...document.querySelectorAll('[data-step] > *')]
      .filter((words) => {
        const below = words.getBoundingClientRect().bottom;
        return below > (words.parentElement?.getBoundingClientRect().bottom ?? 0) + 1;
      })
      .map((words) => `out of its row: ${words.textContent}`),
  ]);

describe('a view has nothing serious for axe and does not scroll sideways at 1280 or 1024', () => {
  it.each(views)('%s', async (_, path, ready) => {
    const page = await goTo(path, ready);
    await page.setViewportSize({ width: 1280, height: 800 });
    expect(await axe(page)).toEqual([]);
    expect(await widerBy(page)).toBe(0);
    expect(await standingOut(page)).toEqual([]);
    expect(await cutOff(page)).toEqual([]);
    await page.setViewportSize({ width: 1024, height: 768 });
    // Charts follow the window a frame later.
    await expect.poll(() => widerBy(page)).toBe(0);
    expect(await standingOut(page)).toEqual([]);
    expect(await cutOff(page)).toEqual([]);
  });
});

describe('what opens later', () => {
  it('what has the focus can be seen', async () => {
    const page = await goTo('/breaks', 'Late-morning neck and wrists');
    for (let i = 0; i < 12; i++) {
      await page.keyboard.press('Tab');
      const seen = await page.evaluate(() => {
        const at = document.activeElement;
        if (!at || at === document.body) return '';
        const { outlineStyle, outlineWidth, boxShadow } = getComputedStyle(at);
        return (outlineStyle !== 'none' && outlineWidth !== '0px') || boxShadow !== 'none'
          ? ''
          : at.outerHTML;
      });
      expect(seen, 'the element whose focus cannot be seen').toBe('');
    }
  });

  it('the stage has nothing serious for axe, and fits a phone', async () => {
    const page = await goTo('/lead/late-morning', 'What is coming');
    await page.setViewportSize({ width: 390, height: 844 });
    expect(await widerBy(page)).toBe(0);
    await page.getByRole('button', { name: 'Start' }).click();
    await page.getByRole('button', { name: 'Pause' }).waitFor();
    await page.waitForTimeout(3500);
    await page.keyboard.press('Space');
    expect(await axe(page)).toEqual([]);
    expect(await widerBy(page)).toBe(0);
    const stop = await page.getByRole('button', { name: 'Stop' }).boundingBox();
    expect((stop?.y ?? 999) + (stop?.height ?? 0)).toBeLessThanOrEqual(844);
  });
});
