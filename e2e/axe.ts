import AxeBuilder from '@axe-core/playwright';
import type { Page } from 'playwright-core';
import { expect } from 'vitest';

/** Serious and critical findings of axe on a page, or on the part of it that is new, as short lines. */
export const axe = async (page: Page, within?: string): Promise<string[]> => {
  const builder = new AxeBuilder({ page });
  if (within) builder.include(within);
  const { violations } = await builder
    // What passes is not described: that takes longer than everything else. Nor are style sheets fetched once more, for
    // the one rule (of turned screens) that reads them.
    .options({ resultTypes: ['violations'], preload: false })
    // There are no frames to gather from; without a second page for that it takes half the time.
    .setLegacyMode(true)
    // Inside a drawing there is nothing to name or press; the drawing itself is looked at.
    .exclude('svg *')
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => n.target.join(' '))
          .slice(0, 3)
          .join(' | ')}`,
    );
};

const DIALOG = '[role=dialog]';

/** The main buttons of a dialog that one has to scroll to. */
const outOfSight = (page: Page): Promise<string[]> =>
  page.evaluate(
    (dialog) =>
      [...document.querySelectorAll(`${dialog} .ant-btn-primary`)].flatMap((button) =>
        button.getBoundingClientRect().bottom > innerHeight ? [button.textContent ?? ''] : [],
      ),
    DIALOG,
  );

/** The dialog that is open has nothing serious for axe, and its main buttons can be seen without scrolling. */
export const expectGoodDialog = async (page: Page): Promise<void> => {
  await page.getByRole('dialog').waitFor();
  await expect.poll(() => page.evaluate(() => document.getAnimations().length)).toBe(0);
  expect(await axe(page, DIALOG)).toEqual([]);
  expect(await outOfSight(page)).toEqual([]);
};
