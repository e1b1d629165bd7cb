import type { Feed, GivenState } from '@kotabi/core/model';
import ICAL from 'ical.js';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { givenWeeks } from '../db/schema';
import { edgeBreak, group, startServer } from './harness';

const clock = new Date();
let app: Awaited<ReturnType<typeof startServer>> | undefined;
// A Monday, ten to eleven in the morning by the clock of the group (UTC in winter).
beforeEach(async () => {
  await app?.stop();
  clock.setTime(Date.parse('2026-11-23T10:50:00Z'));
  app = await startServer(clock);
  await app.put('/api/groups/g1', { ...group, timeZone: 'Europe/Lisbon' });
  await app.put('/api/breaks/b1', edgeBreak);
});
afterAll(() => app?.stop());

const week = (monday: number[], tuesday: number[] = []) => ({
  id: 'w1',
  groupId: 'g1',
  startDate: '2026-11-23',
  rule: {},
  days: [
    { date: '2026-11-23', starts: monday },
    { date: '2026-11-24', starts: tuesday },
  ].map(({ date, starts }) => ({
    date,
    breaks: starts.map((startMin, i) => ({ id: `${date}.${i}`, startMin, kindId: 'short', breakId: 'b1' })),
  })),
});
const feed = async () => (await app!.send<Feed>('POST', '/api/groups/g1/feeds', {})).body;
const follow = async ({ token }: Feed) => {
  const { body } = await app!.get<string>(`/calendars/${token}.ics`);
  return new ICAL.Component(ICAL.parse(body)).getAllSubcomponents('vevent').map((e) => {
    const event = new ICAL.Event(e);
    return [
      event.startDate.toString().slice(5, 16),
      event.sequence,
      e.getFirstPropertyValue('status') === 'CONFIRMED',
      event.summary,
    ];
  });
};
const named = (list: unknown[][]) => list.map(([at, sequence, held]) => [at, sequence, held]);

