import { defaultApproach } from '@kotabi/core/model';
import { startProgram } from '../e2e/process';
import { ratioLine } from './measure';

// How long it takes until the last of 200 screens has been told what the one that leads has said, against the tenth of a
// second within which all of them have to show it.
const GOAL_MS = 100;
const SCREENS = 200;
const WORDS = 40;

const app = await startProgram({ demo: true });
const json = { 'Content-Type': 'application/json' };
const room = (await (
  await fetch(`${app.url}/api/live`, {
    method: 'POST',
    headers: json,
    body: JSON.stringify({
      brk: { id: 'b', name: 'Followed', slotSec: 60, items: [] },
      moves: [],
      approach: defaultApproach,
    }),
  })
).json()) as { id: string; token: string };

/** When each screen heard each word, by its place among them. */
const heard: number[][] = Array.from({ length: WORDS }, () => []);
const stop = new AbortController();
const listen = async (): Promise<void> => {
  const answer = await fetch(`${app.url}/api/live-view/${room.token}`, {
    headers: { Accept: 'text/event-stream' },
    signal: stop.signal,
  });
  const decoder = new TextDecoder();
  const read = async (): Promise<void> => {
    for await (const chunk of answer.body as unknown as AsyncIterable<Uint8Array>)
      for (const [, index] of decoder.decode(chunk, { stream: true }).matchAll(/"index":(\d+)/g))
        heard[Number(index)]?.push(performance.now());
  };
  read().catch((error: Error) => {
    if (error.name !== 'AbortError') throw error;
  });
};
try {
  await Promise.all(Array.from({ length: SCREENS }, listen));
  const last: number[] = [];
  const spread: number[] = [];
  for (let index = 0; index < WORDS; index++) {
    const said = performance.now();
    await fetch(`${app.url}/api/live/${room.id}`, {
      method: 'PUT',
      headers: json,
      body: JSON.stringify({
        led: { status: 'running', index, elapsedMs: 0, addedMs: [], tempo: 1, waits: false, waiting: false },
        at: Date.now(),
      }),
    });
    while ((heard[index]?.length ?? 0) < SCREENS) await new Promise((done) => setTimeout(done, 2));
    const times = heard[index] ?? [];
    last.push(Math.max(...times) - said);
    spread.push(Math.max(...times) - Math.min(...times));
  }
  const p95 = (list: number[]): number =>
    [...list].sort((a, b) => a - b)[Math.floor(list.length * 0.95)] ?? 0;
  console.log(ratioLine(`the last of ${SCREENS} screens told, 95 %`, p95(last), 'goal', GOAL_MS));
  console.log(ratioLine('from the first to the last of them, 95 %', p95(spread), 'goal', GOAL_MS));
} finally {
  stop.abort();
  await app.stop();
}
