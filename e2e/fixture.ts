import { join } from 'node:path';
import type { Kept, Session } from '@kotabi/core/model';
import { mondayOf } from '@kotabi/core/schedule';
import type { BrowserContext, Locator, Page } from 'playwright-core';
import { afterAll, afterEach, beforeEach, expect, inject } from 'vitest';
import { type RunningApp, startApp } from './app';
import { type ContextWish, openContext } from './browser';

/** The Monday of this week, as the demo data lies around it. */
export const monday = mondayOf(new Date().toISOString().slice(0, 10));

/** Sets the clock of a page back by so much; it goes on from there. */
const setBack = (byMs: number): void => {
  const Real = Date;
  class Earlier extends Real {
    constructor(...given: [] | ConstructorParameters<typeof Date>) {
      if (given.length === 0) super(Real.now() - byMs);
      else super(...(given as ConstructorParameters<typeof Date>));
    }
    static override now(): number {
      return Real.now() - byMs;
    }
  }
  globalThis.Date = Earlier as DateConstructor;
};

/** A page, or all pages of a context, on which it is the first minutes of this Monday. */
export const earlyOnMonday = (on: Pick<Page, 'addInitScript'>): Promise<unknown> =>
  on.addInitScript(setBack, Date.now() - Date.parse(`${monday}T00:05:00Z`));

/** Where the pictures of what failed go; not kept with the program. */
const FAILED = join(import.meta.dirname, '..', '.check', 'failed');

export interface Fixture {
  app: RunningApp;
  context: BrowserContext;
  /** A new page on a path of the application; anything that breaks in it fails the test. */
  open: (path: string, prepare?: (page: Page) => Promise<void>) => Promise<Page>;
  /** The page that is open, or a new one, on a path of the application: gone to as by its links, without loading anew. */
  goTo: (path: string) => Promise<Page>;
}

export interface FixtureWish extends ContextWish {
  demo: boolean;
  calendars?: boolean;
  everyMs?: number;
  /** The browser's clock shows the first minutes of this Monday: the whole week is still to come. */
  onMonday?: boolean;
  /** The tests are one story: each goes on where the one before stopped. */
  story?: boolean;
}

/** What is a page of its own, with scripts of its own, and is loaded when one goes there or comes from there. */
const OWN_PAGE = /^\/(lead|me)\/.|^blank$/;

/** Goes to a path of the application as by one of its links. */
const follow = (page: Page, path: string): Promise<void> =>
  page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, path);

/**
 * The application on a database of its own and a browser context of its own, for each test or, as a story, for all tests of
 * the group or the file that it is called in.
 */
export const useApp = ({ demo, calendars, everyMs, story, onMonday, ...context }: FixtureWish): Fixture => {
  const fixture = {} as Fixture;
  const errors: string[] = [];
  const begin = async (): Promise<void> => {
    const from = join(inject('ready'), demo ? 'demo.db' : 'empty.db');
    fixture.app = await startApp({ from, calendars, everyMs });
    fixture.context = await openContext(context);
    fixture.context.setDefaultTimeout(30_000);
    if (onMonday) await earlyOnMonday(fixture.context);
    fixture.context.on('weberror', (error) => errors.push(error.error().message));
  };
  fixture.open = async (path, prepare) => {
    const page = await fixture.context.newPage();
    await prepare?.(page);
    await page.goto(fixture.app.url + path);
    return page;
  };
  fixture.goTo = async (path) => {
    const [page] = fixture.context.pages();
    if (!page) return fixture.open(path);
    if ([path, new URL(page.url()).pathname].some((p) => OWN_PAGE.test(p))) {
      await page.goto(fixture.app.url + path);
      return page;
    }
    // Through a screen that looks like no other, so that nothing of the one before is taken for the one to come.
    await follow(page, '/nowhere');
    await page.getByText('There is nothing here').waitFor();
    await follow(page, path);
    return page;
  };
  /** A picture of every page of a test that failed, to see why. */
  const picture = async (name: string): Promise<void> => {
    for (const [i, page] of (fixture.context?.pages() ?? []).entries())
      await page.screenshot({ path: join(FAILED, `${name.replaceAll(/\W+/g, '-').slice(0, 60)}-${i}.png`) });
  };
  const finish = async (): Promise<void> => {
    await fixture.context?.close();
    await fixture.app?.stop();
  };
  // What a failed test left behind is nothing to go on with.
  let before: 'passed' | 'failed' | undefined;
  beforeEach(async () => {
    if (story && before === 'passed') return;
    if (before) await finish();
    await begin();
  });
  afterEach(async ({ task }) => {
    before = task.result?.state === 'fail' ? 'failed' : 'passed';
    if (before === 'failed') await picture(task.name);
    expect(errors.splice(0)).toEqual([]);
  });
  afterAll(finish);
  return fixture;
};

/** The records that the server has, the latest first. */
export const recordsOf = async (url: string): Promise<Kept<Session>[]> => {
  const ask = async <T>(path: string): Promise<T> => (await (await fetch(url + path)).json()) as T;
  const { rows } = await ask<{ rows: { id: string }[] }>('/api/log?limit=10');
  return Promise.all(rows.map(({ id }) => ask<Kept<Session>>(`/api/sessions/${id}`)));
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

/**
 * Types a time or a date and takes it over. The calendar or clock of the field has to be open before: what is typed
 * while it is still opening, as only a program can, is taken back by it.
 */
export const typeMoment = async (field: Locator, text: string): Promise<void> => {
  const open = field.page().locator('.ant-picker-dropdown:not(.ant-picker-dropdown-hidden)');
  // That of the field before may still be closing.
  await open.waitFor({ state: 'detached' });
  await field.click();
  await open.waitFor();
  // It can be seen a moment before it is done with opening; then the page has nothing left to do.
  await field.page().evaluate(() => new Promise<void>((done) => requestIdleCallback(() => done())));
  await field.fill(text);
  await field.press('Enter');
  await expect.poll(() => field.inputValue()).toBe(text);
};
