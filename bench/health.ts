import { setTimeout as pause } from 'node:timers/promises';
import { startProgram } from '../e2e/process';

// How long the server takes to say that it is well while suggesting, planning a week and simulating run at once, over
// and over, against what one takes for an answer at once.
const GOAL_MS = 50;
const DURATION_MS = 15_000;
const EVERY_MS = 20;

const day = {
  startMin: 540,
  endMin: 1050,
  offDesk: [{ startMin: 750, endMin: 795 }],
  minGapMin: 20,
  maxCount: 8,
};
const breaks = [590, 645, 700, 840, 900, 960].map((startMin) => ({ startMin, kindId: 'short' }));
const five = <T>(one: T): T[] => Array.from({ length: 5 }, () => one);
const heavy: [path: string, body: object][] = [
  ['/api/suggest', { slotSec: 600, targets: [{ area: 'neck' }, { area: 'shoulder' }] }],
  ['/api/plan-week', { days: five(day) }],
  // Two million days.
  ['/api/simulate', { days: five({ ...day, breaks }), settings: { weeks: 20_000, people: 20 } }],
];

const app = await startProgram({ demo: true });
const answers = new Map<string, number>();
const until = performance.now() + DURATION_MS;
const post = async (path: string, body: object): Promise<void> => {
  while (performance.now() < until) {
    const { status } = await fetch(app.url + path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
    const key = `${path} ${status}`;
    answers.set(key, (answers.get(key) ?? 0) + 1);
    if (status >= 400) await pause(500);
  }
};
const times: number[] = [];
const ask = async (): Promise<void> => {
  while (performance.now() < until) {
    const start = performance.now();
    await (await fetch(`${app.url}/api/health`)).text();
    times.push(performance.now() - start);
    await pause(EVERY_MS);
  }
};
try {
  await Promise.all([ask(), ...heavy.map(([path, body]) => post(path, body))]);
  times.sort((a, b) => a - b);
  const at = (share: number): number =>
    times[Math.min(times.length - 1, Math.floor(times.length * share))] ?? 0;
  console.log(`answered meanwhile: ${[...answers].map(([key, n]) => `${key}: ${n}`).join(', ')}`);
  console.log(
    `health under load, ${times.length} times: half under ${at(0.5).toFixed(1)} ms, 99 % under ${at(0.99).toFixed(1)} ms; ` +
      `ratio ${(at(0.99) / GOAL_MS).toFixed(3)} of ${GOAL_MS} ms`,
  );
} finally {
  await app.stop();
}
