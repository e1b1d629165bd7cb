import { mondayOf } from '@kotabi/core/schedule';
import type { BrowserContext, Page } from 'playwright-core';
import { afterAll, beforeAll, expect } from 'vitest';
import { type RunningApp, startApp } from './app';
import { openBrowser } from './browser';

/** The Monday of this week, as the demo data lies around it. */
export const monday = mondayOf(new Date().toISOString().slice(0, 10));

export interface Fixture {
  app: RunningApp;
  context: BrowserContext;
  /** A page on a path of the application; anything that breaks in it fails the test file. */
  open: (path: string, prepare?: (page: Page) => Promise<void>) => Promise<Page>;
}

/** The application and a browser for one test file. */
export const useApp = (options: {
  demo: boolean;
  viewport?: { width: number; height: number };
  moving?: boolean;
}): Fixture => {
  const fixture = {} as Fixture;
  const errors: string[] = [];
  let close: () => Promise<void>;
  beforeAll(async () => {
    fixture.app = await startApp({ demo: options.demo });
    const browser = await openBrowser(options.viewport, options.moving);
    fixture.context = browser.context;
    close = browser.close;
    fixture.open = async (path, prepare) => {
      const page = await fixture.context.newPage();
      page.setDefaultTimeout(10_000);
      page.on('pageerror', (error) => errors.push(error.message));
      await prepare?.(page);
      await page.goto(fixture.app.url + path);
      return page;
    };
  });
  afterAll(async () => {
    await close?.();
    await fixture.app?.stop();
    expect(errors).toEqual([]);
  });
  return fixture;
};

/** The names of the steps on the sheet, in order. */
export const stepNames = (page: Page): Promise<string[]> =>
  page
    .getByRole('option')
    .evaluateAll((rows) => rows.map((row) => row.querySelector('[class*=name]')?.textContent ?? ''));

/** Waits until autosave says that everything is kept. */
export const saved = (page: Page): Promise<void> =>
  page
    .getByRole('status')
    .filter({ hasText: /^Saved$/ })
    .first()
    .waitFor();
