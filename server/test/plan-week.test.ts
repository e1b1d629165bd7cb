import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
});
afterAll(() => app.stop());

const day = { startMin: 540, endMin: 1050, offDesk: [{ startMin: 750, endMin: 795 }] };
type Planned = { breaks: { startMin: number; kindId: string }[]; cost: number };

describe('planning for scripts', () => {
  it('plans a day with listening and focus times, kinds and windows', async () => {
    const { status, body } = await app.send<Planned>('POST', '/api/plan-day', {
      ...day,
      listening: [{ startMin: 540, endMin: 750 }],
      kinds: [
        { id: 'quiet', lengthMin: 1, relief: 0.5, discreet: true },
        { id: 'short', lengthMin: 5, relief: 1, maxCount: 2 },
      ],
      windows: [{ fromMin: 900, untilMin: 1050, least: 1, most: 1, kindIds: ['short'] }],
    });
    expect(status).toBe(200);
    expect(body.breaks.filter((b) => b.startMin < 750).every((b) => b.kindId === 'quiet')).toBe(true);
    expect(body.breaks.filter((b) => b.startMin >= 900 && b.kindId === 'short')).toHaveLength(1);
    expect(body.breaks.filter((b) => b.kindId === 'short').length).toBeLessThanOrEqual(2);
  });

  it('plans a shift over midnight', async () => {
    const { body } = await app.send<Planned>('POST', '/api/plan-day', { startMin: 1320, endMin: 1800 });
    expect(body.breaks.some((b) => b.startMin > 1440)).toBe(true);
    const long = await app.fails('POST', '/api/plan-day', { startMin: 0, endMin: 1500 });
    expect(long.body.fields[0]).toMatchObject({ path: 'endMin' });
  });

  it('names the window that cannot be kept', async () => {
    const answer = await app.fails('POST', '/api/plan-day', {
      ...day,
      blocked: [{ startMin: 540, endMin: 750 }],
      windows: [{ fromMin: 540, untilMin: 750, least: 1 }],
    });
    expect(answer.body.message).toContain('between 09:00 and 12:30');
    const odd = await app.fails('POST', '/api/plan-day', {
      ...day,
      windows: [{ fromMin: 600, untilMin: 500 }],
    });
    expect(odd.body.fields[0]).toMatchObject({ path: 'windows.0.untilMin' });
  });

  it('plans a week, on the best days if asked, and names the day that cannot be planned', async () => {
    const busy = { ...day, blocked: [{ startMin: 600, endMin: 700 }] };
    const all = await app.send<{ days: Planned[] }>('POST', '/api/plan-week', { days: [day, busy] });
    expect(all.body.days.map((d) => d.cost)).toEqual([4945, expect.any(Number)]);
    const best = await app.send<{ days: Planned[] }>('POST', '/api/plan-week', {
      days: [day, busy, day],
      bestDays: 1,
    });
    expect(best.body.days.map((d) => d.breaks.length).sort()).toEqual([0, 0, 1]);
    const bad = await app.fails('POST', '/api/plan-week', { days: [day, { ...day, minCount: 90 }] });
    expect(bad.body.fields[0]).toMatchObject({ path: 'days.1.minCount', value: 90 });
  });

  it('simulates, the same for the same seed, within its bounds', async () => {
    const { body: plan } = await app.send<Planned>('POST', '/api/plan-day', day);
    const days = [{ ...day, breaks: plan.breaks }];
    const run = (settings: object) =>
      app.send<Record<string, number>>('POST', '/api/simulate', { days, settings });
    const sure = await run({ skip: 0, overrunMin: 0, weeks: 50 });
    expect(sure.body).toMatchObject({ underLimit: 1, missed: 0, donePerPersonAndWeek: plan.breaks.length });
    expect((await run({ seed: 4 })).body).toEqual((await run({ seed: 4 })).body);
    const much = await app.fails('POST', '/api/simulate', { days, settings: { weeks: 20_000, people: 200 } });
    expect(much.body.fields[0]).toMatchObject({ path: 'settings.weeks', bound: 10_000 });
    const odd = await app.fails('POST', '/api/simulate', { days, settings: { skip: 1.5 } });
    expect(odd.body.fields[0]).toMatchObject({ path: 'settings.skip', bound: 1, value: 1.5 });
    const unknown = await app.fails('POST', '/api/simulate', {
      days: [{ ...day, breaks: [{ startMin: 600, kindId: 'x' }] }],
    });
    expect(unknown.body.fields[0]).toMatchObject({ path: 'days.0.breaks.0.kindId', value: 'x' });
  });
});