describe('a week', () => {
  it('is a draft until it is given out, and again when that is taken back', async () => {
    const address = await feed();
    await app!.put('/api/weeks/w1', week([], [600]));
    expect(await follow(address)).toEqual([]);
    expect((await app!.get<GivenState | null>('/api/weeks/w1/given')).body).toBeNull();
    const { status, body } = await app!.give('w1');
    expect([status, body.hasBefore, body.givenAt]).toEqual([201, false, '2026-11-23T10:50:00.000Z']);
    expect(named(await follow(address))).toEqual([['11-24T10:00', 0, true]]);
    await app!.send('DELETE', '/api/weeks/w1/given');
    expect(named(await follow(address))).toEqual([['11-24T10:00', 1, false]]);
    // Taking back a draft changes nothing.
    expect((await app!.send('DELETE', '/api/weeks/w1/given')).body).toBeNull();
  });

  it('shows a change, in time and in content, when it is given out again; taking back goes one state back', async () => {
    const address = await feed();
    await app!.put('/api/weeks/w1', week([], [600, 700]));
    await app!.give('w1');
    const first = await follow(address);
    await app!.put('/api/weeks/w1', week([], [615]), 1);
    await app!.put('/api/breaks/b1', { ...edgeBreak, name: 'Another name' }, 1);
    expect(await follow(address)).toEqual(first);
    await app!.give('w1');
    const second = await follow(address);
    expect(named(second)).toEqual([
      ['11-24T10:15', 1, true],
      ['11-24T11:40', 1, false],
    ]);
    expect(second[0]![3]).toBe('Another name');
    // Asked again, nothing rises any more.
    expect(await follow(address)).toEqual(second);
    const { body } = await app!.send<GivenState>('DELETE', '/api/weeks/w1/given');
    expect(body.hasBefore).toBe(false);
    const back = await follow(address);
    expect(named(back)).toEqual([
      ['11-24T10:00', 2, true],
      ['11-24T11:40', 2, true],
    ]);
    expect(back[0]![3]).toBe(edgeBreak.name);
  });

  it('keeps what has passed as it was given out, whatever the draft says', async () => {
    const address = await feed();
    clock.setTime(Date.parse('2026-11-23T08:00:00Z'));
    await app!.put('/api/weeks/w1', week([600, 640, 700]));
    await app!.give('w1');
    expect(await follow(address)).toHaveLength(3);
    clock.setTime(Date.parse('2026-11-23T10:50:00Z'));
    // 10:00 and 10:40 have passed: one is taken out, one moved behind now; 11:40 is still to come.
    const changed = week([640, 700]);
    changed.days[0]!.breaks = [
      { id: '2026-11-23.1', startMin: 720, kindId: 'short', breakId: 'b1' },
      { id: '2026-11-23.2', startMin: 760, kindId: 'short', breakId: 'b1' },
    ];
    await app!.put('/api/weeks/w1', changed, 1);
    const { body } = await app!.give('w1');
    expect(body.week.days[0]!.breaks.map((b) => b.startMin)).toEqual([600, 640, 760]);
    expect(named(await follow(address))).toEqual([
      ['11-23T10:00', 0, true],
      ['11-23T10:40', 0, true],
      ['11-23T12:40', 1, true],
    ]);
  });

  it('begun in the middle of a day gives out only what is to come', async () => {
    await app!.put('/api/weeks/w1', week([600, 700], [600]));
    const { body } = await app!.give('w1');
    expect(body.week.days.map((d) => d.breaks.map((b) => b.startMin))).toEqual([[700], [600]]);
  });

  it('is not given out unseen: a version that is not the newest is refused', async () => {
    await app!.put('/api/weeks/w1', week([], [600]));
    await app!.put('/api/weeks/w1', week([], [630]), 1);
    const { status, body } = await app!.fails('POST', '/api/weeks/w1/given', { version: 1 });
    expect([status, body.fields[0]]).toEqual([
      409,
      { path: 'version', message: 'is not the newest version', bound: 2, value: 1 },
    ]);
    expect((await app!.get('/api/weeks/w1/given')).body).toBeNull();
  });

  it('takes what was given out with it when it is deleted', async () => {
    const address = await feed();
    await app!.put('/api/weeks/w1', week([], [600]));
    await app!.give('w1');
    expect(await follow(address)).toHaveLength(1);
    await app!.send('DELETE', '/api/weeks/w1');
    expect(named(await follow(address))).toEqual([['11-24T10:00', 1, false]]);
  });

  it('forgets a name with everything else that does', async () => {
    await app!.put('/api/people/p1', { id: 'p1', groupId: 'g1', name: 'Runa Ekholm', consent: true });
    await app!.put('/api/breaks/b1', { ...edgeBreak, name: 'For Runa Ekholm' }, 1);
    await app!.put('/api/weeks/w1', week([], [600]));
    await app!.give('w1');
    const { body } = await app!.get<{ texts: unknown[] }>('/api/people/p1/kept');
    await app!.send('POST', '/api/people/p1/forget', { places: body.texts });
    const rows = await app!.db.select().from(givenWeeks);
    expect(rows).toHaveLength(1);
    expect(JSON.stringify(rows)).not.toContain('Ekholm');
    expect(JSON.stringify(rows)).toContain('For ');
  });

  it('keeps busy times to itself', async () => {
    const busy = { id: 'm', label: 'talk with the doctor', startMin: 700, endMin: 760 };
    const plain = week([], [600]);
    await app!.put('/api/weeks/w1', { ...plain, days: plain.days.map((d) => ({ ...d, busy: [busy] })) });
    const { body } = await app!.give('w1');
    expect(JSON.stringify(body)).not.toContain('doctor');
  });
});

describe('what an instructor leads', () => {
  it('is one calendar of all groups, as given out, with nothing that others do by themselves', async () => {
    await app!.put('/api/groups/g2', { ...group, id: 'g2', name: 'Claims', timeZone: 'Europe/Lisbon' });
    const led = (id: string, groupId: string, startMin: number) => ({
      ...week([], [startMin, startMin + 60]),
      id,
      groupId,
      days: week([], [startMin, startMin + 60]).days.map((d) => ({
        ...d,
        breaks: d.breaks.map((b, i) => ({ ...b, led: i === 0 })),
      })),
    });
    const { body: address } = await app!.send<{ token: string }>('POST', '/api/led-feeds', {});
    await app!.put('/api/weeks/w1', led('w1', 'g1', 600));
    await app!.put('/api/weeks/w2', led('w2', 'g2', 700));
    expect(await follow(address as Feed)).toEqual([]);
    await app!.give('w1');
    await app!.give('w2');
    expect(await follow(address as Feed)).toEqual([
      ['11-24T10:00', 0, true, `${group.name}: ${edgeBreak.name}`],
      ['11-24T11:40', 0, true, `Claims: ${edgeBreak.name}`],
    ]);
    // Given out without it, it is withdrawn there as well.
    await app!.put('/api/weeks/w1', { ...led('w1', 'g1', 600), days: [] }, 1);
    await app!.give('w1');
    expect((await follow(address as Feed)).map(([at, sequence, held]) => [at, sequence, held])).toEqual([
      ['11-24T10:00', 1, false],
      ['11-24T11:40', 0, true],
    ]);
    expect((await app!.send('DELETE', `/api/led-feeds/${address.token}`)).status).toBe(204);
    expect((await app!.fails('GET', `/calendars/${address.token}.ics`)).status).toBe(410);
  });
});
