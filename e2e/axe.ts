import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { AxeResults } from 'axe-core';
import type { Page } from 'playwright-core';
import { expect } from 'vitest';

const source = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

const OPTIONS = {
  runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'],
  // What passes is not described: that takes longer than everything else. Nor are style sheets fetched once more, for the
  // one rule (of turned screens) that reads them.
  resultTypes: ['violations'],
  preload: false,
};

/** Serious and critical findings of axe on a page, or on the part of it that is new, as short lines. */
export const axe = async (page: Page, within?: string): Promise<string[]> => {
  // It is big: a page that goes on has it only once.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(source);
  // Inside a drawing there is nothing to name or press; the drawing itself is looked at.
  const where = { ...(within !== undefined && { include: [[within]] }), exclude: [['svg *']] };
  const violations = await page.evaluate(
    async ([context, options]) => {
      type Run = (context: unknown, options: unknown) => Promise<AxeResults>;
      const found = await (window as unknown as { axe: { run: Run } }).axe.run(context, options);
      return found.violations.map(({ id, impact, nodes }) => ({
        id,
        impact,
        at: nodes.slice(0, 3).map((n) => n.target.join(' ')),
      }));
    },
    [where, OPTIONS] as const,
  );
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id}: ${v.at.join(' | ')}`);
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
