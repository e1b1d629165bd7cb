import { closeBrowser, openContext } from '../e2e/browser';
import { startProgram } from '../e2e/process';

// How long a page takes to come up in headless Chromium here, with nothing kept from before: when its content is first
// painted, and for how long its main thread is blocked (what is over 50 ms of each long task) until it is at rest.
const PAINT_GOAL_MS = 700;
const BLOCK_GOAL_MS = 200;
const ROUNDS = 5;

/** The page for the people at the desks may take so long; it has its figures by then. */
const DESK_GOAL_MS = 1000;

const views: [name: string, path: string, content: string, goalMs?: number][] = [
  ['Breaks', '/breaks', 'h1'],
  ['Sheet', '/breaks/late-morning', '[role=option]'],
  ['Week', '/week', 'h1'],
  ['People', '/people', 'h1'],
  ['Moves', '/moves', 'h1'],
  ['Log', '/log', 'h1'],
  ['leading', '/lead/late-morning', 'h1'],
];

/** Watches from the first moment for the frame after the content is there, and for long tasks. */
const watch = (content: string): string => `
  window.seen = { paint: 0, blocked: 0 };
  new PerformanceObserver((list) => {
    for (const task of list.getEntries()) seen.blocked += task.duration - 50;
  }).observe({ type: 'longtask', buffered: true });
  (function look() {
    // The frame in which it is painted has ended when a task after it begins.
    if (document.querySelector('${content}'))
      requestAnimationFrame(() => setTimeout(() => { seen.paint = performance.now(); }));
    else requestAnimationFrame(look);
  })();`;

const median = (values: number[]): number => values.sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

const app = await startProgram({ demo: true });
const made = await fetch(`${app.url}/api/groups/timetable-desk/pages`, {
  method: 'POST',
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify({ personId: null }),
});
const { token } = (await made.json()) as { token: string };
views.push(['desk', `/me/${token}`, 'main svg', DESK_GOAL_MS]);
try {
  for (const [name, path, content, goalMs = PAINT_GOAL_MS] of views) {
    const rounds: { paint: number; blocked: number }[] = [];
    for (let i = 0; i < ROUNDS; i++) {
      const context = await openContext();
      const page = await context.newPage();
      await page.addInitScript(watch(content));
      await page.goto(app.url + path);
      await page.waitForFunction(() => (window as unknown as { seen: { paint: number } }).seen.paint > 0);
      await page.waitForLoadState('networkidle');
      rounds.push(await page.evaluate('seen'));
      await context.close();
    }
    const paint = median(rounds.map((r) => r.paint));
    const blocked = median(rounds.map((r) => r.blocked));
    console.log(
      `load ${name.padEnd(8)} content painted after ${paint.toFixed(0)} ms: ratio ${(paint / goalMs).toFixed(2)} of ` +
        `${goalMs} ms; blocked for ${blocked.toFixed(0)} ms: ratio ${(blocked / BLOCK_GOAL_MS).toFixed(2)} of ${BLOCK_GOAL_MS} ms`,
    );
  }
} finally {
  await closeBrowser();
  await app.stop();
}
