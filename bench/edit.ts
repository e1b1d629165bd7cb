import { library } from '@kotabi/core/library/all';
import { closeBrowser, openContext } from '../e2e/browser';
import { startProgram } from '../e2e/process';

// From a key to the paint that shows it, on a sheet of 60 steps in headless Chromium here: arrows through the sheet,
// doses changed, and letters into a note.
const GOAL_MS = 50;

const moves = library.filter((m) => m.position === 'back').slice(0, 12);
const value = {
  id: 'sixty',
  name: 'Sixty steps',
  slotSec: 3600,
  items: [0, 1, 2, 3, 4].flatMap((round) =>
    moves.map((m) => ({ type: 'step', id: `${m.id}-${round}`, moveId: m.id, dose: m.dose.usual })),
  ),
};

/** Notes for each key when the frame after it has been painted. */
const WATCH = `
  window.times = [];
  addEventListener('keydown', (event) => {
    const at = event.timeStamp;
    requestAnimationFrame(() => {
      const { port1, port2 } = new MessageChannel();
      port1.onmessage = () => times.push(performance.now() - at);
      port2.postMessage(0);
    });
  }, { capture: true });`;

const app = await startProgram();
try {
  const kept = await fetch(`${app.url}/api/breaks/${value.id}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ baseVersion: 0, value }),
  });
  if (!kept.ok) throw new Error(await kept.text());
  const context = await openContext();
  const page = await context.newPage();
  await page.addInitScript(WATCH);
  await page.goto(`${app.url}/breaks/${value.id}`);
  await page.getByRole('option').nth(5).click();
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(1500);
  const keys: [what: string, keys: string[]][] = [
    ['choosing', Array.from({ length: 40 }, (_, i) => (i % 20 < 10 ? 'ArrowDown' : 'ArrowUp'))],
    ['dosing', Array.from({ length: 40 }, (_, i) => (i % 10 < 5 ? '+' : '-'))],
  ];
  for (const [what, presses] of keys) {
    await page.evaluate('times.length = 0');
    for (const key of presses) {
      await page.keyboard.press(key);
      await page.waitForTimeout(80);
    }
    const times = (await page.evaluate('times')) as number[];
    times.sort((a, b) => a - b);
    const p95 = times[Math.floor(times.length * 0.95)] ?? 0;
    console.log(
      `${what} on 60 steps, ${times.length} keys: half painted within ${(times[Math.floor(times.length / 2)] ?? 0).toFixed(0)} ms, ` +
        `95 % within ${p95.toFixed(0)} ms: ratio ${(p95 / GOAL_MS).toFixed(2)} of ${GOAL_MS} ms`,
    );
  }
} finally {
  await closeBrowser();
  await app.stop();
}
