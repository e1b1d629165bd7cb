import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { setTimeout as sleep } from 'node:timers/promises';
import { gunzipSync } from 'node:zlib';
import type { Break, Feed, Kept } from '@kotabi/core/model';
import { startProgram } from '../e2e/process';

// An office at work: 200 calendars that ask every 15 seconds (calendar programs do every 15 minutes), 200 people who look
// at something every 3 seconds, 200 pages at the desks that ask every 20, 5 instructors whose work saves itself every second.
// By itself it runs for 20 seconds; KOTABI_LOAD_SEC=300 makes it five minutes, and KOTABI_LOAD=0,0,200,5 leaves only the pages
// and the editors.
const SECONDS = Number(process.env.KOTABI_LOAD_SEC ?? 20);
const [SUBSCRIBERS = 0, READERS = 0, PAGES = 0, EDITORS = 0] = (process.env.KOTABI_LOAD ?? '200,200,200,5')
  .split(',')
  .map(Number);
const app = await startProgram({ demo: true });

const at = (list: number[], share: number): number =>
  list.sort((a, b) => a - b)[Math.floor(list.length * share)] ?? 0;
const memoryMb = (): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${app.pid}/status`, 'utf8'))?.[1] ?? 0) / 1000;

const feeds: string[] = [];
for (const group of ['timetable-desk', 'call-desk', 'claims'])
  for (let n = 0; n < 3; n++) {
    const made = await fetch(`${app.url}/api/groups/${group}/feeds`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ personId: null, alarmMin: null }),
    });
    feeds.push(((await made.json()) as Feed).token);
  }

// Pages of people at the desks, five of them on each address.
const pages: string[] = [];
for (let n = 0; n < PAGES / 5; n++) {
  const group = ['timetable-desk', 'call-desk', 'claims'][n % 3];
  const made = await fetch(`${app.url}/api/groups/${group}/pages`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ personId: null }),
  });
  pages.push(((await made.json()) as { token: string }).token);
}

// Every calendar once, so that the start of the server is not what is measured.
for (const token of feeds) await (await fetch(`${app.url}/calendars/${token}.ics`)).arrayBuffer();
await sleep(3000);

const reads: number[] = [];
const writes: number[] = [];
const feedTimes: number[] = [];
const pageTimes: number[] = [];
/** What went wrong, and how often. */
const errors = new Map<string, number>();
const failed = (why: string): void => void errors.set(why, (errors.get(why) ?? 0) + 1);
const end = Date.now() + SECONDS * 1000;
// Those who ask share the two cores with the server: the lightest client there is, or it would be what is measured.
const agent = new Agent({ keepAlive: true });
const send = (path: string, body?: string): Promise<{ status: number; text: string }> =>
  new Promise((done, fail) => {
    const asked = request(
      app.url + path,
      {
        agent,
        method: body === undefined ? 'GET' : 'PUT',
        headers: {
          'Accept-Encoding': 'gzip',
          ...(body !== undefined && { 'Content-Type': 'application/json' }),
        },
      },
      (res) => {
        const parts: Buffer[] = [];
        res.on('data', (part: Buffer) => parts.push(part));
        res.on('end', () => {
          const all = Buffer.concat(parts);
          const packed = body !== undefined && res.headers['content-encoding'] === 'gzip';
          done({ status: res.statusCode ?? 0, text: packed ? gunzipSync(all).toString() : all.toString() });
        });
        res.on('error', fail);
      },
    );
    asked.on('error', fail);
    asked.end(body);
  });
const ask = async (into: number[], path: string, body?: string): Promise<string> => {
  const began = performance.now();
  const { status, text } = await send(path, body);
  into.push(performance.now() - began);
  if (status >= 400) failed(`${status} ${path.split('/')[2]}`);
  return text;
};
/** Does something again and again, with a pause in between that is different for each. */
const again = async (n: number, pauseMs: number, work: () => Promise<unknown>): Promise<void> => {
  await sleep((n * 37) % pauseMs);
  while (Date.now() < end) {
    await work().catch((error: Error) => failed(error.message));
    await sleep(pauseMs);
  }
};
const READ = [
  '/api/groups',
  '/api/breaks',
  '/api/moves',
  '/api/log',
  '/breaks',
  '/api/groups/timetable-desk/people',
];
const breaks = ((await (await fetch(`${app.url}/api/breaks`)).json()) as Kept<Break>[]).slice(0, EDITORS);
const before = memoryMb();
await Promise.all([
  ...Array.from({ length: SUBSCRIBERS }, (_, n) =>
    again(n, 15_000, () => ask(feedTimes, `/calendars/${feeds[n % feeds.length]}.ics`)),
  ),
  ...Array.from({ length: READERS }, (_, n) =>
    again(n, 3000, () => ask(reads, READ[n % READ.length] ?? '/api/groups')),
  ),
  ...Array.from({ length: PAGES }, (_, n) =>
    again(n, 20_000, () => ask(pageTimes, `/api/desk/${pages[n % pages.length]}`)),
  ),
  ...breaks.map((kept, n) => {
    let { version } = kept;
    return again(n, 1000, async () => {
      const value = { ...kept.value, name: `${kept.value.name} ${version}`.slice(0, 80) };
      const answer = await ask(
        writes,
        `/api/breaks/${value.id}`,
        JSON.stringify({ baseVersion: version, value }),
      );
      version = (JSON.parse(answer) as Kept<Break>).version;
    });
  }),
]);
const line = (what: string, list: number[]): string =>
  `${what}: ${list.length}, half under ${at(list, 0.5).toFixed(1)} ms, 99 % under ${at(list, 0.99).toFixed(1)} ms`;
console.log(
  `${SECONDS} s with ${SUBSCRIBERS} subscribers, ${READERS} readers, ${PAGES} open pages, ${EDITORS} editors: ${[...errors].map(([why, n]) => `${n} × ${why}`).join(', ') || '0'} errors, ` +
    `memory ${before.toFixed(0)} to ${memoryMb().toFixed(0)} MB\n` +
    [
      line('calendars', feedTimes),
      line('pages', pageTimes),
      line('reads', reads),
      line('writes', writes),
    ].join('\n'),
);

// How many calendars a second, one after the other on a few connections, while nothing changes.
const stop = Date.now() + 3000;
let given = 0;
await Promise.all(
  Array.from({ length: 8 }, async () => {
    while (Date.now() < stop) {
      await send(`/calendars/${feeds[0]}.ics`);
      given++;
    }
  }),
);
console.log(
  `calendars while nothing changes: ${Math.round(given / 3)} a second (both ends on this machine; goal 1,000)`,
);
await app.stop();
