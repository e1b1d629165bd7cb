import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Answer, DeskPage, DeskView } from '@kotabi/core/model';
import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { axe } from './axe';
import { monday, useApp } from './fixture';

const fixture = useApp({ demo: true, viewport: { width: 390, height: 844 } });

const pageOf = async (personId: string | null): Promise<DeskPage> => {
  const response = await fetch(`${fixture.app.url}/api/groups/timetable-desk/pages`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ personId }),
  });
  return (await response.json()) as DeskPage;
};
const begin = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'Begin now' }).click();
  const read = page.getByRole('button', { name: 'I have read this' });
  // What to watch for stands before the first time, and only then.
  await read
    .or(page.getByRole('button', { name: 'This hurts' }))
    .first()
    .waitFor();
  if (await read.isVisible()) await read.click();
};

describe('the page of somebody', () => {
  it('on a phone: followed alone in the own version, what hurts is left out and told, answered, in the log', async () => {
    const { token } = await pageOf('p-2');
    const page = await fixture.open(`/me/${token}`);
    await page.getByText('Tomé · Timetable desk').waitFor();
    expect(await axe(page)).toEqual([]);
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
    ).toBe(0);
    expect(await page.locator('body').textContent()).not.toMatch(/wrist or hand|limit/i);
    await begin(page);
    await page.getByRole('button', { name: 'Pause' }).waitFor();
    for (let i = 0; i < 40; i++) {
      const main = page.locator('main');
      if (
        (await main.getAttribute('data-part')) === 'work' &&
        (await main.getAttribute('data-lit')) !== 'both'
      )
        break;
      await page.keyboard.press('ArrowRight');
    }
    const move = await page.locator('main h1').textContent();
    // What is read at a glance stands in the half that is lit.
    const lit = await page.locator('main').getAttribute('data-lit');
    for (const part of [page.locator('main h1'), page.getByTestId('count')]) {
      const box = (await part.boundingBox()) ?? { x: 999, width: 0 };
      if (lit === 'left') expect(box.x + box.width).toBeLessThanOrEqual(195);
      if (lit === 'right') expect(box.x).toBeGreaterThanOrEqual(195);
    }
    expect(['left', 'right']).toContain(lit);
    await page.getByRole('button', { name: 'This hurts' }).click();
    await page.getByRole('alert').waitFor();
    await page.getByRole('button', { name: /^Tell whoever leads/ }).click();
    await page.getByRole('button', { name: 'Told.' }).waitFor();
    await page.getByRole('button', { name: 'Leave this one out and go on' }).click();
    await expect.poll(() => page.locator('main h1').textContent()).not.toBe(move);
    await page.getByRole('button', { name: 'End' }).click();
    await page.getByRole('slider').fill('3');
    await page.getByRole('button', { name: 'part of it' }).click();
    await page.getByText('Thank you. Noted.').waitFor();
    const answers = (await (await fetch(`${fixture.app.url}/api/answers`)).json()) as Answer[];
    const mine = answers.filter((a) => a.personId === 'p-2' && a.tensionAfter === 3);
    expect(mine).toMatchObject([{ answer: 'part of it' }]);
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${fixture.app.url}/log`);
    await page
      .getByText(/tension – → 3/)
      .first()
      .waitFor();
    await page.close();
  });

  it('says how long the next break itself takes, not what the plan keeps free for it', async () => {
    const { token } = await pageOf('p-2');
    const page = await fixture.open(`/me/${token}`, (p) =>
      p.clock.setSystemTime(new Date(`${monday}T09:40:00Z`)),
    );
    await page.getByRole('heading', { name: 'Two minutes between meetings' }).waitFor();
    await page.getByText('about 2 minutes').waitFor();
    await page.close();
  });

  it('without a connection: the copy is there, says how old it is, and answers are sent later', async () => {
    const { token } = await pageOf('p-2');
    const page = await fixture.open(`/me/${token}`);
    await page.getByText('Tomé · Timetable desk').waitFor();
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    // The worker has everything once it has taken the page over.
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
    await fixture.context.setOffline(true);
    await page.reload();
    await page.getByText(/No connection: this is the copy of/).waitFor();
    await begin(page);
    await page.getByRole('button', { name: 'Pause' }).waitFor();
    await page.keyboard.press('ArrowRight');
    await expect.poll(() => page.locator('main').getAttribute('data-part')).not.toBe('none');
    await page.getByRole('button', { name: 'End' }).click();
    await page.getByRole('button', { name: 'did it' }).click();
    await page.getByText('it is sent when there is a connection').waitFor();
    await fixture.context.setOffline(false);
    const did = async (): Promise<number> =>
      ((await (await fetch(`${fixture.app.url}/api/answers`)).json()) as Answer[]).filter(
        (a) => a.personId === 'p-2' && Date.parse(a.answeredAt) > Date.now() - 120_000,
      ).length;
    await expect.poll(did).toBeGreaterThan(0);
    // Withdrawn it is gone, also from this browser.
    await fetch(`${fixture.app.url}/api/pages/${token}`, { method: 'DELETE' });
    await page.reload();
    await page.getByText('This page was withdrawn.').waitFor();
    expect(
      await page.evaluate(() => Object.keys(localStorage).filter((k) => k.includes('desk.')).length),
    ).toBeLessThan(2);
    await page.close();
  });

  it('reminds on a device also while it is closed: one line, which leads to the break it is for', async () => {
    const { token } = await pageOf('p-2');
    await fixture.context.grantPermissions(['notifications'], { origin: fixture.app.url });
    // No push service can be reached from here: the browser gets an address as one would give it.
    await fixture.context.addInitScript(() => {
      let device: object | null = null;
      PushManager.prototype.getSubscription = async () => device as PushSubscription | null;
      PushManager.prototype.subscribe = async () => {
        const keys = { p256dh: 'B'.repeat(87), auth: 'a'.repeat(22) };
        const endpoint = 'https://push.example/phone';
        device = { endpoint, toJSON: () => ({ endpoint, keys }), unsubscribe: async () => true };
        return device as PushSubscription;
      };
    });
    const page = await fixture.open(`/me/${token}`);
    await page.getByRole('button', { name: 'Remind me on this device' }).click();
    await page.getByText('You are reminded on this device').waitFor();
    const view = (await (await fetch(`${fixture.app.url}/api/desk/${token}`)).json()) as {
      items: { plannedId: string; name: string }[];
    };
    const item = view.items.at(-1);
    const cdp = await fixture.context.newCDPSession(page);
    const registered = new Promise<string>((found) => {
      cdp.on('ServiceWorker.workerRegistrationUpdated', ({ registrations }) => {
        const own = registrations.find((r) => r.scopeURL.endsWith('/me/'));
        if (own) found(own.registrationId);
      });
    });
    await cdp.send('ServiceWorker.enable');
    // This browser shows nothing outside of its pages: what the worker would show is written down.
    const worker = fixture.context.serviceWorkers()[0];
    await worker?.evaluate(() => {
      const here = self as unknown as { registration: ServiceWorkerRegistration; shown: unknown[] };
      here.shown = [];
      here.registration.showNotification = async (title, options) => {
        here.shown.push([title, options?.tag, options?.data]);
      };
    });
    await cdp.send('ServiceWorker.deliverPushMessage', {
      origin: fixture.app.url,
      registrationId: await registered,
      data: JSON.stringify({
        title: `10:30: ${item?.name}`,
        path: `/me/${token}#${item?.plannedId}`,
        tag: item?.plannedId,
      }),
    });
    await expect
      .poll(() => worker?.evaluate(() => (self as unknown as { shown: unknown[] }).shown))
      .toEqual([[`10:30: ${item?.name}`, item?.plannedId, { path: `/me/${token}#${item?.plannedId}` }]]);
    await page.goto(`${fixture.app.url}/me/${token}#${item?.plannedId}`);
    await page.getByRole('region', { name: 'Next' }).getByRole('heading', { name: item?.name }).waitFor();
    await page.getByRole('button', { name: 'No more reminders on this device' }).click();
    await page.getByText('This device is not reminded any more.').waitFor();
    await page.close();
  });

  it('is made and taken back where the week is given out, with a warning while nobody else can reach it', async () => {
    const page = await fixture.open(`/week/timetable-desk/${monday}`);
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.getByRole('button', { name: 'Give out' }).click();
    await page.getByText('These addresses work on this machine only').waitFor();
    await page.getByRole('combobox', { name: 'Whose page' }).click();
    await page.getByTitle('for Anouk').click();
    await page.getByRole('button', { name: 'Make a page' }).click();
    const address = page.getByRole('textbox', { name: 'Address of the page of Anouk' });
    await address.waitFor();
    expect(await address.inputValue()).toMatch(/\/me\/[\w-]{32}$/);
    await page.close();
  });

  it('has every word in its table: in another language nothing of the first is left', async () => {
    const { token } = await pageOf('p-2');
    const page = await fixture.open(`/me/${token}?words=pseudo`);
    await page.getByRole('button', { name: /⟦/ }).first().waitFor();
    const names = new Set(
      (
        (await (await fetch(`${fixture.app.url}/api/desk/${token}`)).json()) as { items: { name: string }[] }
      ).items.map((i) => i.name),
    );
    const plain = await page.evaluate(() => {
      const found: string[] = [];
      const walk = document.createTreeWalker(
        document.querySelector('main') ?? document.body,
        NodeFilter.SHOW_TEXT,
      );
      for (let node = walk.nextNode(); node; node = walk.nextNode()) {
        const text = node.textContent?.trim() ?? '';
        if (/[a-z]{3}/i.test(text) && !text.includes('⟦')) found.push(text);
      }
      return found;
    });
    // Names of breaks, of people and of days are no words of the page.
    const left = plain.filter((t) => !names.has(t) && !/Tomé|Timetable desk|day \d|^\W*$/.test(t));
    expect(left).toEqual([]);
    await page.close();
  });

  it('is followed in another language: its words, and those that moves bring along', async () => {
    const { token } = await pageOf('p-2');
    const other = (words: object): object =>
      Object.fromEntries(Object.entries(words).map(([k, v]) => [k, typeof v === 'string' ? `⟦${v}⟧` : v]));
    const page = await fixture.open(`/me/${token}?words=pseudo`, async (fresh) => {
      await fresh.route('**/api/desk/*', async (route) => {
        const response = await route.fetch();
        const view = (await response.json()) as DeskView;
        for (const move of view.moves) {
          const rungs = move.rungs.map(({ name, say, go }) => [
            name,
            other({ ...(say && { say }), ...(go && { go }) }),
          ]);
          const words = {
            name: `⟦${move.name}⟧`,
            cues: other(move.cues),
            rungs: Object.fromEntries(rungs),
            ...(move.ways.directions && { directions: move.ways.directions.map((d) => `⟦${d}⟧`) }),
          };
          Object.assign(move, { inLanguages: { 'en-XA': words } });
        }
        await route.fulfill({ response, json: view });
      });
    });
    await page
      .getByRole('button', { name: /⟦Begin/ })
      .first()
      .click();
    const read = page.getByRole('button', { name: '⟦I have read this⟧' });
    await read
      .or(page.getByRole('button', { name: '⟦This hurts⟧' }))
      .first()
      .waitFor();
    if (await read.isVisible()) await read.click();
    await page.locator('main[data-part]:not([data-part=none])').waitFor({ timeout: 15_000 });
    const seen = new Set<string>();
    for (let parts = 0; parts < 25; parts++) {
      const texts = await page.locator('main').evaluate((main) => {
        const found: string[] = [];
        const walk = document.createTreeWalker(main, NodeFilter.SHOW_TEXT);
        for (let node = walk.nextNode(); node; node = walk.nextNode())
          found.push(node.textContent?.trim() ?? '');
        return found;
      });
      for (const text of texts) if (/[a-z]{3}/i.test(text)) seen.add(text);
      await page.keyboard.press('ArrowRight');
    }
    expect(seen.size).toBeGreaterThan(15);
    expect([...seen].filter((text) => !text.includes('⟦'))).toEqual([]);
    await page.close();
  });

  it('is one file to send to somebody who has no connection, with the player in it', async () => {
    const answer = await fetch(`${fixture.app.url}/api/breaks/late-morning/page`);
    expect(answer.headers.get('content-disposition')).toContain('Late-morning-neck-and-wrists.html');
    const dir = mkdtempSync(join(tmpdir(), 'kotabi-one-'));
    try {
      const file = join(dir, 'break.html');
      writeFileSync(file, await answer.text());
      const page = await fixture.context.newPage();
      const asked: string[] = [];
      page.on('request', (r) => /^https?:/.test(r.url()) && asked.push(r.url()));
      await page.goto(`file://${file}`);
      await page.getByRole('heading', { name: 'Late-morning neck and wrists' }).waitFor();
      await page.getByText('Ear toward the shoulder').waitFor();
      expect(await axe(page)).toEqual([]);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
      await begin(page);
      await page.getByRole('button', { name: 'Pause' }).waitFor();
      await page.keyboard.press('ArrowRight');
      await expect.poll(() => page.locator('main').getAttribute('data-part')).not.toBe('none');
      await page.getByRole('button', { name: 'End' }).click();
      await page.getByText('That was it.').waitFor();
      expect(asked).toEqual([]);
      await page.close();
    } finally {
      rmSync(dir, { recursive: true, force: true });
    }
  });
});
