import { DayInput } from '@kotabi/core/model';
import { SimSettings, simDay } from '@kotabi/core/simulate';
import { afterEach, describe, expect, it } from 'vitest';
import type { Refusal } from '../errors';
import { createPool, type Pool } from '../pool/pool';
import { builtTasks, startServer } from './harness';

const pools: Pool[] = [];
const poolOf = (options: Parameters<typeof createPool>[0]): Pool => {
  const pool = createPool({ file: builtTasks, ...options });
  pools.push(pool);
  return pool;
};
afterEach(async () => {
  for (const pool of pools.splice(0)) await pool.close();
});

const day = DayInput.parse({
  startMin: 540,
  endMin: 1020,
  blocked: [],
  offDesk: [],
  kinds: [{ id: 'short', name: 'Short', lengthMin: 5, relief: 1 }],
});
const long = (weeks: number) => ({
  week: [{ day: simDay(day, [{ startMin: 600, kindId: 'short' }]), seconds: [], limitMin: 60 }],
  settings: SimSettings.parse({ weeks, people: 200 }),
});
const refusal = (work: Promise<unknown>): Promise<Refusal> =>
  work.then(
    () => {
      throw new Error('it was not refused');
    },
    (error: Refusal) => error,
  );

describe('work in threads', () => {
  it('gives what the same work gives here', async () => {
    const plan = await poolOf({}).run('planDay', day);
    expect(plan.ok && plan.plan.breaks.length).toBeGreaterThan(3);
  });

  it('refuses more than can wait, at once and in our words, with when to ask again', async () => {
    const pool = poolOf({ threads: 1, mostWaiting: 1 });
    const first = pool.run('simulate', long(100));
    const second = pool.run('simulate', long(1));
    const error = await refusal(pool.run('simulate', long(1)));
    expect(error).toMatchObject({ status: 503, code: 'busy', retryAfterSec: 5 });
    await Promise.all([first, second]);
    // Once there is room it is taken again.
    await pool.run('simulate', long(1));
  });

  it('is ended when it takes too long, and the next one is done all the same', async () => {
    const pool = poolOf({ threads: 1, patienceSec: { simulate: 0.1 } });
    await pool.run('planDay', day);
    const error = await refusal(pool.run('simulate', long(20_000)));
    expect(error).toMatchObject({ status: 503, code: 'tooLong' });
    expect((await pool.run('planDay', day)).ok).toBe(true);
  });

  it('is ended when nobody waits for it any more', async () => {
    const pool = poolOf({ threads: 1 });
    await pool.run('planDay', day);
    const gone = new AbortController();
    const work = pool.run('simulate', long(20_000), gone.signal);
    setTimeout(() => gone.abort(), 50);
    await expect(work).rejects.toThrow(/abort/i);
    expect((await pool.run('planDay', day)).ok).toBe(true);
  });
});

describe('the server under heavy work', () => {
  it('answers meanwhile, and refuses in the one shape when too much is asked', async () => {
    const app = await startServer(undefined, { threads: 1, mostWaiting: 2 });
    try {
      const heavy = {
        days: [{ ...day, breaks: [{ startMin: 600, kindId: 'short' }] }],
        settings: { weeks: 4000, people: 200 },
      };
      const asked = Array.from({ length: 6 }, () => app.fails('POST', '/api/simulate', heavy));
      expect((await app.get('/api/health')).status).toBe(200);
      const answers = await Promise.all(asked);
      const busy = answers.filter((a) => a.status === 503);
      expect(answers.every((a) => a.status === 200 || a.status === 503)).toBe(true);
      expect(busy.length).toBeGreaterThanOrEqual(2);
      expect(busy[0]?.body).toMatchObject({ code: 'busy', fields: [] });
      expect(busy[0]?.headers.get('retry-after')).toBe('5');
    } finally {
      await app.stop();
    }
  });
});
