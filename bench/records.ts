import { Session } from '@kotabi/core/model';
import { sessions } from '../server/db/schema';
import { loadDemo } from '../server/demo/load';
import { startServer } from '../server/test/harness';

// Ten thousand records of one group: the list of the log and the trends of three months, first asked (each brief is opened)
// and asked again. Goals here: a list within 100 ms, trends within 300 ms; printed as ratios to them.
const COUNT = 10_000;
const LIST_MS = 100;
const TRENDS_MS = 300;
const NOW = new Date('2026-11-20T08:00:00.000Z');
const app = await startServer(NOW);
const ctx = app.context(() => NOW);
await loadDemo(ctx);
const [row] = (await app.get<{ rows: { id: string }[] }>('/api/log?limit=1')).body.rows;
const { body } = await app.get<{ value: unknown }>(`/api/sessions/${row?.id}`);
const one = Session.parse(body.value);
const PER_BATCH = 100;
for (let from = 0; from < COUNT; from += PER_BATCH) {
  const many = Array.from({ length: PER_BATCH }, (_, i) => {
    const startedAt = new Date(NOW.getTime() - (from + i + 1) * 47 * 60_000).toISOString();
    const value = Session.parse({ ...one, id: `bench-${from + i}`, startedAt, endedAt: startedAt });
    return app.db.insert(sessions).values({ ...ctx.sessions.newRow(value, startedAt), startedAt });
  });
  const [first, ...rest] = many;
  if (first) await app.db.batch([first, ...rest]);
}
const took = async (path: string): Promise<number> => {
  const began = performance.now();
  const { status } = await app.get(path);
  if (status !== 200) throw new Error(`${path} answered ${status}`);
  return performance.now() - began;
};
const middle = (list: number[]): number => list.sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;
const again = async (path: string): Promise<number> => {
  const all: number[] = [];
  for (let i = 0; i < 9; i++) all.push(await took(path));
  return middle(all);
};
const TRENDS = '/api/groups/timetable-desk/trends?from=2026-08-22&until=2026-11-20';
// The connection from before the long writing has been closed meanwhile.
await app.get('/api/health').catch(() => {});
const cold = await took('/api/log?limit=20');
const list = await again('/api/log?limit=20');
const search = await again('/api/log?q=tighter&limit=20');
const trends = await again(TRENDS);
const proposals = await again('/api/groups/timetable-desk/proposals');
const line = (what: string, ms: number, goal: number): void =>
  console.log(
    `${what.padEnd(34)} ${ms.toFixed(0).padStart(6)} ms, of ${goal} ms: ratio ${(ms / goal).toFixed(2)}`,
  );
console.log(`${COUNT} records of one group`);
line('list, first asked (briefs opened)', cold, LIST_MS);
line('list', list, LIST_MS);
line('search', search, LIST_MS);
line('trends of three months', trends, TRENDS_MS);
line('proposals', proposals, TRENDS_MS);
await app.stop();
